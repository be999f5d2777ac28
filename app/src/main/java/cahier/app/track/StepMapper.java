package cahier.app.track;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface StepMapper {

    String COLUMNS = """
            select s.id, s.track_id, s.position, s.version, s.title, s.how, s.place, s.distance_m, s.duration_s, s.distraction, s.who, s.aid, s.word, s.pass, s.run,
                   s.reps, s.sessions, s.minutes, s.on_miss, s.cautions, s.teaching::text, s.spread::text, s.template_key, s.now::text, t.kind, t.often
            from step s join track t on t.practice_id = s.practice_id and t.id = s.track_id where s.practice_id = #{practice}\s""";

    @Select(COLUMNS + "and s.track_id = #{track} and s.removed_at is null order by s.position, s.id")
    List<StepRow> ofTrack(PracticeId practice, long track);

    @Select(COLUMNS + "and s.household_id = #{household} and s.removed_at is null order by s.position, s.id")
    List<StepRow> ofHousehold(PracticeId practice, long household);

    @Select(COLUMNS + "and s.id = #{id}")
    Optional<StepRow> find(PracticeId practice, long id);

    @Select("""
            insert into step (practice_id, household_id, track_id, position, title, how, place, distance_m, duration_s, distraction, who,
                              aid, word, pass, run, reps, sessions, minutes, on_miss, cautions, teaching, spread, template_key, made_at)
            values (#{practice}, #{household}, #{track}, #{position}, #{p.title}, #{p.how}, #{p.place}, #{p.distanceM}, #{p.durationS},
                    #{p.distraction}, #{p.who}, #{p.aid}, #{p.word}, #{p.pass}, #{p.run}, #{p.reps}, #{p.sessions}, #{p.minutes}, #{p.onMiss},
                    #{p.cautions}, #{p.teaching}, #{p.spread,jdbcType=OTHER}, #{key}, #{now})
            returning id""")
    long insert(PracticeId practice, long household, long track, int position, @Param("p") StepPlan plan, String key, Instant now);

    @Update("""
            update step set title = #{p.title}, how = #{p.how}, place = #{p.place}, distance_m = #{p.distanceM},
                   duration_s = #{p.durationS}, distraction = #{p.distraction}, who = #{p.who}, aid = #{p.aid}, word = #{p.word},
                   pass = #{p.pass}, run = #{p.run}, reps = #{p.reps}, sessions = #{p.sessions}, minutes = #{p.minutes}, on_miss = #{p.onMiss},
                   cautions = #{p.cautions}, teaching = #{p.teaching}, spread = #{p.spread,jdbcType=OTHER}, version = version + 1
            where practice_id = #{practice} and id = #{id} and version = #{version} and removed_at is null""")
    int update(PracticeId practice, long id, int version, @Param("p") StepPlan plan);

    /** Where a step that measures stands; no edit of anybody's, so that its version stays. */
    @Update("update step set now = #{now,jdbcType=OTHER} where practice_id = #{practice} and id = #{id}")
    void adjust(PracticeId practice, long id, @Nullable Adjusted now);

    @Update("update step set position = #{position} where practice_id = #{practice} and id = #{id}")
    void place(PracticeId practice, long id, int position);

    @Update("update step set removed_at = #{at} where practice_id = #{practice} and id = #{id}")
    int setRemoved(PracticeId practice, long id, @Nullable Instant at);

    /** A split starts the count of step backs anew. */
    @Update("update step set made_at = #{now} where practice_id = #{practice} and id = #{id}")
    void markSplit(PracticeId practice, long id, Instant now);
}
