-- What the trainer decided reaches the phone at once, and an alarm reaches a person.

-- A track that the trainer rested after a call comes back only by the trainer's hand.
alter table track add column rests_since timestamptz, add column rests_why text not null default '';

-- A sheet says what rests; one that only follows a decision was not sent; one that was taken back is not out any more.
alter table homework add column rests   jsonb not null default '[]',
                     add column follows boolean not null default false;
create table homework_withdrawn (
    homework_id  bigint primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    at           timestamptz not null,
    by_trainer   text not null,
    foreign key (practice_id, household_id, homework_id) references homework (practice_id, household_id, id)
);
create index homework_withdrawn_of on homework_withdrawn (practice_id, household_id);

-- Telephone numbers as +44...; the country is for those who type a number without it.
alter table practice add column country text not null default '' check (country ~ '^([A-Z]{2})?$'),
                     add column questions_by_mail boolean not null default true;
alter table trainer add column phone text not null default '' check (phone ~ '^(\+[0-9]{4,15})?$');
alter table person add column phone text not null default '' check (phone ~ '^(\+[0-9]{4,15})?$');
alter table household add column emergency text not null default '' check (length(emergency) <= 400),
                      add column emergency_phone text not null default '' check (emergency_phone ~ '^(\+[0-9]{4,15})?$');

-- The adult who is there when somebody under 16 practises: usually, and at this rep.
alter table person add column adult_id bigint,
                   add foreign key (practice_id, household_id, adult_id) references person (practice_id, household_id, id);
alter table rep add column adult_id bigint,
                add foreign key (practice_id, household_id, adult_id) references person (practice_id, household_id, id);
create index rep_adult on rep (practice_id, household_id, adult_id) where adult_id is not null;
create index person_adult on person (practice_id, household_id, adult_id) where adult_id is not null;

-- Who saw an alarm first, and who was spoken with about it.
alter table alarm add column opened_at   timestamptz,
                  add column spoken_with text not null default '';
create index alarm_of_household on alarm (practice_id, household_id, happened_at);

-- Mail to trainers: an alarm at once, questions once a day.
alter table mail alter column household_id drop not null,
                 add column alarm_id uuid references alarm,
                 drop constraint mail_kind_check,
                 add constraint mail_kind_check check (kind in ('HOMEWORK', 'ANSWER', 'ALARM', 'QUESTIONS'));
create index mail_of_alarm on mail (alarm_id) where alarm_id is not null;
create index mail_of_homework on mail (practice_id, household_id, homework_id);
alter table mail_text drop constraint mail_text_kind_check,
                      add constraint mail_text_kind_check check (kind in ('HOMEWORK', 'ANSWER', 'STRANGERS', 'ALARM', 'QUESTIONS'));

-- What was tapped although it should have rested, or by somebody who should not have: kept, and shown to the trainer.
create table tap_mark (
    practice_id  bigint not null,
    household_id bigint not null,
    kind         text not null check (kind in ('REP', 'EXPOSURE', 'WATCHING', 'WALK', 'DEPARTURE', 'TOUCH')),
    tap_id       uuid not null,
    dog_id       bigint not null,
    track_id     bigint,
    person_id    bigint,
    happened_at  timestamptz not null,
    why          text not null check (why <> ''),
    primary key (practice_id, kind, tap_id),
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id),
    foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
    foreign key (practice_id, household_id, person_id) references person (practice_id, household_id, id)
);
create index tap_mark_of on tap_mark (practice_id, household_id, happened_at);

-- A fact that was removed, as it stood, so that it can be put back.
create table removed_fact (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    kind         text not null check (kind in ('PEOPLE', 'DOGS', 'PLACES', 'WORDS', 'LESSONS')),
    body         jsonb not null,
    removed_at   timestamptz not null default now(),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index removed_fact_of on removed_fact (practice_id, household_id);

do $$
declare t text;
begin
    foreach t in array array['homework_withdrawn', 'tap_mark', 'removed_fact'] loop
        execute format('alter table %I enable row level security', t);
        execute format('alter table %I force row level security', t);
        execute format('create policy own on %I using (practice_id = current_practice())', t);
    end loop;
end $$;
create trigger homework_withdrawn_is_kept before update or delete on homework_withdrawn for each row execute function refuse_change();
create trigger tap_mark_is_kept before update or delete on tap_mark for each row execute function refuse_change();
