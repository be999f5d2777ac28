-- When somebody is free, can help, or is out with the dogs, as they wrote it for every week.
create table week_hours (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    who          text not null check (who in ('PERSON', 'FRIEND', 'STRANGER', 'WALK')),
    person_id    bigint,
    hours        text not null check (hours <> ''),
    check ((who = 'PERSON') = (person_id is not null)),
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, person_id) references person (practice_id, household_id, id) on delete cascade
);
create unique index week_hours_of on week_hours (household_id, who, coalesce(person_id, 0));

-- Times of one day that a calendar file said somebody is free or busy; they add to the hours of every week, or take from them.
create table dated_hours (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    person_id    bigint not null,
    starts_at    timestamptz not null,
    ends_at      timestamptz not null check (ends_at > starts_at),
    free         boolean not null,
    foreign key (practice_id, household_id, person_id) references person (practice_id, household_id, id) on delete cascade
);
create index dated_hours_of on dated_hours (practice_id, household_id, ends_at);

-- The week as it was planned last, one for each household that wants one.
create table week_plan (
    household_id bigint primary key,
    practice_id  bigint not null,
    planned_at   timestamptz not null,
    first_day    date not null,
    homework_id  bigint not null,
    unmet        text not null,
    weather      text not null,
    hot          text not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create table planned_session (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    step_id      bigint not null,
    dog_id       bigint not null,
    person_id    bigint not null,
    starts_at    timestamptz not null,
    minutes      int not null check (minutes between 1 and 180),
    pinned       boolean not null,
    broken       text not null,
    foreign key (practice_id, household_id) references household (practice_id, id),
    foreign key (practice_id, household_id, person_id) references person (practice_id, household_id, id) on delete cascade
);
create index planned_session_of on planned_session (practice_id, household_id, starts_at);

alter table place add column outdoors boolean not null default false;
alter table place add column busy text not null default '';
update place set outdoors = true where lower(name) in ('garden', 'front path', 'street', 'park', 'yard', 'front door', 'pavement', 'entrance', 'orchard', 'field path', 'lane', 'field', 'wood', 'beach');

do $$
declare t text;
begin
    foreach t in array array['week_hours', 'dated_hours', 'week_plan', 'planned_session'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
