-- Something that happened for real: on the timeline, never evidence.
create table incident (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    kind         text not null check (kind in ('VISITOR', 'DOG', 'PERSON', 'RUNNER', 'CYCLE', 'NOISE', 'OTHER')),
    went         text not null check (went in ('CALM', 'SETTLED', 'TOO_MUCH')),
    distance_m   double precision check (distance_m between 0 and 1000),
    place_id     bigint,
    words        text not null default '',
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id)
);
create index incident_of_household on incident (practice_id, household_id, happened_at);

alter table incident enable row level security;
alter table incident force row level security;
create policy own on incident using (practice_id = current_practice());
