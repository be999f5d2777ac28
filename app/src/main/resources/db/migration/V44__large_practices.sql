-- What belongs to a household is found by it, and what is open in a practice by the practice.
create index baseline_of_household on baseline (practice_id, household_id);
create index decision_of_household on decision (practice_id, household_id);
create index dog_care_of_household on dog_care (practice_id, household_id);
create index erasure_of_household on erasure (practice_id, household_id);
create index kept_forecast_of_household on kept_forecast (practice_id, household_id);
create index method_choice_of_household on method_choice (practice_id, household_id);
create index owner_link_of_household on owner_link (practice_id, household_id);
create index probe_of_household on probe (practice_id, household_id);
create index step_of_household on step (practice_id, household_id);
create index track_template_of_household on track_template (practice_id, household_id);

create index update_note_by_household on update_note (practice_id, household_id);
create index homework_of_practice on homework (practice_id, issued_at);
create index sitting_noted on sitting (practice_id) where note <> '';
create index decision_open_of_practice on decision (practice_id) where state = 'OPEN';
create index look_of_trainer on look (practice_id, who, last_at);

-- What the desk sorts by: a row for each household, kept by the statements that change it.
create table desk_row (
    practice_id  bigint not null,
    household_id bigint not null,
    practised_on date,                        -- the last day with a rep, or something noted beside the steps, where they live
    reasons      text[] not null default '{}', -- the open suggestion of each track: UP/RULE_PASSED
    alarmed      boolean not null default false,
    asked        boolean not null default false,
    primary key (practice_id, household_id),
    foreign key (practice_id, household_id) references household (practice_id, id)
);
select protect_table('desk_row');

-- Each of these from what it rests on; desk_row is held to them each night.
create function desk_practised_on(practice bigint, household bigint) returns date language sql stable as $$
    select greatest(
        (select max(d.day) from practice_day d where d.practice_id = practice and d.household_id = household and d.clean + d.helped + d.missed + d.too_much > 0),
        ((select max(b.at) from (
            select max(x.happened_at) as at from exposure x where x.practice_id = practice and x.household_id = household and x.undone_at is null
            union all select max(x.happened_at) from departure x where x.practice_id = practice and x.household_id = household and x.undone_at is null
            union all select max(x.happened_at) from touch x where x.practice_id = practice and x.household_id = household and x.undone_at is null
            union all select max(x.happened_at) from outing x where x.practice_id = practice and x.household_id = household and x.undone_at is null
            union all select max(x.happened_at) from watching_tap x where x.practice_id = practice and x.household_id = household and x.undone_at is null) b)
         at time zone (select h.zone from household h where h.practice_id = practice and h.id = household))::date)
$$;
create function desk_reasons(practice bigint, household bigint) returns text[] language sql stable as $$
    select array(select d.suggested || '/' || d.cause from decision d where d.practice_id = practice and d.household_id = household and d.state = 'OPEN' order by d.track_id)
$$;
create function desk_alarmed(practice bigint, household bigint) returns boolean language sql stable as $$
    select exists (select 1 from alarm a where a.practice_id = practice and a.household_id = household and a.answered_at is null)
$$;
create function desk_asked(practice bigint, household bigint) returns boolean language sql stable as $$
    select exists (select 1 from question q where q.practice_id = practice and q.household_id = household and q.answered_at is null)
$$;

-- First the row is taken, then it is worked out: of two who change the same household at once the second sees what the first did.
create function keep_desk_row(practice bigint, household bigint, part text) returns void language plpgsql as $$
begin
    if part = 'all' then
        insert into desk_row (practice_id, household_id) values (practice, household) on conflict do nothing;
    end if;
    perform 1 from desk_row r where r.practice_id = practice and r.household_id = household for update;
    if part in ('decision', 'all') then
        update desk_row r set reasons = desk_reasons(practice, household) where r.practice_id = practice and r.household_id = household;
    end if;
    if part in ('alarm', 'all') then
        update desk_row r set alarmed = desk_alarmed(practice, household) where r.practice_id = practice and r.household_id = household;
    end if;
    if part in ('question', 'all') then
        update desk_row r set asked = desk_asked(practice, household) where r.practice_id = practice and r.household_id = household;
    end if;
    if part in ('practice', 'all') then
        update desk_row r set practised_on = desk_practised_on(practice, household) where r.practice_id = practice and r.household_id = household;
    end if;
end $$;

create function desk_changed() returns trigger language plpgsql as $$
begin
    if tg_op = 'DELETE' then
        perform keep_desk_row(old.practice_id, old.household_id, tg_argv[0]);
    else
        perform keep_desk_row(new.practice_id, new.household_id, tg_argv[0]);
    end if;
    return null;
end $$;

-- One more rep on a day that has some changes nothing; the first of a later day only the day.
create function desk_practised() returns trigger language plpgsql as $$
begin
    update desk_row r set practised_on = new.day where r.practice_id = new.practice_id and r.household_id = new.household_id and (r.practised_on is null or r.practised_on < new.day);
    return null;
end $$;

create function desk_household() returns trigger language plpgsql as $$
begin
    if tg_op = 'INSERT' then
        insert into desk_row (practice_id, household_id) values (new.practice_id, new.id);
    else
        perform keep_desk_row(new.practice_id, new.id, 'practice');
    end if;
    return null;
end $$;

create trigger desk_new after insert on household for each row execute function desk_household();
create trigger desk_moved after update of zone on household for each row when (old.zone <> new.zone) execute function desk_household();
create trigger desk_practised after insert or update on practice_day for each row when (new.clean + new.helped + new.missed + new.too_much > 0) execute function desk_practised();
create trigger desk_changed after update on practice_day for each row when (new.clean + new.helped + new.missed + new.too_much = 0) execute function desk_changed('practice');
create trigger desk_deleted after delete on practice_day for each row execute function desk_changed('practice');
create trigger desk_changed after insert or update or delete on decision for each row execute function desk_changed('decision');
create trigger desk_changed after insert or update or delete on alarm for each row execute function desk_changed('alarm');
create trigger desk_changed after insert or update or delete on question for each row execute function desk_changed('question');
do $$
declare
    t text;
begin
    foreach t in array array['exposure', 'departure', 'touch', 'outing', 'watching_tap'] loop
        execute format('create trigger desk_changed after insert or update or delete on %I for each row execute function desk_changed(''practice'')', t);
    end loop;
end $$;

insert into desk_row (practice_id, household_id, practised_on, reasons, alarmed, asked)
    select h.practice_id, h.id, desk_practised_on(h.practice_id, h.id), desk_reasons(h.practice_id, h.id), desk_alarmed(h.practice_id, h.id), desk_asked(h.practice_id, h.id) from household h;

-- A round of each night works for each practice in turn and must know which there are; nothing but their numbers.
create function all_practices() returns setof bigint language sql stable security definer set search_path = public, pg_temp as $$
    select id from practice order by id
$$;
