package cahier.app.week;

import cahier.app.scope.PracticeId;
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
     * @param asked whether somebody waits for a new plan
     * @param dueAt when to look whether it still holds
     * @param version goes up whenever the plan, or what it is made from, is changed by hand
     */
    record Head(long householdId, Instant plannedAt, LocalDate firstDay, long homeworkId, String unmet, String weather, String hot, boolean asked, Instant dueAt, int version) {
    }

    @Select("""
            select household_id, planned_at, first_day, coalesce(homework_id, 0) as homework_id, unmet, weather, hot, asked, due_at, version from week_plan
            where practice_id = #{practice} and household_id = #{household}""")
    Optional<Head> head(PracticeId practice, long household);

    @Insert("""
            insert into week_plan (practice_id, household_id, planned_at, first_day, unmet, weather, hot, asked, due_at)
            values (#{practice}, #{household}, #{now}, #{yesterday}, '', '', '', true, #{now})
            on conflict (household_id) do update set asked = true, due_at = excluded.due_at, version = week_plan.version + 1""")
    void want(PracticeId practice, long household, Instant now, LocalDate yesterday);

    @Update("update week_plan set asked = true, due_at = #{now}, version = version + 1 where practice_id = #{practice} and household_id = #{household}")
    void ask(PracticeId practice, long household, Instant now);

    @Update("update week_plan set due_at = least(due_at, #{now}) where practice_id = #{practice} and household_id = #{household}")
    void lookAgain(PracticeId practice, long household, Instant now);

    @Update("update week_plan set due_at = #{next} where practice_id = #{practice} and household_id = #{household} and version = #{version} and not asked")
    void looked(PracticeId practice, long household, int version, Instant next);

    @Update("update week_plan set asked = false, due_at = #{until} where practice_id = #{practice} and household_id = #{household}")
    void putOff(PracticeId practice, long household, Instant until);

    /** Takes the place of the plan of this version; 0 where it has changed. */
    @Update("""
            update week_plan set planned_at = #{h.plannedAt}, first_day = #{h.firstDay}, homework_id = nullif(#{h.homeworkId}, 0), unmet = #{h.unmet}, weather = #{h.weather}, hot = #{h.hot},
                   asked = false, due_at = #{h.dueAt}, version = version + 1
            where practice_id = #{practice} and household_id = #{h.householdId} and version = #{h.version}""")
    int keep(PracticeId practice, @Param("h") Head head);

    /** The round works for no practice: it may see whose weeks are due, and then works for each practice in turn. */
    @Select("select set_config('cahier.round', 'yes', true)")
    String announceRound();

    @Select("select distinct practice_id from week_plan where due_at <= #{now}")
    List<PracticeId> practicesDue(Instant now);

    @Select("""
            select household_id from week_plan w where practice_id = #{practice} and due_at <= #{now}
              and not exists (select 1 from household h where h.practice_id = w.practice_id and h.id = w.household_id and h.closed_at is not null)
            order by asked desc, due_at, household_id""")
    List<Long> due(PracticeId practice, Instant now);

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
