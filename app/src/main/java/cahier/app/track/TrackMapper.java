package cahier.app.track;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface TrackMapper {

    String COLUMNS = """
            select t.id, t.practice_id, t.household_id, t.dog_id, d.name as dog_name, t.title, t.goal, t.plan, t.kind, t.topic, t.position,
                   t.stale_days, t.done_at, t.template, t.template_digest, t.school, t.parked_until, t.rests_since, t.rests_why, t.moves_on,
                   coalesce(t.off_at, d.gone_at, h.closed_at) as over_since, t.version
            from track t join dog d on d.id = t.dog_id join household h on h.practice_id = t.practice_id and h.id = t.household_id
            where t.practice_id = #{practice}\s""";

    /** Those of dogs that are there, without what was taken off. */
    @Select(COLUMNS + "and t.household_id = #{household} and t.off_at is null and d.gone_at is null order by t.done_at is not null, t.position, t.id")
    List<Track> ofHousehold(PracticeId practice, long household);

    /** Those that were taken off, the latest first; of dogs that are there. */
    @Select(COLUMNS + "and t.household_id = #{household} and t.off_at is not null and d.gone_at is null order by t.off_at desc, t.id")
    List<Track> takenOff(PracticeId practice, long household);

    /** Those of one dog, taken off or not, in the order of their ids. */
    @Select("select id from track where practice_id = #{practice} and household_id = #{household} and (#{dog} = 0 or dog_id = #{dog}) order by id")
    List<Long> ids(PracticeId practice, long household, long dog);

    @Update("update track set off_at = #{at} where practice_id = #{practice} and id = #{id}")
    void takeOff(PracticeId practice, long id, @Nullable Instant at);

    @Select(COLUMNS + "and t.id = #{id}")
    Optional<Track> find(PracticeId practice, long id);

    /** Holds the track until the transaction ends: decisions and moves come one after the other. */
    @Select("select id from track where practice_id = #{practice} and id = #{id} for update")
    Optional<Long> lock(PracticeId practice, long id);

    @Select("""
            insert into track (practice_id, household_id, dog_id, title, goal, plan, kind, topic, position, stale_days, template, school, moves_on)
            values (#{practice}, #{t.householdId}, #{t.dogId}, #{t.title}, #{t.goal}, #{t.plan}, #{t.kind}, #{t.topic},
                    (select coalesce(max(position), 0) + 1 from track where practice_id = #{practice} and household_id = #{t.householdId}),
                    #{t.staleDays}, #{t.template}, #{t.school}, #{t.movesOn})
            returning id""")
    long insert(PracticeId practice, @Param("t") Track track);

    @Update("""
            update track set title = #{t.title}, goal = #{t.goal}, plan = #{t.plan}, kind = #{t.kind}, topic = #{t.topic},
                   stale_days = #{t.staleDays}, moves_on = #{t.movesOn}, version = version + 1
            where practice_id = #{practice} and id = #{t.id} and version = #{t.version}""")
    int update(PracticeId practice, @Param("t") Track track);

    @Update("update track set parked_until = #{until} where practice_id = #{practice} and id = #{id}")
    void park(PracticeId practice, long id, @Nullable LocalDate until);

    @Update("update track set rests_since = #{since}, rests_why = #{why} where practice_id = #{practice} and id = #{id}")
    void rest(PracticeId practice, long id, @Nullable Instant since, String why);

    @Update("update track set school = #{school} where practice_id = #{practice} and id = #{id}")
    void settle(PracticeId practice, long id, String school);

    @Update("update track set template_digest = #{digest} where practice_id = #{practice} and id = #{id}")
    void settleTemplate(PracticeId practice, long id, String digest);

    @Update("""
            insert into track_template (practice_id, household_id, track_id, body)
            select practice_id, household_id, id, #{body}::jsonb from track where practice_id = #{practice} and id = #{id}
            on conflict (practice_id, track_id) do update set body = excluded.body""")
    void keepTemplate(PracticeId practice, long id, String body);

    @Select("select body::text from track_template where practice_id = #{practice} and track_id = #{id}")
    Optional<String> keptTemplate(PracticeId practice, long id);

    /** Tracks that are worked and were made from another version of a template, by household. */
    @Select("""
            select t.id, t.title, d.name as dog, h.name as household
            from track t join dog d on d.id = t.dog_id join household h on h.practice_id = t.practice_id and h.id = t.household_id
            where t.practice_id = #{practice} and t.template = #{template} and t.template_digest <> #{digest}
              and t.done_at is null and t.off_at is null and d.gone_at is null and h.closed_at is null
            order by h.name, t.id limit 100""")
    List<Tracks.Older> older(PracticeId practice, String template, String digest);

    @Update("update track set position = #{position} where practice_id = #{practice} and id = #{id}")
    void place(PracticeId practice, long id, int position);

    @Update("update track set done_at = #{at} where practice_id = #{practice} and id = #{id}")
    void setDone(PracticeId practice, long id, @Nullable Instant at);

    /** Whether it is practised often, by the two weeks before: six sittings or more. A track that is younger counts as often, as its homework asks. */
    @Update("""
            update track t set often = not exists (select 1 from visit v where v.practice_id = t.practice_id and v.track_id = t.id and v.entered_at < #{now}::timestamptz - interval '14 days')
                or (select count(distinct r.sitting_id) from rep r left join rep_void x on x.rep_id = r.id
                    where r.practice_id = t.practice_id and r.track_id = t.id and r.happened_at > #{now}::timestamptz - interval '14 days' and x.rep_id is null) >= 6
            where t.practice_id = #{practice} and t.id = #{id}""")
    void settleRhythm(PracticeId practice, long id, Instant now);

    /** Those of them that are skills whose owner may move on, and not rested. */
    @Select("""
            <script>
            select id from track where practice_id = #{practice} and moves_on = 'OWNER' and kind = 'SKILL' and rests_since is null and done_at is null and off_at is null
            and id in <foreach collection="tracks" item="t" open="(" separator="," close=")">#{t}</foreach> order by id
            </script>""")
    List<Long> goingOn(PracticeId practice, Collection<Long> tracks);
}
