-- The shelf's long watching went by fixed metres; it becomes one step that measures the sitting. The dog that stood on one of its steps stands on it.
do $$
declare
    t record;
    old bigint[];
    fresh bigint;
    moved bigint;
begin
    for t in select * from track where template = 'long-watching' and off_at is null and done_at is null
               and exists (select 1 from step s where s.track_id = track.id and s.removed_at is null and s.template_key in ('quiet', 'd40', 'd30', 'd20', 'd10', 'busy')) loop
        select array_agg(id) into old from step s where s.track_id = t.id and s.removed_at is null and s.template_key in ('quiet', 'd40', 'd30', 'd20', 'd10', 'busy');
        insert into step (practice_id, household_id, track_id, position, title, how, place, distraction, who, aid, word, pass, run, reps, sessions, minutes, on_miss, cautions, teaching, spread, template_key, made_at)
        select practice_id, household_id, track_id, position, 'Watch the world', 'Sit where someone passes every few minutes. Tap what passes.', place, distraction, who, aid, word, pass, run, reps, sessions, minutes, on_miss, cautions,
               coalesce(teaching, '{}') || '{"measure": {"kind": "SITTING", "about": "", "goal": 120, "cueCounts": false}}', spread, 'sits', now()
        from step s where s.id = any (old) order by position, id limit 1
        returning id into fresh;
        moved := null;
        update visit set left_at = now(), left_by = 'MOVED' where track_id = t.id and left_at is null and not undone and step_id = any (old) returning id into moved;
        if moved is not null then
            insert into visit (practice_id, track_id, step_id, entered_at, entered_by) values (t.practice_id, t.id, fresh, now(), 'MOVED') returning id into moved;
        end if;
        delete from need n using need o where o.id < n.id and o.track_id = n.track_id and o.first_track_id = n.first_track_id
           and case when o.step_id = any (old) then fresh else o.step_id end = case when n.step_id = any (old) then fresh else n.step_id end
           and case when o.first_step_id = any (old) then fresh else o.first_step_id end = case when n.first_step_id = any (old) then fresh else n.first_step_id end;
        update need set step_id = fresh where step_id = any (old);
        update need set first_step_id = fresh where first_step_id = any (old);
        update step set removed_at = now() where id = any (old);
        update step s set position = p.n from (select id, row_number() over (order by position, id) - 1 as n from step where track_id = t.id and removed_at is null) p where p.id = s.id;
        insert into update_note (practice_id, household_id, words)
        values (t.practice_id, t.household_id, '“' || t.title || '” now measures: its fixed distances became one step, “Watch the world”, which grows with the sittings the household taps.');

        -- What was tapped in this dog's sittings is its reps, under the ids it has; one already a rep of another track stays that.
        create temporary table tapped on commit drop as
        select p.id, w.id as sitting_id, p.happened_at, w.received_at, w.place_id, extract(epoch from p.happened_at - w.began_at) / 60 as value,
               case when p.seen = 'CALM' then 'CLEAN'
                    when coalesce((select c.choice from method_choice c where c.practice_id = t.practice_id and c.question = 'EXPOSURE' and (c.household_id = t.household_id or c.household_id is null) order by c.household_id nulls last limit 1), '') = 'EXPOSE_LONG_WATCHING'
                         and coalesce(lag(p.seen) over (partition by w.id order by p.happened_at, p.id), '') <> 'REACTED' then 'MISSED'
                    else 'TOO_MUCH' end as outcome
        from watching_tap p join watching w on w.practice_id = p.practice_id and w.household_id = p.household_id and w.id = p.watching_id
        where w.practice_id = t.practice_id and w.household_id = t.household_id and w.dog_id = t.dog_id and p.undone_at is null and p.seen in ('CALM', 'REACTED')
          and p.happened_at >= w.began_at and p.happened_at < w.began_at + interval '12 hours';
        delete from tapped x using rep r where r.id = x.id;
        insert into sitting (id, practice_id, household_id, started_at) select sitting_id, t.practice_id, t.household_id, min(happened_at) from tapped group by 1 on conflict do nothing;
        insert into rep (id, practice_id, household_id, track_id, step_id, visit_id, sitting_id, outcome, role, at, received_at, happened_at, place_id, value, level)
        select id, t.practice_id, t.household_id, t.id, fresh, moved, sitting_id, outcome, 'WORK', happened_at, received_at, happened_at, place_id, value, '' from tapped;
        insert into practice_day (practice_id, household_id, track_id, step_id, day, clean, helped, missed, too_much)
        select t.practice_id, t.household_id, t.id, fresh, (x.happened_at at time zone h.zone)::date, count(*) filter (where outcome = 'CLEAN'), 0, count(*) filter (where outcome = 'MISSED'), count(*) filter (where outcome = 'TOO_MUCH')
        from tapped x join household h on h.practice_id = t.practice_id and h.id = t.household_id group by 5;
        drop table tapped;
        insert into judgement_due (practice_id, track_id, due_at) values (t.practice_id, t.id, now()) on conflict (track_id) do update set due_at = excluded.due_at;
    end loop;
end $$;
