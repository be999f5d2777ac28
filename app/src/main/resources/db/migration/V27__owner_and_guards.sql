-- Who may see a row, and what may become of it, in one place each; docs/decisions/0019-an-owner-for-the-tables.md.

-- Every table with data of a practice: seen by that practice, and by the migrations.
create function protect_table(t regclass) returns void language plpgsql as $$
begin
    execute format('alter table %s enable row level security', t);
    execute format('alter table %s force row level security', t);
    execute format('create policy own on %s using (practice_id = current_practice())', t);
    execute format('create policy migration on %s to current_user using (true) with check (true)', t);
end $$;

-- Rows that stay as they were stored, but for the columns named as arguments of the trigger.
create function refuse_change_but() returns trigger language plpgsql as $$
begin
    if to_jsonb(old) - tg_argv <> to_jsonb(new) - tg_argv then
        raise exception '% rows are only ever added; of one that is there % may change', tg_table_name,
            coalesce(nullif(array_to_string(tg_argv, ', '), ''), 'nothing');
    end if;
    return new;
end $$;

-- Rows are never deleted, and only the columns named here may change once they are there.
create function keep_rows(t regclass, variadic may_change text[] default '{}') returns void language plpgsql as $$
declare
    name text := (select relname from pg_class where oid = t);
    columns text := (select string_agg(quote_literal(c), ', ') from unnest(may_change) c);
begin
    execute format('create trigger %I before delete on %s for each row execute function refuse_change()', name || '_is_never_deleted', t);
    execute format('create trigger %I before update on %s for each row execute function refuse_change_but(%s)', name || '_is_kept', t, coalesce(columns, ''));
end $$;

-- What could not be mended by a migration, for the trainer to look at.
create table update_note (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    words        text not null check (words <> ''),
    seen_at      timestamptz,
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create index update_note_of_household on update_note (practice_id, household_id) where seen_at is null;
select protect_table('update_note');

-- Until now migrations ran as the application's role, which sees no row without a practice: V8, V15 and V25 changed nothing.
create temporary table ran on commit drop as
    select version, installed_on at time zone current_setting('TimeZone') as at from flyway_schema_history
    where version in ('8', '15', '25') and installed_by <> current_user;

update lesson set state = 'GIVEN'
where state = 'PLANNED' and starts_at + minutes * interval '1 minute' < (select at from ran where version = '15');

with outside as (
    update place set outdoors = true
    where exists (select 1 from ran where version = '25') and not outdoors
      and lower(name) in ('garden', 'front path', 'street', 'park', 'yard', 'front door', 'pavement', 'entrance', 'orchard', 'field path', 'lane', 'field', 'wood', 'beach')
    returning practice_id, household_id, name
)
insert into update_note (practice_id, household_id, words)
select practice_id, household_id, 'Out of doors now, so that heat and cold count there: ' || string_agg(name, ', ' order by name)
           || '. An earlier update had left that out; change it under Places where it is wrong.'
from outside group by practice_id, household_id;

insert into update_note (practice_id, household_id, words)
select t.practice_id, t.household_id, 'How the steps of “' || t.title || '” were taught, with food in the hand or without, was lost in an earlier update: '
           || string_agg(s.title, ', ' order by s.position) || '. Say it again where it matters.'
from step s join track t on t.id = s.track_id
where s.aid = 'NONE' and s.removed_at is null and s.made_at < (select at from ran where version = '8')
group by t.practice_id, t.household_id, t.id, t.title;

-- A dog could be removed although minutes of its practice were logged beside the reps. It comes back, so that they hang on something.
do $$
declare t text;
begin
    foreach t in array array['exposure', 'working_distance', 'watching', 'outing', 'departure', 'comfort', 'touch', 'handling_target'] loop
        execute format($sql$
            with gone as (
                select distinct x.practice_id, x.household_id, x.dog_id from %I x where not exists (select 1 from dog d where d.id = x.dog_id)
            ), back as (
                insert into dog (id, practice_id, household_id, name, looks, born, weight_g) overriding system value
                select g.dog_id, g.practice_id, g.household_id,
                       case when r.body is null or exists (select 1 from dog d where d.household_id = g.household_id and lower(d.name) = lower(r.body ->> 'name'))
                            then 'Removed dog ' || g.dog_id else r.body ->> 'name' end,
                       coalesce(r.body ->> 'looks', ''), (r.body ->> 'born')::date, (r.body ->> 'weight_g')::int
                from gone g left join lateral (
                    select body from removed_fact r where r.practice_id = g.practice_id and r.household_id = g.household_id and r.kind = 'DOGS'
                       and (r.body ->> 'id')::bigint = g.dog_id order by r.id desc limit 1) r on true
                returning practice_id, household_id, id, name
            ), used as (
                delete from removed_fact r using back b where r.practice_id = b.practice_id and r.kind = 'DOGS' and (r.body ->> 'id')::bigint = b.id
            )
            insert into update_note (practice_id, household_id, words)
            select practice_id, household_id, name || ' is back among the dogs: something was logged that would belong to no dog without it.' from back
            $sql$, t);
    end loop;
end $$;
-- A planned week is worked out anew; what it says of somebody who is gone is not worth keeping.
delete from planned_session p where not exists (select 1 from dog d where d.practice_id = p.practice_id and d.household_id = p.household_id and d.id = p.dog_id);

-- What names a dog, a person, a place, a track, a step or a sheet names one of the same household.
alter table exposure add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table working_distance add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table watching add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table outing add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table departure add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table comfort add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table touch add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table handling_target add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id);
alter table planned_session add foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id) on delete cascade,
                            add foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id),
                            add foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id);
