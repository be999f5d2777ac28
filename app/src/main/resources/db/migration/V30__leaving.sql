-- The end of things: what is over stays as it was and is asked of nobody any more; what shall be gone is gone.

-- A sign-in keeps who it is of as it was written by the release before.
delete from spring_session;

alter table household add column closed_at timestamptz;
alter table dog add column gone_at timestamptz, add column gone_how text check (gone_how in ('DIED', 'MOVED')),
                add constraint dog_gone check ((gone_at is null) = (gone_how is null));
alter table person add column left_at timestamptz, add column consented_at timestamptz;
alter table track add column off_at timestamptz;

-- Another dog may have the name of one that is gone, and somebody that of who left.
drop index dog_name;
drop index person_name;
create unique index dog_name on dog (household_id, lower(name)) where gone_at is null;
create unique index person_name on person (household_id, lower(name)) where left_at is null;

-- What a practice says of itself, what it usually does, and how long it keeps what was written; null is for good.
alter table practice add column address text not null default '', add column phone text not null default '',
                     add column lesson_min int not null default 60 check (lesson_min between 15 and 240),
                     add column travel_min int not null default 0 check (travel_min between 0 and 240),
                     add column rhythm_days int not null default 14 check (rhythm_days between 1 and 60),
                     add column step_reps int not null default 8 check (step_reps between 1 and 50),
                     add column step_sessions int not null default 2 check (step_sessions between 1 and 10),
                     add column keep_reps_months int check (keep_reps_months between 12 and 120),
                     add column keep_health_months int check (keep_health_months between 12 and 120),
                     add column keep_questions_months int check (keep_questions_months between 1 and 120),
                     add column keep_mail_months int check (keep_mail_months between 1 and 120);

alter table audit drop constraint audit_what_check, add constraint audit_what_check check (what in ('SIGNED_IN', 'PASSWORD_CHANGED', 'PASSWORD_BY_LINK', 'PASSWORD_BY_HAND',
    'LINK_MADE', 'LINK_REPLACED', 'LINK_STOPPED', 'CALENDAR_MADE', 'CALENDAR_STOPPED', 'CLOSED', 'REOPENED', 'EXPORTED', 'EXPORTED_BY_OWNER', 'IMPORTED', 'ERASURE_ASKED', 'ERASED',
    'SETTINGS_CHANGED', 'SECOND_FACTOR_ON', 'SECOND_FACTOR_OFF', 'RECOVERY_CODE_USED', 'FORGOTTEN'));

-- Whose household was erased, by its number alone: the certificate. The job takes what is not done.
create table erasure (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null references practice,
    household_id bigint not null,
    asked_at     timestamptz not null,
    asked_by     text not null check (asked_by <> ''),
    done_at      timestamptz,
    counts       jsonb not null default '{}'
);
create index erasure_of_practice on erasure (practice_id, asked_at desc);
select protect_table('erasure');
select keep_rows('erasure', 'done_at', 'counts');
create policy round on erasure for select using (current_setting('cahier.round', true) = 'yes');

-- The rows of a household in a table, as a condition on $1, its practice, and $2, its number; null for a table of something else.
create function rows_of_household(t regclass) returns text language sql stable as $$
    select case
        when t in ('audit'::regclass, 'erasure'::regclass) then null
        when t = 'household'::regclass then 'practice_id = $1 and id = $2'
        when exists (select 1 from pg_attribute where attrelid = t and attname = 'household_id') then 'practice_id = $1 and household_id = $2'
        else (
            select format('practice_id = $1 and %I in (select %I from %s where practice_id = $1 and household_id = $2)', a.attname, b.attname, k.confrelid::regclass)
            from pg_constraint k
            join pg_attribute a on a.attrelid = k.conrelid and a.attnum = k.conkey[array_length(k.conkey, 1)]
            join pg_attribute b on b.attrelid = k.confrelid and b.attnum = k.confkey[array_length(k.confkey, 1)]
            where k.conrelid = t and k.contype = 'f' and exists (select 1 from pg_attribute h where h.attrelid = k.confrelid and h.attname = 'household_id')
            order by k.conname limit 1)
    end
$$;

-- Every table with data of a practice, those that refer to others before what they refer to.
create function tables_by_reference() returns setof regclass language plpgsql stable as $$
declare
    remaining oid[] := array(
        select c.oid from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and c.relname <> 'spring_session'
           and (c.relname = 'practice' or exists (select 1 from pg_attribute where attrelid = c.oid and attname = 'practice_id')) order by c.relname);
    free oid[];
begin
    while cardinality(remaining) > 0 loop
        free := array(select t from unnest(remaining) t where not exists (
            select 1 from pg_constraint k where k.contype = 'f' and k.confrelid = t and k.conrelid <> t and k.conrelid = any (remaining)));
        if cardinality(free) = 0 then
            raise exception 'these tables refer to each other in a circle: %', remaining::regclass[];
        end if;
        return query select t::regclass from unnest(free) t;
        remaining := array(select t from unnest(remaining) t where t <> all (free));
    end loop;
end $$;

-- Rows that stay can be taken by these functions alone: they run as the owner of the tables, which no request does, and say that they do.
create or replace function refuse_change() returns trigger language plpgsql as $$
begin
    if tg_op = 'DELETE' and current_setting('cahier.erasing', true) = 'yes'
       and current_user = (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid) then
        return old;
    end if;
    raise exception '% rows are only ever added', tg_table_name;
