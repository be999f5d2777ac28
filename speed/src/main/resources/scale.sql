-- Makes a large practice of the demo's: its households again and again, each with a name, dogs, lessons and days of its own, and what it logged in
-- years before. Run by a superuser with psql, on a database of its own: :first and :last copy, :reps a household has in the end, :practices they lie in.
-- Which column means what is read from the catalogue, so that a new table comes along.
\set ON_ERROR_STOP on
set client_min_messages = warning;
set session_replication_role = replica; -- what is copied was checked when it first came
set synchronous_commit = off;
set work_mem = '256MB';
set maintenance_work_mem = '256MB';

create schema if not exists scale;
create table if not exists scale.base (n int primary key, household_id bigint, reps bigint, first_visit jsonb);
create table if not exists scale.copy (k int primary key, base bigint not null, off bigint not null, practice bigint not null, name text not null, shift interval not null, hours interval not null, token text not null, years int not null);

insert into scale.base
    select row_number() over (order by h.id) - 1, h.id, (select count(*) from rep r where r.household_id = h.id) from household h where h.practice_id = 1
    and not exists (select 1 from scale.base);

-- Practices beside the demo's, each with a trainer who signs in as the demo's does.
insert into practice overriding system value select (jsonb_populate_record(p, jsonb_build_object('id', n, 'name', 'Practice ' || n))).* from practice p, generate_series(2, :practices) n
    where p.id = 1 and not exists (select 1 from practice o where o.id = n);
insert into trainer (id, practice_id, name, email, password_hash, phone, joined_at) overriding system value
    select 1000000000 + n, n, 'Trainer ' || n, 'trainer' || n || '@scale.example', t.password_hash, t.phone, t.joined_at from trainer t, generate_series(2, :practices) n
    where t.id = (select min(id) from trainer where practice_id = 1) and not exists (select 1 from trainer o where o.practice_id = n);

-- One in eight comes now and then; the others have not been here for a month to two years. "Ash-wick" and so on: 2,400 names.
insert into scale.copy
    select k, b.household_id, k * 1000000::bigint, 1 + k % :practices,
           (array['Ash','Bram','Cald','Dun','Elm','Fair','Glen','Hart','Ivy','Kel','Lang','Marl','Nor','Oak','Pell','Quin','Rams','Sel','Thorn','Ulver','Wether','Yar','Alder','Birk','Crom','Dray','Ever','Fos','Grim','Hazel','Ings','Kirk','Lin','Mel','Nether','Orch','Pen','Raven','Stan','Tarn'])[1 + k % 40]
           || (array['wick','ley','ford','by','combe','dale','field','gate','ham','hurst','land','mere','more','over','ridge','shaw','stead','stone','thorpe','ton','well','wood','worth','beck','bourne','bridge','brook','burn','cliffe','cote','croft','den','garth','grove','holt','how','lock','moor','side','tree'])[1 + (k / 40) % 40]
           || case when k >= 1600 then ' of the Hill' else '' end,
           make_interval(days => case when k % 8 = 0 then k / 8 * 11 % 28 else 30 + (k * 7919) % 700 end),
           make_interval(hours => k % 9 - 4), 'scale-' || to_char(k, 'FM000000') || '-0123456789abcdefghijkl',
           greatest(0, ceil(:reps::numeric / greatest(1, b.reps))::int - 1)
    from generate_series(:first, :last) k join scale.base b on b.n = k % (select count(*) from scale.base);

create or replace function scale.expression(t regclass, col name, type text) returns text language sql stable as $$
    select case
        when col = 'practice_id' then 'c.practice'
        when t = 'household'::regclass and col = 'name' then 'c.name'
        when t = 'dog'::regclass and col = 'name' then $n$(array['Bramble','Nettle','Otis','Wren','Moss','Tansy','Flint','Juno','Pepper','Sable','Teasel','Rufus','Clover','Dash','Ember','Fern','Gyp','Hobbs','Ivo','Jet','Kestrel','Lark','Merle','Nix','Olive','Pickle','Quill','Rook','Sorrel','Tick'])[1 + (c.k * 7 + x.id) % 30]$n$
        when col = 'token_hash' then 'sha256(convert_to(c.token, ''UTF8''))'
        when col = 'sealed' then 'null'
        when t = 'homework_item'::regclass and col = 'body' then 'x.body || jsonb_build_object(''stepId'', (x.body ->> ''stepId'')::bigint + c.off, ''trackId'', (x.body ->> ''trackId'')::bigint + c.off)'
        when t = 'lesson'::regclass and col = 'starts_at' then 'x.starts_at - c.shift + c.hours + case when x.starts_at > now() and x.starts_at - c.shift < now() and c.k % 8 = 0 then interval ''28 days'' else interval ''0'' end'
        when t = 'lesson'::regclass and col = 'state' then 'case when x.starts_at > now() and c.k % 8 <> 0 then ''MISSED'' else x.state end'
        when t = 'week_plan'::regclass and col = 'due_at' then 'now() + make_interval(hours => 24 + c.k % 144)'
        when t = 'judgement_due'::regclass and col = 'due_at' then 'now() + make_interval(hours => 24 + c.k % 144)'
        when t = 'household'::regclass and col = 'trainer_id' then 'case when c.practice = 1 then x.trainer_id else 1000000000 + c.practice end'
        when t = 'lesson'::regclass and col = 'trainer_id' then 'null::bigint'
        when col in ('by_trainer', 'trainer_id', 'born') then 'x.' || quote_ident(col)
        when type = 'uuid' then format('md5(x.%I::text || c.k)::uuid', col)
        when type = 'bigint' and (col = 'id' or col like '%\_id') then format('x.%I + c.off', col)
        when type in ('timestamp with time zone') then format('x.%I - c.shift', col)
        when type = 'date' then format('(x.%I - c.shift)::date', col)
        else 'x.' || quote_ident(col)
    end
