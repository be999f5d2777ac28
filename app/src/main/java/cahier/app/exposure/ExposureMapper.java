package cahier.app.exposure;

import cahier.app.log.Sign;
import cahier.app.scope.PracticeId;
import cahier.core.exposure.Closer;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.Trigger;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface ExposureMapper {

    @Insert("""
            insert into exposure (id, practice_id, household_id, dog_id, kind, metres, given, response, food, calm_after_s, place_id, happened_at, loudness, noted_by, answered_ms, phase, received_at)
            values (#{m.id}, #{practice}, #{m.householdId}, #{m.dogId}, #{m.kind}, #{m.metres}, #{m.given}, #{m.response}, #{m.food}, #{m.calmAfterS}, #{m.placeId}, #{m.happenedAt}, #{m.loudness}, #{m.notedBy}, #{m.answeredMs}, coalesce(#{m.phase}, ''), #{now})
            on conflict do nothing""")
    void insert(PracticeId practice, @Param("m") Met met, Instant now);

    @Update("update exposure set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    @Update("update exposure set undone_at = #{at} where practice_id = #{practice} and household_id = #{household} and id = #{id} and (undone_at is null) <> (#{at}::timestamptz is null)")
    void follow(PracticeId practice, long household, UUID id, @Nullable Instant at);

    /** Where the step a dog stands on is to end that measures by these. */
    record Goal(long dogId, String kind, String about, double goal) {

        boolean isOf(long dog, Threat threat) {
            return dogId == dog && about.equals(threat.kind() == Trigger.NOISE ? Integer.toString(threat.loudness()) : threat.kind().name());
        }
    }

    @Select("""
            select t.dog_id, s.teaching->'measure'->>'kind' as kind, s.teaching->'measure'->>'about' as about, (s.teaching->'measure'->>'goal')::double precision as goal
            from step s join track t on t.practice_id = s.practice_id and t.id = s.track_id join visit v on v.practice_id = s.practice_id and v.step_id = s.id and v.left_at is null and not v.undone
            where s.practice_id = #{practice} and s.household_id = #{household} and t.off_at is null and s.teaching->'measure'->>'kind' in ('DISTANCE', 'NOISE') order by t.position""")
    List<Goal> goals(PracticeId practice, long household);

    @Select("""
            select id, household_id, dog_id, kind, metres, given, response, food, calm_after_s, place_id, happened_at, loudness, noted_by, sign, answered_ms, nullif(phase, '') as phase from exposure
            where practice_id = #{practice} and household_id = #{household} and undone_at is null and happened_at >= #{since} order by happened_at, id""")
    List<Met> since(PracticeId practice, long household, Instant since);

    /** Those and all since a distance was last set, with what an estimate took then: from these it is known where a dog works. */
    @Select("""
            select e.id, e.household_id, e.dog_id, e.kind, e.metres, e.given, e.response, e.food, e.calm_after_s, e.place_id, e.happened_at, e.loudness, e.noted_by, e.sign, e.answered_ms, nullif(e.phase, '') as phase from exposure e
            where e.practice_id = #{practice} and e.household_id = #{household} and e.undone_at is null
                and (e.happened_at >= #{since} or e.happened_at >= (select max(w.set_at) - interval '60 days' from working_distance w
                    where w.practice_id = e.practice_id and w.household_id = e.household_id and w.dog_id = e.dog_id and w.kind = e.kind and w.loudness = e.loudness))
            order by e.happened_at, e.id""")
    List<Met> forWorking(PracticeId practice, long household, Instant since);

    @Update("update exposure set sign = #{sign} where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int sign(PracticeId practice, long household, UUID id, Sign sign);

    @Update("update exposure set calm_after_s = #{seconds} where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int calm(PracticeId practice, long household, UUID id, int seconds);

    /**
     * Where a dog works with a trigger, and since when; with the trainer's own step closer and where it is to work in the end, if that was said.
     *
     * @param ledMedian how sharply dogs turned as far as was known when it was set to be led by the estimate, and their spread; none where it goes step by step
     */
    record Place(long dogId, Trigger kind, int loudness, double metres, Instant setAt, String setBy, @Nullable Double ownStep, @Nullable Double goal, @Nullable Double ledMedian, @Nullable Double ledSd) {

        /** The same of a noise that is louder. */
        Place louder(int than) {
            return new Place(dogId, kind, than, metres, setAt, setBy, ownStep, goal, ledMedian, ledSd);
        }

        /** How sharply dogs turned when the estimate was set to lead; empty where it goes step by step. */
        Optional<Steepness> led() {
            return ledMedian == null || ledSd == null ? Optional.empty() : Optional.of(new Steepness(ledMedian, ledSd, 0));
        }

        Closer closer() {
            return led().<Closer>map(Closer.Led::new).orElseGet(this::steps);
        }

        Closer.BySteps steps() {
            return new Closer.BySteps(Exposures.boxed(ownStep));
        }

        boolean isOf(long dog, Threat threat) {
            return dogId == dog && kind == threat.kind() && loudness == threat.loudness();
        }
    }

    @Select("""
            select distinct on (dog_id, kind, loudness) dog_id, kind, loudness, metres, set_at, set_by, own_step, goal, led_median, led_sd from working_distance
            where practice_id = #{practice} and household_id = #{household} order by dog_id, kind, loudness, set_at desc, id desc""")
    List<Place> working(PracticeId practice, long household);

    @Insert("""
            insert into working_distance (practice_id, household_id, dog_id, kind, loudness, metres, own_step, goal, led_median, led_sd, set_at, set_by)
            values (#{practice}, #{household}, #{p.dogId}, #{p.kind}, #{p.loudness}, #{p.metres}, #{p.ownStep}, #{p.goal}, #{p.ledMedian}, #{p.ledSd}, #{p.setAt}, #{p.setBy})""")
    void set(PracticeId practice, long household, @Param("p") Place place);

    @Select("select id, name, metres from landmark where practice_id = #{practice} and household_id = #{household} order by metres, id")
    List<Landmark> landmarks(PracticeId practice, long household);

    @Insert("""
            insert into landmark (practice_id, household_id, name, metres) values (#{practice}, #{household}, #{name}, #{metres})
            on conflict (household_id, lower(name)) do update set metres = excluded.metres, name = excluded.name""")
    void putLandmark(PracticeId practice, long household, String name, double metres);

    @Delete("delete from landmark where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int removeLandmark(PracticeId practice, long household, long id);
}