end $$;
create or replace function refuse_change_but() returns trigger language plpgsql as $$
declare
    may_change text[] := coalesce(tg_argv, '{}');
begin
    if to_jsonb(old) - may_change is distinct from to_jsonb(new) - may_change
       and not (current_setting('cahier.erasing', true) = 'yes' and current_user = (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid)) then
        raise exception '% rows are only ever added; of one that is there % may change', tg_table_name,
            coalesce(nullif(array_to_string(may_change, ', '), ''), 'nothing');
    end if;
    return new;
end $$;

-- Takes a household of the practice that is at work, where somebody of it asked; says how many rows of which table went.
create function erase_household(household bigint) returns jsonb language plpgsql security definer set search_path = public, pg_temp as $$
declare
    practice bigint := current_practice();
    t regclass;
    gone bigint;
    counts jsonb := '{}';
begin
    if not exists (select 1 from erasure e where e.practice_id = practice and e.household_id = household and e.done_at is null) then
        raise exception 'nobody asked to erase household % of practice %', household, practice;
    end if;
    perform set_config('cahier.erasing', 'yes', true);
    update audit a set household_id = null, note = '' where a.practice_id = practice and a.household_id = household;
    for t in select x from tables_by_reference() x loop
        if rows_of_household(t) is not null then
            execute format('delete from %s where %s', t, rows_of_household(t)) using practice, household;
            get diagnostics gone = row_count;
            if gone > 0 then
                counts := counts || jsonb_build_object(t::text, gone);
            end if;
        end if;
    end loop;
    perform set_config('cahier.erasing', '', true);
    return counts;
end $$;

-- What of the practice that is at work is older than it keeps; says how many rows went or lost their words.
create function forget_before(what text, before timestamptz) returns bigint language plpgsql security definer set search_path = public, pg_temp as $$
declare
    practice bigint := current_practice();
    gone bigint := 0;
    n bigint;
    t text;
begin
    perform set_config('cahier.erasing', 'yes', true);
    if what = 'MAIL' then
        delete from mail m where m.practice_id = practice and m.made_at < before and m.state <> 'WAITING';
        get diagnostics gone = row_count;
    elsif what = 'QUESTIONS' then
        delete from question q where q.practice_id = practice and q.answered_at < before;
        get diagnostics gone = row_count;
    elsif what = 'HEALTH' then
        update dog_care c set health = '', history = '', fears = '', version = c.version + 1
            from dog d, household h
            where c.practice_id = practice and d.id = c.dog_id and h.id = d.household_id and coalesce(d.gone_at, h.closed_at) < before and (c.health || c.history || c.fears) <> '';
        get diagnostics gone = row_count;
        update gate g set what = '', cleared_note = '' from dog d, household h
            where g.practice_id = practice and d.id = g.dog_id and h.id = d.household_id and coalesce(d.gone_at, h.closed_at) < before and g.what || coalesce(g.cleared_note, '') <> '';
        get diagnostics n = row_count;
        gone := gone + n;
    elsif what = 'REPS' then
        -- The figures of each day stay in practice_day; who, where and when go.
        create temporary table old_rep on commit drop as select id from rep r where r.practice_id = practice and r.happened_at < before;
        delete from rep_detail d using old_rep o where d.rep_id = o.id;
        delete from rep_void v using old_rep o where v.rep_id = o.id;
        delete from rep r using old_rep o where r.id = o.id;
        get diagnostics gone = row_count;
        foreach t in array array['tap_mark', 'exposure', 'departure', 'touch', 'outing', 'watching_tap'] loop
            execute format('delete from %I where practice_id = $1 and happened_at < $2', t) using practice, before;
            get diagnostics n = row_count;
            gone := gone + n;
        end loop;
        update sitting s set note = '' where s.practice_id = practice and s.started_at < before and s.note <> '';
    else
        raise exception 'nothing is kept for a time by the name %', what;
    end if;
    perform set_config('cahier.erasing', '', true);
    return gone;
end $$;

alter table mail drop constraint mail_kind_check,
                 add constraint mail_kind_check check (kind in ('HOMEWORK', 'ANSWER', 'ALARM', 'QUESTIONS', 'PASSWORD', 'TRIED'));

-- The practices that keep something for a time only, for the round that works for none of them yet; by their numbers alone.
create function practices_that_forget() returns setof bigint language sql stable security definer set search_path = public, pg_temp as $$
    select id from practice where coalesce(keep_reps_months, keep_health_months, keep_questions_months, keep_mail_months) is not null order by id
$$;

-- A second factor: the shared secret, sealed, from when it counts, the last time step that was taken, and codes for a lost phone.
create table second_factor (
    trainer_id   bigint primary key references trainer,
    practice_id  bigint not null references practice,
    sealed       bytea not null,
    on_since     timestamptz,
    last_step    bigint not null default 0
);
select protect_table('second_factor');
create table recovery_code (
    practice_id  bigint not null references practice,
    trainer_id   bigint not null references trainer,
    code_hash    bytea not null,
    primary key (trainer_id, code_hash)
);
select protect_table('recovery_code');
