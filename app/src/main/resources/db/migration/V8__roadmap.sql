-- A step also says how it is taught, and which step of its template it was made from.
alter table step add column aid text not null default 'NONE' check (aid in ('FULL_LURE', 'HAND', 'POINT', 'PROP', 'NONE')),
                 add column teaching jsonb not null default '{}',
                 add column template_key text not null default '';
update step set aid = 'FULL_LURE' where lure;
alter table step drop column lure;

-- school: the choices with which the template's steps were written last.
alter table track add column template     text not null default '',
                  add column school       text not null default '',
                  add column parked_until date;

-- From one step on, a track waits until another step is passed.
create table need (
    id             bigint generated always as identity primary key,
    practice_id    bigint not null,
    household_id   bigint not null,
    track_id       bigint not null,
    step_id        bigint not null,
    first_track_id bigint not null,
    first_step_id  bigint not null,
    unique (step_id, first_step_id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, household_id, first_track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id),
    foreign key (practice_id, first_track_id, first_step_id) references step (practice_id, track_id, id)
);
create index need_of_household on need (practice_id, household_id);

-- Two tracks that never share a session while they are learnt.
create table apart (
    practice_id  bigint not null,
    household_id bigint not null,
    track_id     bigint not null,
    other_id     bigint not null,
    primary key (track_id, other_id),
    check (track_id < other_id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, household_id, other_id) references track (practice_id, household_id, id)
);
create index apart_of_household on apart (practice_id, household_id);

-- An object that rests for a while because it makes the dog silly.
create table parked_item (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    item         text not null check (item <> ''),
    until        date not null,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index parked_item_of_household on parked_item (practice_id, household_id, until);

-- A practice's own templates, in the format that docs/formats describes. Seen by its trainer until shared.
create table own_template (
    id          bigint generated always as identity primary key,
    practice_id bigint not null references practice,
    trainer_id  bigint not null references trainer,
    made_by     text not null,
    shared      boolean not null default false,
    body        jsonb not null,
    made_at     timestamptz not null,
    removed_at  timestamptz,
    version     int not null default 0
);
create index own_template_of_practice on own_template (practice_id);

do $$
declare t text;
begin
    foreach t in array array['need', 'apart', 'parked_item', 'own_template'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
