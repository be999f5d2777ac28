package cahier.app.week;

import cahier.app.account.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PlanMapper {

    /**
     * What the plan of a household was made for.
     *
     * @param unmet a line for each track that found no time for all its sessions
     * @param weather what to say of the weather; empty when it was known
     * @param hot hot hours, "780-840 840-900", in minutes from the first midnight
     */
    record Head(long householdId, Instant plannedAt, LocalDate firstDay, long homeworkId, String unmet, String weather, String hot) {
    }

    @Select("select household_id, planned_at, first_day, coalesce(homework_id, 0) as homework_id, unmet, weather, hot from week_plan where practice_id = #{practice} and household_id = #{household}")
    Optional<Head> head(PracticeId practice, long household);

    /** Two who open the page at once plan one after the other. */
    @Select("select household_id from week_plan where practice_id = #{practice} and household_id = #{household} for update")
    Optional<Long> lock(PracticeId practice, long household);

    @Insert("""
            insert into week_plan (practice_id, household_id, planned_at, first_day, homework_id, unmet, weather, hot)
            values (#{practice}, #{h.householdId}, #{h.plannedAt}, #{h.firstDay}, nullif(#{h.homeworkId}, 0), #{h.unmet}, #{h.weather}, #{h.hot})
            on conflict (household_id) do update set planned_at = excluded.planned_at, first_day = excluded.first_day, homework_id = excluded.homework_id,
                   unmet = excluded.unmet, weather = excluded.weather, hot = excluded.hot""")
    void put(PracticeId practice, @Param("h") Head head);

    @Delete("delete from week_plan where practice_id = #{practice} and household_id = #{household}")
    void forget(PracticeId practice, long household);

    @Select("""
            select track_id, step_id, dog_id, person_id, starts_at, minutes, pinned, broken from planned_session
            where practice_id = #{practice} and household_id = #{household} order by starts_at, dog_id, id""")
    List<Planned> sessions(PracticeId practice, long household);

    @Delete("delete from planned_session where practice_id = #{practice} and household_id = #{household}")
    void clear(PracticeId practice, long household);

    @Insert("""
            insert into planned_session (practice_id, household_id, track_id, step_id, dog_id, person_id, starts_at, minutes, pinned, broken)
            values (#{practice}, #{household}, #{p.trackId}, #{p.stepId}, #{p.dogId}, #{p.personId}, #{p.startsAt}, #{p.minutes}, #{p.pinned}, #{p.broken})""")
    void insert(PracticeId practice, long household, @Param("p") Planned planned);

    @Update("update planned_session set pinned = #{pinned} where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and starts_at = #{startsAt}")
    int pin(PracticeId practice, long household, long dog, Instant startsAt, boolean pinned);

    @Update("""
            update planned_session set starts_at = #{to}, person_id = #{person}, pinned = true
            where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and starts_at = #{startsAt}""")
    int move(PracticeId practice, long household, long dog, Instant startsAt, Instant to, long person);
}
