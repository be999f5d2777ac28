package cahier.app.desk;

import cahier.app.household.Dog;
import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Which households a page of the desk shows, and what it says of them, in one query each. */
@Mapper
interface DeskMapper {

    /**
     * A household on a page.
     *
     * @param all how many are on all pages together
     */
    record Placed(long id, double points, int all) {
    }

    /**
     * The moment a desk is looked at.
     *
     * @param soon a lesson before that is soon
     * @param ahead a lesson after that is not said yet
     * @param backDays practice longer ago, where they live, is not looked for
     */
    record When(Instant now, Instant soon, Instant ahead, int backDays) {

        static When at(Instant now) {
            return new When(now, now.plus(24, ChronoUnit.HOURS), now.plus(400, ChronoUnit.DAYS), 60);
        }

        boolean isSoon(Instant lesson) {
            return lesson.isAfter(now) && lesson.isBefore(soon);
        }
    }

    /**
     * By who needs the trainer first (docs/rules.md 20), with such a reason or any.
     *
     * @param trainers {@link cahier.app.account.Whose#trainers}
     */
    @Select("""
            with w as materialized (select #{w.reasons}::jsonb as reasons, #{w.silent}::jsonb as silent), -- read once, not for each household
            next as (
                select distinct on (household_id) household_id, starts_at, state from lesson
                where practice_id = #{practice} and starts_at > #{when.now}::timestamptz - interval '4 hours' and starts_at < #{when.ahead}
                  and starts_at + make_interval(mins => minutes) > #{when.now} and state in ('PLANNED', 'PREPARED') order by household_id, starts_at, id),
            home as (
                select h.id, lower(h.name) as name, r.reasons, r.alarmed and not 'CALL/ALARM' = any (r.reasons) as alarmed, r.asked, n.starts_at,
                       n.state = 'PLANNED' and n.starts_at > #{when.now} and n.starts_at < #{when.soon} as soon,
                       case when r.practised_on >= (#{when.now}::timestamptz at time zone h.zone)::date - #{when.backDays} then (w.silent -> least(greatest((#{when.now}::timestamptz at time zone h.zone)::date - r.practised_on, 0), #{w.days}))::float end as silent
                from household h join desk_row r on r.practice_id = h.practice_id and r.household_id = h.id cross join w left join next n on n.household_id = h.id
                where h.practice_id = #{practice} and h.closed_at is null and (#{trainers}::bigint[] is null or h.trainer_id is null or h.trainer_id = any (#{trainers}::bigint[]))),
            weighed as (
                select home.*, coalesce(d.highest, 0) > 0 or alarmed as decision,
                       greatest(d.highest, case when alarmed then #{w.alarm}::float end, case when asked then #{w.question}::float end, case when soon then #{w.soon}::float end, silent, 0) as highest,
                       coalesce(d.total, 0) + case when alarmed then #{w.alarm}::float else 0 end + case when asked then #{w.question}::float else 0 end + case when soon then #{w.soon}::float else 0 end + coalesce(silent, 0) as total
                from home left join lateral (
                    select max((w.reasons -> r)::float) as highest, sum((w.reasons -> r)::float) as total from unnest(home.reasons) r, w) d on home.reasons <> '{}'),
            ranked as (select *, highest + #{w.share} * least(#{w.most}, total - highest) as points from weighed)
            select id, points, count(*) over ()::int as all from ranked
            where case #{kind} when 'DECISION' then decision when 'QUESTION' then asked when 'LESSON' then coalesce(soon, false) when 'SILENT' then coalesce(silent > 0, false) else true end
            order by points desc, starts_at nulls last, name, id limit #{most} offset #{after}""")
    List<Placed> placed(PracticeId practice, @Param("when") When when, @Param("w") DeskWeights weights, @Nullable String trainers, String kind, int most, long after);

    /**
     * The whole desk in figures.
     *
     * @param households that are worked with
     * @param waiting suggestions that wait for an answer
     */
    record Totals(int households, int waiting) {
    }

    @Select("""
            with w as materialized (select #{staying}::text[] as staying),
            home as (select id from household where practice_id = #{practice} and closed_at is null and (#{trainers}::bigint[] is null or trainer_id is null or trainer_id = any (#{trainers}::bigint[])))
            select (select count(*) from home)::int as households,
                   (select count(*) from decision d join home h on h.id = d.household_id cross join w
                    where d.practice_id = #{practice} and d.state = 'OPEN' and d.suggested || '/' || d.cause = any (w.staying))::int as waiting""")
    Totals totals(PracticeId practice, @Nullable String trainers, String staying);

    /** By name, of those that have the words in their name or a dog's. */
    @Select("""
            select h.id, 0 as points, count(*) over ()::int as all from household h
            where h.practice_id = #{practice} and h.closed_at is null and (#{like} = '%%' or h.name ilike #{like} or exists (
                select 1 from dog d where d.practice_id = h.practice_id and d.household_id = h.id and d.gone_at is null and d.name || ', ' || d.looks ilike #{like}))
            order by lower(h.name), h.id limit #{most} offset #{after}""")
    List<Placed> named(PracticeId practice, String like, int most, long after);

    /** What {@code desk_row} keeps of a household. */
    record Kept(long householdId, @Nullable LocalDate practisedOn, boolean alarmed) {
    }

    /** @param ids {@link cahier.app.scope.Ids}, as below */
    @Select("select household_id, practised_on, alarmed from desk_row where practice_id = #{practice} and household_id in (select unnest(#{ids}::bigint[]))")
    List<Kept> kept(PracticeId practice, String ids);

    record DogRow(long householdId, long id, String name, String looks, @Nullable LocalDate born, @Nullable Integer weightG, int version) {
        Dog dog() {
            return new Dog(id, name, looks, born, weightG, version);
        }
    }

    record Dose(long householdId, int reps) {
    }

    @Select("select household_id, id, name, looks, born, weight_g, version from dog where practice_id = #{practice} and household_id in (select unnest(#{ids}::bigint[])) and gone_at is null order by id")
    List<DogRow> dogs(PracticeId practice, String ids);

    /** Reps a day that the current steps of a household ask for together. */
    @Select("""
            select t.household_id, sum(s.reps * s.sessions)::int as reps from track t
            join visit v on v.practice_id = t.practice_id and v.track_id = t.id and v.left_at is null and not v.undone join step s on s.id = v.step_id
            where t.practice_id = #{practice} and t.household_id in (select unnest(#{ids}::bigint[])) and t.done_at is null and t.off_at is null
              and not exists (select 1 from dog d where d.practice_id = t.practice_id and d.id = t.dog_id and d.gone_at is not null) group by t.household_id""")
    List<Dose> doses(PracticeId practice, String ids);

    // ---- held to what it rests on ----

    @Select("select all_practices()")
    List<PracticeId> practices();

    /** Households whose row is not what it should be; {@link #mend} puts it right. */
    @Select("""
            select h.id from household h left join desk_row r on r.practice_id = h.practice_id and r.household_id = h.id
            where h.practice_id = #{practice} and (r.practised_on, r.reasons, r.alarmed, r.asked) is distinct from
                (desk_practised_on(h.practice_id, h.id), desk_reasons(h.practice_id, h.id), desk_alarmed(h.practice_id, h.id), desk_asked(h.practice_id, h.id)) order by h.id""")
    List<Long> wrong(PracticeId practice);

    @Select("select keep_desk_row(#{practice}, #{household}, 'all')::text")
    String mend(PracticeId practice, long household);
}
