create table track (
    id            bigint generated always as identity primary key,
    practice_id   bigint not null,
    household_id  bigint not null,
    dog_id        bigint not null,
    title         text not null check (title <> ''),
    goal          text not null default '',
    plan          text not null default '',
    kind          text not null check (kind in ('SKILL', 'COMFORT')),
    position      int not null,
    stale_days    int not null default 7 check (stale_days between 1 and 365),
    done_at       timestamptz,
    version       int not null default 0,
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id)
);
create index track_of_household on track (practice_id, household_id, position);

-- A removed step stays: reps and decisions point at it.
create table step (
    id             bigint generated always as identity primary key,
    practice_id    bigint not null,
    household_id   bigint not null,
    track_id       bigint not null,
    position       int not null,
    title          text not null check (title <> ''),
    how            text not null default '',
    place          text not null default '',
    distance_m     double precision check (distance_m between 0 and 1000),
    duration_s     double precision check (duration_s between 0 and 14400),
    distraction    text not null default '',
    who            text not null default '',
    lure           boolean not null default false,
    word           text not null default '',
    run            int not null check (run between 1 and 100),
    reps           int not null check (reps between 1 and 100),
    sessions       int not null check (sessions between 1 and 20),
    minutes        int not null check (minutes between 1 and 180),
    on_miss        text not null default '',
    cautions       text not null default '',
    removed_at     timestamptz,
    made_at        timestamptz not null,
    version        int not null default 0,
    unique (practice_id, track_id, id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id)
);
create index step_of_track on step (practice_id, track_id, position);

-- A visit to a step begins when a decision or the trainer puts the dog on it, and ends when one takes it off.
create table visit (
    id             bigint generated always as identity primary key,
    practice_id    bigint not null,
    track_id       bigint not null,
    step_id        bigint not null,
    entered_at     timestamptz not null,
    entered_by     text check (entered_by in ('UP', 'BACK', 'SPLIT', 'MOVED')),
    entered_cause  text,
    left_at        timestamptz,
    left_by        text,
    undone         boolean not null default false,
    foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id)
);
create unique index visit_open on visit (track_id) where left_at is null and not undone;
create index visit_of_track on visit (practice_id, track_id, entered_at);

do $$
declare t text;
begin
    foreach t in array array['track', 'step', 'visit'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
