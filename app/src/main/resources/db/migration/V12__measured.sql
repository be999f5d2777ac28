-- A rep may say how long it lasted, with which hand and item, and who helped.
alter table rep add column value  double precision check (value between 0 and 14400),
                add column side   text check (side in ('LEFT', 'RIGHT')),
                add column item   text not null default '',
                add column helper text not null default '';

-- How often the lead went on, and how often that ended the outing.
alter table sitting add column lead_on   int not null default 0 check (lead_on between 0 and 100),
                    add column lead_home int not null default 0 check (lead_home between 0 and lead_on);

alter table step drop constraint step_pass_check,
                 add constraint step_pass_check check (pass in ('RUN', 'RATE_80', 'RATE_90', 'BLOCKS', 'CALM', 'ODDS', 'HOLD'));
