-- One dog met one trigger: how far it was, what the dog did. Kept as it was given; never changed, only taken back.
create table exposure (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    kind         text not null check (kind in ('DOG', 'PERSON', 'CHILD', 'RUNNER', 'CYCLE', 'VEHICLE', 'LIVESTOCK', 'NOISE', 'OTHER')),
    metres       double precision not null check (metres > 0 and metres <= 1000),
    given        text not null,
    response     text not null check (response in ('UNPROMPTED', 'PROMPTED', 'STARED', 'REACTED')),
    food         text not null default '' check (food in ('', 'TAKEN', 'REFUSED', 'LATE')),
    calm_after_s int check (calm_after_s between 0 and 3600),
    place_id     bigint,
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    undone_at    timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id)
);
create index exposure_of_dog on exposure (practice_id, household_id, dog_id, kind, happened_at);

-- Where a dog works with a kind of trigger now, as the trainer has it.
create table working_distance (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    kind         text not null,
    metres       double precision not null check (metres > 0 and metres <= 1000),
    set_at       timestamptz not null,
    set_by       text not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index working_distance_of_dog on working_distance (practice_id, household_id, dog_id, kind, set_at);

do $$
declare t text;
begin
    foreach t in array array['exposure', 'working_distance'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
