package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface RepMapper {

    String KEPT = """
            select r.id, r.sitting_id, r.track_id, r.step_id, r.visit_id, r.outcome, r.role, r.at, r.happened_at, r.person_id, r.place_id,
                   r.value, r.side, r.item, r.helper, r.adult_id, r.level
            from rep r left join rep_void v on v.rep_id = r.id
            where r.practice_id = #{practice} and v.rep_id is null\s""";

    /**
     * A rep on its way into the table.
     *
     * @param visitId the stay it belongs to, where that is known; else it is the one it fell into or the one nearest in time, undone ones last
     */
    record Arriving(NewRep rep, Instant happenedAt, @Nullable Long visitId) {
    }

    /** Stores what is not there yet, and says what that was. */
    @Select(affectData = true, value = """
            <script>
            insert into rep (id, practice_id, household_id, track_id, step_id, visit_id, sitting_id, outcome, role, at, received_at,
                             happened_at, person_id, place_id, clock_off_s, value, side, item, helper, adult_id, level)
            values
            <foreach collection="batch" item="a" separator=",">
                (#{a.rep.id}, #{practice}, #{household}, #{a.rep.trackId}, #{a.rep.stepId},
                 coalesce(#{a.visitId}::bigint, (select v.id from visit v where v.practice_id = #{practice} and v.step_id = #{a.rep.stepId}
                     order by v.undone, greatest(v.entered_at - #{a.happenedAt}, #{a.happenedAt} - coalesce(v.left_at, #{a.happenedAt}), interval '0'), v.entered_at desc limit 1)),
                 #{a.rep.sittingId}, #{a.rep.outcome}, #{a.rep.role}, #{a.rep.at}, #{received}, #{a.happenedAt}, #{a.rep.personId}, #{a.rep.placeId}, #{clockOff},
                 #{a.rep.tags.value}, #{a.rep.tags.side}, #{a.rep.tags.item}, #{a.rep.tags.helper}, #{a.rep.tags.adultId}, #{a.rep.tags.level})
            </foreach>
            on conflict do nothing returning id
            </script>""")
    Set<UUID> insert(PracticeId practice, long household, List<Arriving> batch, Instant received, @Nullable Long clockOff);

    @Insert("insert into rep_void (rep_id, practice_id, at, by_trainer) values (#{rep}, #{practice}, #{at}, #{trainer}) on conflict (rep_id) do nothing")
    int insertVoid(PracticeId practice, UUID rep, Instant at, @Nullable Long trainer);

    @Select("""
            select r.id, r.sitting_id, r.track_id, r.step_id, r.visit_id, r.outcome, r.role, r.at, r.happened_at, r.person_id, r.place_id,
                   r.value, r.side, r.item, r.helper, r.adult_id, r.level
            from rep r where r.practice_id = #{practice} and r.household_id = #{household} and r.id = #{id}""")
    Optional<KeptRep> find(PracticeId practice, long household, UUID id);

    /** Reps of a track at a moment, voided or not. */
    @Select("select id from rep where practice_id = #{practice} and track_id = #{track} and happened_at = #{at}")
    List<UUID> at(PracticeId practice, long track, Instant at);

    /** Reps of all tracks of one dog since then: a session may span tracks. */
    @Select(KEPT + """
            and r.track_id in (select t.id from track t where t.practice_id = #{practice} and t.dog_id = #{dog})
            and r.happened_at >= #{since} order by r.happened_at, r.id""")
    List<KeptRep> ofDog(PracticeId practice, long dog, Instant since);

    @Select(KEPT + "and r.track_id = #{track} order by r.happened_at desc, r.id desc limit #{most}")
    List<KeptRep> latestOfTrack(PracticeId practice, long track, int most);

    /** Of each track of the household the newest, newest first. */
    @Select("""
            select k.* from track t cross join lateral (
            """ + KEPT + """
            and r.track_id = t.id order by r.happened_at desc, r.id desc limit #{most}) k
            where t.practice_id = #{practice} and t.household_id = #{household} order by k.happened_at desc, k.id desc""")
    List<KeptRep> latestOfTracks(PracticeId practice, long household, int most);

    @Select(KEPT + "and r.track_id = #{track} and r.happened_at >= #{since} order by r.happened_at, r.id")
    List<KeptRep> ofTrack(PracticeId practice, long track, Instant since);

    @Select(KEPT + "and r.household_id = #{household} and r.happened_at >= #{since} order by r.happened_at, r.id")
    List<KeptRep> ofHousehold(PracticeId practice, long household, Instant since);

    @Select("""
            select count(*) from rep r left join rep_void v on v.rep_id = r.id
            where r.practice_id = #{practice} and r.track_id = #{track} and v.rep_id is null and r.outcome = 'TOO_MUCH'
              and r.happened_at > #{after} and r.happened_at >= coalesce((
                  select min(w.happened_at) from (
                      select x.happened_at from rep x left join rep_void xv on xv.rep_id = x.id
                      where x.practice_id = #{practice} and x.track_id = #{track} and x.role = 'WORK' and xv.rep_id is null
                      order by x.happened_at desc limit #{work}) w), '-infinity')""")
    int tooMuchInLast(PracticeId practice, long track, int work, Instant after);

    @Select("""
            select v.id from visit v join track t on t.practice_id = v.practice_id and t.id = v.track_id
            where v.practice_id = #{practice} and t.household_id = #{household} and exists (select 1 from rep r where r.visit_id = v.id)""")
    Set<Long> visitsWithReps(PracticeId practice, long household);

    @Insert("""
            <script>
            insert into practice_day as d (practice_id, household_id, track_id, step_id, day, clean, helped, missed, too_much)
            values
            <foreach collection="days" item="d" separator=",">
                (#{practice}, #{d.householdId}, #{d.trackId}, #{d.stepId}, #{d.day}, #{d.clean}, #{d.helped}, #{d.missed}, #{d.tooMuch})
            </foreach>
            on conflict (track_id, step_id, day) do update set clean = d.clean + excluded.clean, helped = d.helped + excluded.helped,
                missed = d.missed + excluded.missed, too_much = d.too_much + excluded.too_much
            </script>""")
    void addToDays(PracticeId practice, List<PracticeDay> days);

    /** What was measured on each day with such a rep, oldest first. */
    @Select("""
            select r.track_id, r.step_id, (r.happened_at at time zone #{zone})::date as day, min(r.value) filter (where r.outcome = 'CLEAN') as least, max(r.value) filter (where r.outcome = 'CLEAN') as most,
                   bool_or(r.outcome = 'TOO_MUCH') as too_much
            from rep r join step s on s.practice_id = r.practice_id and s.id = r.step_id left join rep_void v on v.rep_id = r.id
            where r.practice_id = #{practice} and r.household_id = #{household} and v.rep_id is null and r.value is not null and s.teaching->'measure' is not null group by 1, 2, 3 order by 3""")
    List<MeasuredDay> measuredDays(PracticeId practice, long household, String zone);

    @Select("select distinct day from practice_day where practice_id = #{practice} and track_id = #{track} and clean + helped + missed + too_much > 0 order by day")
    List<LocalDate> daysOfTrack(PracticeId practice, long track);

    @Select("""
            select household_id, track_id, step_id, day, clean, helped, missed, too_much from practice_day
            where practice_id = #{practice} and household_id = #{household} order by day, step_id""")
    List<PracticeDay> daysOfHousehold(PracticeId practice, long household);

    /** From a day before the goal on: in some zones it is still that day. */
    @Select("""
            select d.household_id, d.track_id, d.step_id, d.day, d.clean, d.helped, d.missed, d.too_much from track t
            join practice_day d on d.practice_id = t.practice_id and d.track_id = t.id and d.day >= (t.done_at at time zone 'UTC')::date - 1
            where t.practice_id = #{practice} and t.household_id = #{household} and t.done_at is not null order by d.day, d.step_id""")
    List<PracticeDay> daysSinceGoals(PracticeId practice, long household);

    @Select("""
            select household_id, track_id, step_id, day, clean, helped, missed, too_much from practice_day
            where practice_id = #{practice} and household_id in (select unnest(#{ids}::bigint[])) and day >= #{since} order by day""")
    List<PracticeDay> daysSince(PracticeId practice, String ids, LocalDate since);
}
