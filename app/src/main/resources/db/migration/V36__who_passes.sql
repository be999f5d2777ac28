-- How far off it passes where the dog sits, in metres, and what it was.
alter table watching add column metres double precision check (metres between 0.5 and 200);
alter table watching_tap add column kind text check (kind in ('DOG', 'PERSON', 'OTHER'));

-- Who passes at a place, counted without the dog.
create table place_count (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    place_id     bigint,
    began_at     timestamptz not null,
    minutes      int not null check (minutes between 1 and 60),
    dogs         int not null check (dogs between 0 and 500),
    people       int not null check (people between 0 and 500),
    others       int not null check (others between 0 and 500),
    received_at  timestamptz not null,
    undone_at    timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id) on delete set null (place_id)
);
create index place_count_of_household on place_count (practice_id, household_id, began_at);
create index place_count_place on place_count (place_id) where place_id is not null;
select protect_table('place_count');
select keep_rows('place_count', 'place_id', 'undone_at');
