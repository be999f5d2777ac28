-- One test at a time when a step stalls: what is changed for five reps.
create table probe (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    visit_id     bigint not null references visit,
    kind         text not null check (kind in ('PLACE', 'REWARD', 'AID', 'CONTEXT')),
    asked_at     timestamptz not null,
    asked_by     text not null,
    unique (visit_id, kind),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id)
);
create index probe_of_visit on probe (practice_id, visit_id);
alter table probe enable row level security;
alter table probe force row level security;
create policy own on probe using (practice_id = current_practice());
