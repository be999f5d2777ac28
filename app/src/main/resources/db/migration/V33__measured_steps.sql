-- A step that measures says where it stands now; what it measures stands in its teaching.
alter table step add column now jsonb;

-- A rep of such a step keeps what was measured, in its own unit, and at which loudness or zone.
alter table rep add column level text not null default '', drop constraint rep_value_check, add constraint rep_value_check check (value between 0 and 43200);

-- How soon a dog answered, from the cue or, where none was needed, from when it had seen it; and whether what passed was coming, beside or leaving.
alter table exposure add column answered_ms int check (answered_ms between 0 and 60000),
                     add column phase text not null default '' check (phase in ('', 'COMING', 'BESIDE', 'LEAVING'));

-- The ladders of the shelf that went by fixed distances, seconds and loudness become one step that measures; the dog that stood on one of them stands on it.
create temporary table ladder (template text, keys text[], key text, title text, how text, measure jsonb) on commit drop;
insert into ladder values
    ('being-alone', array['s5', 's10', 's30', 'm1', 'm3', 'm5', 'm10', 'm20', 'm40', 'h1'], 'away', 'Departures',
     'Out, stay as long as the list says, back before it starts. No fuss.', '{"kind": "ALONE", "about": "", "goal": 3600, "cueCounts": false}'),
    ('dogs-and-people', array['d60', 'd40', 'd30', 'd25', 'd20', 'd15', 'd12', 'd10', 'd8', 'd5'], 'near', 'Looks back by itself',
     'It sees, gets a second, looks back, you pay. Tap each look on the phone.', '{"kind": "DISTANCE", "about": "DOG", "goal": 5, "cueCounts": false}'),
    ('noises', array['tiny-20', 'tiny-10', 'tiny-5', 'soft-20', 'soft-10', 'soft-5', 'louder-20', 'louder-10', 'louder-5', 'full-20', 'full-10'], 'noise', 'Nearer and louder',
     'One noise, then a piece. Tap each on the phone.', '{"kind": "NOISE", "about": "5", "goal": 10, "cueCounts": false}');

do $$
declare
    l record;
    t record;
    fresh bigint;
    moved bigint;
    old bigint[];
begin
    for l in select * from ladder loop
        for t in select * from track where template = l.template and off_at is null and done_at is null
                   and exists (select 1 from step s where s.track_id = track.id and s.removed_at is null and s.template_key = any (l.keys)) loop
            select array_agg(id) into old from step s where s.track_id = t.id and s.removed_at is null and s.template_key = any (l.keys);
            insert into step (practice_id, household_id, track_id, position, title, how, place, distraction, who, aid, word, pass, run, reps, sessions, minutes, on_miss, cautions, teaching, spread, template_key, made_at)
            select practice_id, household_id, track_id, position, l.title, l.how, place, distraction, who, aid, word, pass, run, reps, sessions, minutes, on_miss, cautions,
                   coalesce(teaching, '{}') || jsonb_build_object('measure', l.measure), spread, l.key, now()
            from step s where s.id = any (old) order by position, id limit 1
            returning id into fresh;
            update visit set left_at = now(), left_by = 'MOVED' where track_id = t.id and left_at is null and not undone
               and step_id = any (old) returning id into moved;
            if moved is not null then
                insert into visit (practice_id, track_id, step_id, entered_at, entered_by) values (t.practice_id, t.id, fresh, now(), 'MOVED');
            end if;
            delete from need n using need o where o.id < n.id and o.track_id = n.track_id and o.first_track_id = n.first_track_id
               and case when o.step_id = any (old) then fresh else o.step_id end = case when n.step_id = any (old) then fresh else n.step_id end
               and case when o.first_step_id = any (old) then fresh else o.first_step_id end = case when n.first_step_id = any (old) then fresh else n.first_step_id end;
            update need set step_id = fresh where step_id = any (old);
            update need set first_step_id = fresh where first_step_id = any (old);
            update step set removed_at = now() where id = any (old);
            update step s set position = p.n from (select id, row_number() over (order by position, id) - 1 as n from step where track_id = t.id and removed_at is null) p where p.id = s.id;
            insert into update_note (practice_id, household_id, words)
            values (t.practice_id, t.household_id, '“' || t.title || '” now measures: its fixed steps became one, “' || l.title || '”, which moves by itself with what the household taps.');
            moved := null;
        end loop;
    end loop;
end $$;

-- Of handling, each step of a zone measures in its place.
update step s set teaching = coalesce(s.teaching, '{}') || jsonb_build_object('measure', jsonb_build_object('kind', 'ZONE', 'about', z.zone, 'goal', 1, 'cueCounts', false))
from track t, (values ('chin', 'CHIN'), ('collar', 'COLLAR'), ('ears', 'EAR_LEFT'), ('front-paws', 'FRONT_PAW_LEFT'), ('hind', 'HIND_PAW_LEFT'), ('muzzle', 'MUZZLE')) z (key, zone)
where t.id = s.track_id and t.template = 'handling' and t.off_at is null and t.done_at is null and s.removed_at is null and s.template_key = z.key;

