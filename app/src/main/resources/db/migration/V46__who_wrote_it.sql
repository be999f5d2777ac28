-- The language a practice speaks, a trainer of it where that is another, and a household likewise.
alter table practice add column language text not null default 'en-GB' check (language ~ '^[a-z]{2,3}(-[A-Z]{2})?$');
alter table trainer add column language text check (language ~ '^[a-z]{2,3}(-[A-Z]{2})?$');
alter table household add column language text check (language ~ '^[a-z]{2,3}(-[A-Z]{2})?$');

-- Who changed what a household's book says, however it was changed: the table says it of itself, so that no page goes round it.
create table edit (
    id           bigint generated always as identity primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    at           timestamptz not null default now(),
    who          text not null check (who <> ''),
    what         text not null check (what ~ '^(PERSON|DOG|PLACE|WORD|LESSON|TRACK|STEPS|HOUSEHOLD)_(ADDED|CHANGED|REMOVED)$'),
    about        text not null default '',
    foreign key (practice_id, household_id) references household (practice_id, id)
);
create unique index edit_once on edit (practice_id, household_id, at desc, who, what, about); -- one act, however many rows it wrote
select protect_table('edit');
select keep_rows('edit');

-- Begins the work of a signed-in trainer, and says the language they read; none where the sign-in does not stand any more. The former stays for a release that still asks it.
create function enter_practice_speaking(practice bigint, trainer bigint, role text) returns text language plpgsql as $$
begin
    perform set_config('cahier.trainer', trainer::text, true);
    return case when enter_practice(practice, trainer, role) then (select coalesce(t.language, p.language) from trainer t join practice p on p.id = t.practice_id where t.practice_id = practice and t.id = trainer) end;
end $$;

-- The language a household reads; asked with its link, before the practice is entered.
create function reads_language(practice bigint, household bigint) returns text language sql stable security definer set search_path = public as $$
    select coalesce(h.language, p.language) from practice p join household h on h.practice_id = p.id where p.id = practice and h.id = household
$$;

-- Arguments: what the row is of; how it is called, as an expression on the row "r".
create function edited() returns trigger language plpgsql as $$
declare
    trainer bigint := nullif(current_setting('cahier.trainer', true), '')::bigint;
    r jsonb := to_jsonb(case when tg_op = 'DELETE' then old else new end);
    done text := case tg_op when 'INSERT' then 'ADDED' when 'DELETE' then 'REMOVED' else 'CHANGED' end;
    about text;
begin
    if trainer is null or not exists (select 1 from household h where h.practice_id = (r ->> 'practice_id')::bigint and h.id = coalesce(r ->> 'household_id', r ->> 'id')::bigint) then
        return null; -- an owner, a round, or a household that goes as a whole
    end if;
    about := case tg_argv[0]
        when 'STEPS' then (select t.title from track t where t.practice_id = (r ->> 'practice_id')::bigint and t.id = (r ->> 'track_id')::bigint)
        when 'LESSON' then (select to_char((r ->> 'starts_at')::timestamptz at time zone h.zone, 'YYYY-MM-DD') from household h where h.practice_id = (r ->> 'practice_id')::bigint and h.id = (r ->> 'household_id')::bigint)
        when 'HOUSEHOLD' then ''
        else r ->> tg_argv[1] end;
    insert into edit (practice_id, household_id, who, what, about)
        select t.practice_id, coalesce(r ->> 'household_id', r ->> 'id')::bigint, t.signs, tg_argv[0] || '_' || case tg_argv[0] when 'STEPS' then 'CHANGED' else done end, coalesce(about, '')
        from trainer t where t.practice_id = (r ->> 'practice_id')::bigint and t.id = trainer
        on conflict do nothing;
    return null;
end $$;

-- What counts as an edit: words and settings. What judging, resting and practising write down beside them is said elsewhere.
create function say_edits(t regclass, kind text, called text, variadic columns text[]) returns void language plpgsql as $$
begin
    execute format('create trigger edited after insert or delete on %s for each row execute function edited(%L, %L)', t, kind, called);
    execute format('create trigger edited_since after update of %s on %s for each row when ((%s) is distinct from (%s)) execute function edited(%L, %L)',
        (select string_agg(quote_ident(c), ', ') from unnest(columns) c), t, (select string_agg('old.' || quote_ident(c), ', ') from unnest(columns) c),
        (select string_agg('new.' || quote_ident(c), ', ') from unnest(columns) c), kind, called);
end $$;
select say_edits('person', 'PERSON', 'name', 'name', 'age', 'note', 'may_handle', 'confident', 'pace_cm', 'email', 'phone', 'adult_id', 'left_at');
select say_edits('dog', 'DOG', 'name', 'name', 'looks', 'born', 'weight_g', 'gone_at', 'gone_how');
select say_edits('place', 'PLACE', 'name', 'name', 'difficulty', 'note', 'surface', 'passers', 'enclosed', 'signal', 'outdoors', 'busy');
select say_edits('word', 'WORD', 'word', 'word', 'meaning', 'dog_id', 'signal', 'role');
select say_edits('lesson', 'LESSON', 'starts_at', 'starts_at', 'minutes', 'plan', 'travel_min', 'agenda', 'trainer_id');
select say_edits('track', 'TRACK', 'title', 'title', 'goal', 'plan', 'topic', 'stale_days', 'parked_until', 'moves_on', 'off_at', 'often');
select say_edits('step', 'STEPS', 'title', 'position', 'title', 'how', 'place', 'distance_m', 'duration_s', 'distraction', 'who', 'word', 'run', 'reps', 'sessions', 'minutes', 'on_miss', 'cautions', 'removed_at',
    'pass', 'aid', 'teaching', 'spread');
select say_edits('household', 'HOUSEHOLD', 'name', 'name', 'home', 'zone', 'cautions', 'emergency', 'emergency_phone', 'language');
