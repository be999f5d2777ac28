-- A set-up worked out on the bench and kept for a household. Never changed: what a sheet said when it went out can be drawn again.
create table setup (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    place_id     bigint,
    kind         text not null check (kind in ('SIGHT', 'TRIANGLE')),
    title        text not null check (title <> ''),
    address      text not null,
    kept_at      timestamptz not null,
    kept_by      text not null,
    gone_at      timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id) on delete set null (place_id)
);
create index setup_of_household on setup (practice_id, household_id, kept_at);

-- How far something is that everyone in the household can point at.
create table landmark (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    name         text not null check (name <> ''),
    metres       double precision not null check (metres > 0 and metres <= 1000),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index landmark_name on landmark (household_id, lower(name));

-- A noise has a loudness beside its distance: 1 hardly heard to 5 as loud as it gets, 0 for everything else.
alter table exposure add column loudness int not null default 0 check (loudness between 0 and 5);
alter table exposure add column noted_by text not null default '';
alter table working_distance add column loudness int not null default 0 check (loudness between 0 and 5);
alter table working_distance add column own_step double precision check (own_step >= 0.1 and own_step <= 100);
alter table working_distance add column goal double precision check (goal >= 1 and goal <= 1000);

-- One long sitting in one place, and what was tapped in it.
create table watching (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    place_id     bigint,
    began_at     timestamptz not null,
    carried      int not null default 0 check (carried between 0 and 2000),
    received_at  timestamptz not null,
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id) on delete set null (place_id)
);
create index watching_of_household on watching (practice_id, household_id, began_at);
create table watching_tap (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    watching_id  uuid not null,
    seen         text not null check (seen in ('CALM', 'REACTED', 'ATE', 'REFUSED', 'END')),
    happened_at  timestamptz not null,
    undone_at    timestamptz,
    foreign key (practice_id, household_id, watching_id) references watching (practice_id, household_id, id)
);
create index watching_tap_of on watching_tap (practice_id, household_id, watching_id, happened_at);

-- One walk from the door and home again.
create table outing (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    paces        int not null check (paces between 0 and 20000),
    calm_paces   int not null check (calm_paces between 0 and paces),
    round_paces  int check (round_paces between 1 and 20000),
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    undone_at    timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index outing_of_household on outing (practice_id, household_id, dog_id, happened_at);

do $$
declare t text;
begin
    foreach t in array array['setup', 'landmark', 'watching', 'watching_tap', 'outing'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