alter table decision add foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id);
alter table practice_day add foreign key (practice_id, track_id, step_id) references step (practice_id, track_id, id);
alter table kept_forecast add foreign key (practice_id, household_id, track_id) references track (practice_id, household_id, id);
alter table mail add foreign key (practice_id, household_id, homework_id) references homework (practice_id, household_id, id);
alter table week_plan alter column homework_id drop not null; -- none went out yet
update week_plan set homework_id = null where homework_id = 0;
alter table week_plan add foreign key (practice_id, household_id, homework_id) references homework (practice_id, household_id, id);
alter table judgement_due add foreign key (practice_id) references practice;
alter table rep_void add foreign key (by_trainer) references trainer;

-- Looked up: by what hangs on them, and when somebody, some dog or some place is removed.
create index rep_of_visit on rep (visit_id);
create index rep_of_sitting on rep (sitting_id);
create index rep_person on rep (person_id) where person_id is not null;
create index rep_place on rep (place_id) where place_id is not null;
create index visit_of_step on visit (practice_id, step_id);
create index decision_of_visit on decision (visit_id);
create index lesson_of_practice on lesson (practice_id, starts_at);
create index word_dog on word (dog_id) where dog_id is not null;
create index track_dog on track (dog_id);
create index incident_place on incident (place_id) where place_id is not null;
create index exposure_place on exposure (place_id) where place_id is not null;
create index setup_place on setup (place_id) where place_id is not null;
create index watching_place on watching (place_id) where place_id is not null;
create index watching_dog on watching (dog_id);
create index week_hours_person on week_hours (person_id) where person_id is not null;
create index dated_hours_person on dated_hours (person_id);
create index planned_session_person on planned_session (person_id);
create index planned_session_dog on planned_session (dog_id);
create index tap_mark_dog on tap_mark (dog_id);
create index tap_mark_person on tap_mark (person_id) where person_id is not null;

-- Never deleted; what may still change of a row is named.
select keep_rows('visit', 'left_at', 'left_by', 'undone');
select keep_rows('gate', 'what', 'cleared_by', 'cleared_name', 'cleared_on', 'cleared_note', 'withdrawn_at');
select keep_rows('alarm', 'opened_at', 'answered_at', 'answered_by', 'answer', 'spoken_with');
select keep_rows('question', 'answer', 'answered_at', 'answered_by');
select keep_rows('incident');
select keep_rows('comfort');
select keep_rows('handling_target');
select keep_rows('kept_forecast');
select keep_rows('working_distance');
select keep_rows('exposure', 'sign', 'calm_after_s', 'undone_at');
select keep_rows('watching', 'place_id');
select keep_rows('watching_tap', 'undone_at');
select keep_rows('outing', 'undone_at');
select keep_rows('departure', 'undone_at');
select keep_rows('touch', 'undone_at');
select keep_rows('setup', 'place_id', 'gone_at');
select keep_rows('owner_link', 'sealed', 'revoked_at');
select keep_rows('probe');

-- A suggestion may be worked out anew while it is open; once answered it can only be undone.
create trigger decision_is_never_deleted before delete on decision for each row execute function refuse_change();
create trigger decision_is_kept before update on decision for each row when (old.state <> 'OPEN') execute function refuse_change_but('state', 'version');
-- A baseline is kept from the day it is closed; what a watch heard may still be put right.
create trigger baseline_is_never_deleted before delete on baseline for each row when (old.closed_at is not null) execute function refuse_change();
create trigger baseline_is_kept before update on baseline for each row when (old.closed_at is not null and old.kind <> 'WATCH') execute function refuse_change_but();
-- A removed step stays, and so do its track and what was cleared of a flag.
create trigger step_is_never_deleted before delete on step for each row execute function refuse_change();
create trigger track_is_never_deleted before delete on track for each row execute function refuse_change();
create trigger gate_stays_cleared before update on gate for each row when (old.cleared_on is not null) execute function refuse_change_but('withdrawn_at');