-- What was logged beside these tracks is reps of theirs from now on, under the ids it has: of the step the dog stands on that measures by it, else of the first.
create temporary table place_of (practice_id bigint, household_id bigint, track_id bigint, step_id bigint, visit_id bigint, dog_id bigint, kind text, about text, zone text, takes_cue boolean) on commit drop;
insert into place_of
select distinct on (t.dog_id, s.teaching->'measure'->>'kind', case when s.teaching->'measure'->>'kind' = 'DISTANCE' then s.teaching->'measure'->>'about' end)
       t.practice_id, t.household_id, t.id, s.id, v.id, t.dog_id, s.teaching->'measure'->>'kind', s.teaching->'measure'->>'about', '', false
from step s join track t on t.id = s.track_id left join visit v on v.step_id = s.id and v.left_at is null and not v.undone
where s.removed_at is null and t.off_at is null and s.teaching ? 'measure'
order by t.dog_id, s.teaching->'measure'->>'kind', case when s.teaching->'measure'->>'kind' = 'DISTANCE' then s.teaching->'measure'->>'about' end, v.id is null, t.position, s.position;

create temporary table logged on commit drop as
select e.id, p.practice_id, p.household_id, p.track_id, p.step_id, p.visit_id, md5(e.dog_id || e.kind || (e.happened_at at time zone 'UTC')::date)::uuid as sitting_id,
       case e.response when 'UNPROMPTED' then 'CLEAN' when 'PROMPTED' then 'HELPED' when 'STARED' then 'MISSED' else 'TOO_MUCH' end as outcome,
       e.happened_at, e.received_at, e.place_id, e.metres as value, case when e.loudness > 0 then e.loudness::text else '' end as level
from exposure e join place_of p on p.household_id = e.household_id and p.dog_id = e.dog_id and (p.kind = 'NOISE' and e.kind = 'NOISE' or p.kind = 'DISTANCE' and p.about = e.kind) where e.undone_at is null
union all
select d.id, p.practice_id, p.household_id, p.track_id, p.step_id, p.visit_id, d.sitting_id, case when d.upset_after_s is null then 'CLEAN' else 'TOO_MUCH' end,
       d.happened_at, d.received_at, null, coalesce(d.upset_after_s, d.left_s), ''
from departure d join place_of p on p.household_id = d.household_id and p.dog_id = d.dog_id and p.kind = 'ALONE' where d.undone_at is null
union all
select h.id, p.practice_id, p.household_id, p.track_id, p.step_id, p.visit_id, h.sitting_id,
       case when h.seen = 'CALM' and h.came_back is distinct from false then 'CLEAN' when h.seen = 'STIFF' then 'HELPED' when h.seen = 'FLINCH' then 'TOO_MUCH' else 'MISSED' end,
       h.happened_at, h.received_at, null, h.seconds, h.zone
from touch h join place_of p on p.household_id = h.household_id and p.dog_id = h.dog_id and p.kind = 'ZONE' where h.undone_at is null;

insert into sitting (id, practice_id, household_id, started_at) select sitting_id, practice_id, household_id, min(happened_at) from logged group by 1, 2, 3 on conflict do nothing;
insert into rep (id, practice_id, household_id, track_id, step_id, visit_id, sitting_id, outcome, role, at, received_at, happened_at, place_id, value, level)
select id, practice_id, household_id, track_id, step_id, visit_id, sitting_id, outcome, 'WORK', happened_at, received_at, happened_at, place_id, value, level from logged;
insert into practice_day (practice_id, household_id, track_id, step_id, day, clean, helped, missed, too_much)
select l.practice_id, l.household_id, l.track_id, l.step_id, (l.happened_at at time zone h.zone)::date, count(*) filter (where outcome = 'CLEAN'), count(*) filter (where outcome = 'HELPED'),
       count(*) filter (where outcome = 'MISSED'), count(*) filter (where outcome = 'TOO_MUCH')
from logged l join household h on h.practice_id = l.practice_id and h.id = l.household_id group by 1, 2, 3, 4, 5
on conflict (track_id, step_id, day) do update set clean = practice_day.clean + excluded.clean, helped = practice_day.helped + excluded.helped,
    missed = practice_day.missed + excluded.missed, too_much = practice_day.too_much + excluded.too_much;

-- Where each stands is looked at when it is judged next: at once.
insert into judgement_due (practice_id, track_id, due_at) select practice_id, id, now() from track t
where exists (select 1 from step s where s.track_id = t.id and s.removed_at is null and s.teaching ? 'measure')
on conflict (track_id) do update set due_at = excluded.due_at;

-- Early signs, as they are tapped on the pages of fear work.
create table early_sign (
    id           uuid primary key,
    practice_id  bigint not null,
    household_id bigint not null,
    dog_id       bigint not null,
    sign         text not null check (sign in ('STIFF', 'HELD_BREATH', 'LOOKED_AWAY', 'LICKED_LIPS', 'YAWNED', 'HACKLES')),
    happened_at  timestamptz not null,
    received_at  timestamptz not null,
    undone_at    timestamptz,
    foreign key (practice_id, household_id, dog_id) references dog (practice_id, household_id, id)
);
create index early_sign_of_dog on early_sign (practice_id, household_id, dog_id, happened_at);
select protect_table('early_sign');
select keep_rows('early_sign', 'undone_at');
