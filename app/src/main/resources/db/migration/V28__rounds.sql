-- Work that runs by schedule: one instance at a time (ShedLock), and free to ask every practice what is due.
create table shedlock (
    name       varchar(64) primary key,
    lock_until timestamptz not null,
    locked_at  timestamptz not null,
    locked_by  varchar(255) not null
);
create policy round on judgement_due for select using (current_setting('cahier.round', true) = 'yes');

-- A week is planned by schedule too: what was asked for, and what no longer holds.
alter table week_plan add column asked   boolean not null default false,
                      add column due_at  timestamptz not null default now(),
                      add column version int not null default 0;
create index week_plan_due on week_plan (due_at);
create policy round on week_plan for select using (current_setting('cahier.round', true) = 'yes');