$$;

create or replace procedure scale.copy(first int, last int) language plpgsql as $$
declare
    t regclass;
    cols text;
    expressions text;
    source text;
    parent text;
begin
    for t in select * from tables_by_reference() loop
        continue when rows_of_household(t) is null or t in ('draft'::regclass, 'mail'::regclass, 'hand_over'::regclass);
        select string_agg(quote_ident(attname), ', ' order by attnum), string_agg(scale.expression(t, attname, format_type(atttypid, atttypmod)), ', ' order by attnum)
            into cols, expressions from pg_attribute where attrelid = t and attnum > 0 and not attisdropped and attgenerated = '';
        if t = 'household'::regclass then
            source := 'household x join scale.copy c on c.base = x.id';
        elsif exists (select 1 from pg_attribute where attrelid = t and attname = 'household_id') then
            source := format('%s x join scale.copy c on c.base = x.household_id', t);
        else
            select format('%s x join %s p on p.%I = x.%I join scale.copy c on c.base = p.household_id', t, k.confrelid::regclass, b.attname, a.attname) into parent
                from pg_constraint k join pg_attribute a on a.attrelid = k.conrelid and a.attnum = k.conkey[array_length(k.conkey, 1)]
                join pg_attribute b on b.attrelid = k.confrelid and b.attnum = k.confkey[array_length(k.confkey, 1)]
                where k.conrelid = t and k.contype = 'f' and exists (select 1 from pg_attribute h where h.attrelid = k.confrelid and h.attname = 'household_id') order by k.conname limit 1;
            source := parent;
        end if;
        execute format('insert into %s (%s) overriding system value select %s from %s where c.k between $1 and $2', t, cols, expressions, source) using first, last;
    end loop;
end $$;
call scale.copy(:first, :last);

-- What was logged before: the same sessions in the years before, on the first step each track was on.
create temporary table first_visit as
    select distinct on (v.track_id) v.track_id, v.id, v.step_id, v.entered_at from visit v join track t on t.id = v.track_id join scale.copy c on t.household_id between c.off + 1 and c.off + 999999
    where c.k between :first and :last order by v.track_id, v.entered_at, v.id;
create temporary table past as select c.practice, c.off + c.base as household_id, j, make_interval(days => 35 * j) as back from scale.copy c, generate_series(1, c.years) j where c.k between :first and :last;
analyze first_visit;
analyze past;
insert into practice_day
    select r.practice_id, r.household_id, r.track_id, v.step_id, (r.happened_at - p.back)::date, count(*) filter (where outcome = 'CLEAN'), count(*) filter (where outcome = 'HELPED'), count(*) filter (where outcome = 'MISSED'), count(*) filter (where outcome = 'TOO_MUCH')
    from past p join rep r on r.practice_id = p.practice and r.household_id = p.household_id join first_visit v on v.track_id = r.track_id group by 1, 2, 3, 4, 5
    on conflict do nothing;
create or replace function scale.earlier(t regclass) returns table (cols text, expressions text) language sql stable as $$
    select string_agg(quote_ident(attname), ', ' order by attnum), string_agg(case when atttypid = 'uuid'::regtype then format('md5(x.%I::text || ''p'' || p.j)::uuid', attname)
            when atttypid = 'timestamptz'::regtype then format('x.%I - p.back', attname) when attname = 'step_id' then 'v.step_id' when attname = 'visit_id' then 'v.id' else 'x.' || quote_ident(attname) end, ', ' order by attnum)
    from pg_attribute where attrelid = t and attnum > 0 and not attisdropped
$$;
select format('insert into rep (%s) select %s from past p join rep x on x.practice_id = p.practice and x.household_id = p.household_id join first_visit v on v.track_id = x.track_id', cols, expressions) from scale.earlier('rep') \gexec
select format('insert into sitting (%s) select %s from past p join sitting x on x.practice_id = p.practice and x.household_id = p.household_id', cols, expressions) from scale.earlier('sitting') \gexec
update visit v set entered_at = v.entered_at - longest.back from first_visit f join track t on t.id = f.track_id join (select household_id, max(back) as back from past group by 1) longest on longest.household_id = t.household_id
    where f.id = v.id;

-- The next row of each table gets a number of its own.
select format('select setval(pg_get_serial_sequence(%L, ''id''), greatest(max(id), 1)) from %I', table_name, table_name) from information_schema.columns
    where table_schema = 'public' and column_name = 'id' and is_identity = 'YES' \gexec
vacuum analyze;
