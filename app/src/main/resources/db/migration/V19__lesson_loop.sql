-- What the owner showed back at a lesson: right, or not yet.
create table lesson_shown (
    practice_id bigint not null references practice,
    lesson_id   bigint not null references lesson,
    what        text not null check (what in ('MARKER', 'ONE_CUE', 'FOOD_HAND', 'SLACK_LEAD')),
    fine        boolean not null,
    primary key (lesson_id, what)
);

-- When the trainer is busy otherwise, read in from a calendar file; each file replaces the one before.
create table busy (
    id          bigint generated always as identity primary key,
    practice_id bigint not null references practice,
    starts_at   timestamptz not null,
    ends_at     timestamptz not null,
    title       text not null,
    check (ends_at > starts_at)
);
create index busy_of_practice on busy (practice_id, starts_at);

-- The times of day at which a household means to practise, in its own time.
create table practice_time (
    practice_id  bigint not null,
    household_id bigint not null,
    at           time not null,
    primary key (household_id, at),
    foreign key (practice_id, household_id) references household (practice_id, id)
);

do $$
declare t text;
begin
    foreach t in array array['lesson_shown', 'busy', 'practice_time'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
