-- One departure: how long the dog was left, and after how long it was upset.
create table departure (
    id            uuid primary key,
    practice_id   bigint not null,
    household_id  bigint not null,
    dog_id        bigint not null,
    sitting_id    uuid not null,
    left_s        int not null check (left_s between 1 and 43200),
    upset_after_s int check (upset_after_s between 0 and left_s),
    happened_at   timestamptz not null,
    received_at   timestamptz not null,
    noted_by      text not null default '',
    undone_at     timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index departure_of_dog on departure (practice_id, household_id, dog_id, happened_at);

-- Hours in which nobody of the household is at home, and who is with the dog then; nobody yet where that is empty.
create table hours_away (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    weekday      int not null check (weekday between 1 and 7),
    from_min     int not null check (from_min between 0 and 1439),
    to_min       int not null check (to_min > from_min and to_min <= 1440),
    cover        text not null default '',
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index hours_away_of on hours_away (practice_id, household_id, weekday, from_min);

-- How easy a touch is, as it was found; only ever added, so that the map of any past day can be drawn.
create table comfort (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    zone         text not null,
    comfort      int not null check (comfort between 0 and 4),
    set_at       timestamptz not null,
    set_by       text not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index comfort_of_dog on comfort (practice_id, household_id, dog_id, set_at);

-- One touch of one zone in a session.
create table touch (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    sitting_id   uuid not null,
    zone         text not null,
    seconds      int not null check (seconds between 0 and 600),
    seen         text not null check (seen in ('CALM', 'STIFF', 'FLINCH', 'LEFT')),
    came_back    boolean,
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    noted_by     text not null default '',
    undone_at    timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index touch_of_dog on touch (practice_id, household_id, dog_id, happened_at);

-- Where the hand has to be in the end, as the trainer has it for each dog.
create table handling_target (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    zone         text not null,
    set_at       timestamptz not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index handling_target_of_dog on handling_target (practice_id, household_id, dog_id, set_at);

do $$
declare t text;
begin
    foreach t in array array['departure', 'hours_away', 'comfort', 'touch', 'handling_target'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
