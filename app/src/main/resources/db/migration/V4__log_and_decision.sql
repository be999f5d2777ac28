-- One sitting as the phone counts it. The rules join sittings into sessions.
create table sitting (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    started_at   timestamptz not null,
    ended_at     timestamptz,
    ended_how    text check (ended_how in ('EAGER', 'FLAT', 'FRUSTRATED', 'STOPPED')),
    note         text not null default '',
    unique (practice_id, household_id, id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index sitting_of_household on sitting (practice_id, household_id, started_at);

-- Reps are only ever added. at is what the phone said, happened_at never lies after the rep arrived.
create table rep (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    step_id      bigint not null,
    visit_id     bigint references visit, -- none for a step the dog was never put on
    sitting_id   uuid not null,
    outcome      text not null check (outcome in ('CLEAN', 'HELPED', 'MISSED', 'TOO_MUCH')),
    role         text not null check (role in ('WORK', 'EASE', 'REFRESH', 'PROBE', 'WIN', 'SHOWN')),
    at           timestamptz not null,
    received_at  timestamptz not null,
    happened_at  timestamptz not null,
    person_id    bigint,
    place_id     bigint,
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id),
    foreign key (practice_id, household_id, sitting_id) references sitting (practice_id, household_id, id),
    foreign key (practice_id, household_id, person_id) references person (practice_id, household_id, id),
    foreign key (practice_id, household_id, place_id) references place (practice_id, household_id, id)
);
create index rep_of_track on rep (practice_id, track_id, happened_at);
create index rep_of_household on rep (practice_id, household_id, happened_at);

create table rep_void (
    rep_id      uuid primary key references rep,
    practice_id bigint not null references practice,
    at          timestamptz not null,
    by_trainer  bigint
);

-- What lists and drawings read: one row a track, step and day, kept in the transaction that stores or voids a rep.
create table practice_day (
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    step_id      bigint not null,
    day          date not null,
    clean        int not null default 0,
    helped       int not null default 0,
    missed       int not null default 0,
    too_much     int not null default 0,
    primary key (track_id, step_id, day),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id)
);
create index practice_day_of_household on practice_day (practice_id, household_id, day);

-- Every suggestion that stood in a margin, with the evidence it was made on and the trainer's answer. Never deleted.
create table decision (
    id            bigint generated always as identity primary key,
    practice_id   bigint not null,
    household_id  bigint not null,
    track_id      bigint not null,
    step_id       bigint not null,
    visit_id      bigint not null references visit,
    made_at       timestamptz not null,
    suggested     text not null,
    cause         text not null,
    suggestion    jsonb not null,
    state         text not null check (state in ('OPEN', 'ACCEPTED', 'OVERRULED', 'REPLACED', 'UNDONE')),
    answer        text,
    answered_at   timestamptz,
    answered_by   text,
    why           text not null default '',
    new_visit_id  bigint references visit,
    version       int not null default 0,
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id)
);
create unique index decision_open on decision (track_id) where state = 'OPEN';
create index decision_of_track on decision (practice_id, track_id, made_at);

-- When the suggestion of a track must be looked at again: a session closes, or a day passes.
create table judgement_due (
    track_id    bigint primary key references track,
    practice_id bigint not null,
    due_at      timestamptz not null,
    gap_person  text not null default '',
    gap_times   int not null default 0,
    gap_counted timestamptz
);
create index judgement_due_next on judgement_due (practice_id, due_at);

do $$
declare t text;
begin
    foreach t in array array['sitting', 'rep', 'rep_void', 'practice_day', 'decision', 'judgement_due'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;

create function refuse_change() returns trigger language plpgsql as $$
begin
    raise exception '% rows are only ever added', tg_table_name;
end $$;

create trigger rep_is_kept before update or delete on rep for each row execute function refuse_change();
create trigger void_is_kept before update or delete on rep_void for each row execute function refuse_change();
