-- First contact: what is wanted, what was tried, who may handle, health, red flags, dangers, baselines, words, method.

alter table person add column may_handle boolean not null default true,
                   add column confident  boolean not null default false,
                   add column pace_cm    int check (pace_cm between 20 and 150);

alter table place add column surface  text not null default '',
                  add column passers  text not null default '',
                  add column enclosed boolean not null default false,
                  add column signal   boolean not null default true;

-- One word may be agreed for each dog on its own; a clash is shown, not refused.
drop index word_once;
alter table word add column dog_id bigint,
                 add column signal text not null default 'VOICE' check (signal in ('VOICE', 'HAND', 'WHISTLE')),
                 add column role   text not null default 'CUE' check (role in ('CUE', 'PAID', 'GO_ON', 'TRY_AGAIN', 'RELEASE')),
                 add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
create unique index word_once on word (household_id, lower(word), lower(meaning), coalesce(dog_id, 0), signal);

alter table track add column topic text not null default 'EVERYDAY'
    check (topic in ('EVERYDAY', 'BODY', 'ITEMS', 'PEOPLE', 'DOGS', 'HANDLING', 'ALONE', 'NOISE'));

-- What must be seen to first, printed above the exercises of a sheet.
alter table homework add column first_of_all text not null default '';

create table intake (
    household_id  bigint primary key,
    practice_id   bigint not null,
    home_kind     text not null default '' check (home_kind in ('', 'HOUSE', 'TERRACE', 'FLAT', 'FARM')),
    tried         text not null default '',
    asked_for     text not null default '',
    other_animals text not null default '',
    daily_minutes int check (daily_minutes between 1 and 600),
    leads         text not null default '',
    equipment     text not null default '',
    version       int not null default 0,
    foreign key (practice_id, household_id) references household (practice_id, id)
);

-- In the owner's own words, most important first.
create table wish (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    position     int not null,
    words        text not null check (words <> ''),
    topic        text not null check (topic in ('EVERYDAY', 'BODY', 'ITEMS', 'PEOPLE', 'DOGS', 'HANDLING', 'ALONE', 'NOISE')),
    mover        text check (mover in ('STARTLED', 'AFRAID', 'CHASING', 'TRAINED', 'OVEREXCITED')),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index wish_of_household on wish (practice_id, household_id, position);

create table dog_care (
    dog_id        bigint primary key,
    practice_id   bigint not null,
    household_id  bigint not null,
    neutered      boolean,
    health        text not null default '',
    food          text not null default '',
    kcal_100g     int check (kcal_100g between 20 and 900),
    motivators    text not null default '',
    recall_reward text not null default '',
    fears         text not null default '',
    history       text not null default '',
    version       int not null default 0,
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id) on delete cascade
);

-- A red flag is never deleted; raised by mistake it is withdrawn, which keeps it.
create table gate (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    flag         text not null check (flag in ('BITE', 'CHILD_THREATENED', 'SUDDEN_CHANGE', 'PAIN', 'SELF_INJURY', 'PANIC_ALONE')),
    what         text not null,
    raised_on    date not null,
    raised_by    text not null,
    cleared_by   text check (cleared_by in ('VET', 'BEHAVIOURIST')),
    cleared_name text,
    cleared_on   date,
    cleared_note text not null default '',
    withdrawn_at timestamptz,
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id)
);
create unique index gate_stands on gate (dog_id, flag) where cleared_on is null and withdrawn_at is null;
create index gate_of_household on gate (practice_id, household_id);

create table danger (
    practice_id  bigint not null,
    household_id bigint not null,
    danger       text not null,
    state        text not null check (state in ('DONE', 'ON_SHEET')),
    at           timestamptz not null,
    by_trainer   text not null,
    primary key (household_id, danger),
    foreign key (practice_id, household_id) references household (practice_id, id)
);

-- Dated and kept; a baseline that is still being taken has no closing time.
create table baseline (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    kind         text not null check (kind in ('COLD_TEST', 'FOOD', 'DISTANCE', 'ZONES', 'LIES', 'WATCH')),
    about        text not null default '',
    body         jsonb not null default '{}',
    begun_at     timestamptz not null,
    closed_at    timestamptz,
    taken_by     text not null,
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id)
);
create index baseline_of_dog on baseline (practice_id, dog_id, begun_at);

create table method_choice (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null references practice,
    household_id bigint,
    question     text not null,
    choice       text not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index method_choice_once on method_choice (practice_id, coalesce(household_id, 0), question);

do $$
declare t text;
begin
    foreach t in array array['intake', 'wish', 'dog_care', 'gate', 'danger', 'baseline', 'method_choice'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
