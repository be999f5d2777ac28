-- What passes a step may go by how often it is practised.
alter table step drop constraint step_pass_check,
                 add constraint step_pass_check check (pass in ('RUN', 'RATE_80', 'RATE_90', 'BLOCKS', 'CALM', 'ODDS', 'HOLD', 'RHYTHM'));
-- Three sessions a week or more, as of the day the dog came to its step.
alter table track add column often boolean not null default true;
