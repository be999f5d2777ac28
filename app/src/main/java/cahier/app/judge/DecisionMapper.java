package cahier.app.judge;

import cahier.app.scope.PracticeId;
import cahier.core.decide.Decision;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface DecisionMapper {

    String COLUMNS = """
            select id, household_id, track_id, step_id, visit_id, made_at, suggested, cause, suggestion::text as suggestion, state, answer,
                   answered_at, answered_by, why, new_visit_id, version
            from decision where practice_id = #{practice}\s""";

    @Select(COLUMNS + "and track_id = #{track} and state = 'OPEN'")
    Optional<DecisionRow> open(PracticeId practice, long track);

    @Select(COLUMNS + "and id = #{id}")
    Optional<DecisionRow> find(PracticeId practice, long id);

    @Select(COLUMNS + "and track_id = #{track} and state in ('ACCEPTED', 'OVERRULED', 'APPLIED') order by answered_at desc, id desc limit 1")
    Optional<DecisionRow> lastAnswered(PracticeId practice, long track);

    @Select(COLUMNS + "and track_id = #{track} order by coalesce(answered_at, made_at) desc, id desc")
    List<DecisionRow> ofTrack(PracticeId practice, long track);

    @Select("""
            select max(answered_at) from decision where practice_id = #{practice} and track_id = #{track} and suggested = 'CALL'
            and state in ('ACCEPTED', 'OVERRULED')""")
    @Nullable Instant lastCallAnswered(PracticeId practice, long track);

    /** Of each track of a household what is open, and what was answered last. */
    @Select(COLUMNS + """
            and household_id = #{household} and (state = 'OPEN' or id in (
                select distinct on (track_id) id from decision where practice_id = #{practice} and household_id = #{household} and state in ('ACCEPTED', 'OVERRULED', 'APPLIED')
                order by track_id, answered_at desc, id desc))""")
    List<DecisionRow> standing(PracticeId practice, long household);

    /** @param ids of households, {@link cahier.app.scope.Ids} */
    @Select(COLUMNS + "and household_id in (select unnest(#{ids}::bigint[])) and state = 'OPEN' order by track_id")
    List<DecisionRow> openOfThese(PracticeId practice, String ids);

    @Insert("""
            insert into decision (practice_id, household_id, track_id, step_id, visit_id, made_at, suggested, cause, suggestion, state)
            values (#{practice}, #{d.householdId}, #{d.trackId}, #{d.stepId}, #{d.visitId}, #{d.madeAt}, #{d.suggested}, #{d.cause},
                    #{d.suggestion}::jsonb, 'OPEN')""")
    void insert(PracticeId practice, @Param("d") DecisionRow row);

    @Update("""
            update decision set step_id = #{d.stepId}, visit_id = #{d.visitId}, made_at = #{d.madeAt}, suggested = #{d.suggested},
                   cause = #{d.cause}, suggestion = #{d.suggestion}::jsonb, version = version + 1
            where practice_id = #{practice} and id = #{d.id} and state = 'OPEN'""")
    void refresh(PracticeId practice, @Param("d") DecisionRow row);

    @Update("update decision set state = 'REPLACED' where practice_id = #{practice} and id = #{id} and state = 'OPEN'")
    void replace(PracticeId practice, long id);

    @Update("""
            update decision set state = #{state}, answer = #{answer}, answered_at = #{at}, answered_by = #{by}, why = #{why},
                   new_visit_id = #{newVisit}, version = version + 1
            where practice_id = #{practice} and id = #{id} and state = 'OPEN'""")
    int answer(PracticeId practice, long id, Decided.State state, Decision answer, Instant at, String by, String why,
               @Nullable Long newVisit);

    @Update("update decision set state = 'UNDONE', version = version + 1 where practice_id = #{practice} and id = #{id}")
    void undo(PracticeId practice, long id);

    /** What was carried out by itself and does not hold any more, because a rep it stood on was taken back: no trainer has said a word against it. */
    @Update("update decision set state = 'REPLACED', version = version + 1 where practice_id = #{practice} and id = #{id} and state = 'APPLIED'")
    void withdraw(PracticeId practice, long id);

    // ---- when to look again ----

    @Select("select track_id from judgement_due where practice_id = #{practice} and due_at <= #{now} order by track_id")
    List<Long> due(PracticeId practice, Instant now);

    /** The round works for no practice: it may see whose tracks are due, and then works for each practice in turn. */
    @Select("select set_config('cahier.round', 'yes', true)")
    String announceRound();

    @Select("select distinct practice_id from judgement_due where due_at <= #{now}")
    List<PracticeId> practicesDue(Instant now);

    /** Takes a track that is still due, unless somebody is changing it; the track first, as everybody locks it who judges. */
    @Select("""
            select t.id from track t where t.practice_id = #{practice} and t.id = #{track}
              and exists (select 1 from judgement_due d where d.track_id = t.id and d.due_at <= #{now}) for update of t skip locked""")
    Optional<Long> takeDue(PracticeId practice, long track, Instant now);

    @Update("update judgement_due set due_at = #{until} where practice_id = #{practice} and track_id = #{track}")
    void putOff(PracticeId practice, long track, Instant until);

    @Select("select coalesce(bool_or(anew), false) from judgement_due where practice_id = #{practice} and track_id = #{track}")
    boolean isDueAnew(PracticeId practice, long track);

    /** Asks for another look; the sessions are judged anew where one that was judged already has changed. */
    @Insert("""
            insert into judgement_due (practice_id, track_id, due_at, anew) values (#{practice}, #{track}, #{at}, #{anew})
            on conflict (track_id) do update set due_at = excluded.due_at, anew = judgement_due.anew or excluded.anew""")
    void ask(PracticeId practice, long track, Instant at, boolean anew);

    /** Asks for a look when the session of a rep has closed; anew where something that stands was said after the rep. */
    @Insert("""
            insert into judgement_due (practice_id, track_id, due_at, anew) values (#{practice}, #{track}, #{at}, exists (
                select 1 from decision where practice_id = #{practice} and track_id = #{track} and state = 'OPEN' and made_at > #{rep}))
            on conflict (track_id) do update set due_at = excluded.due_at, anew = judgement_due.anew or excluded.anew""")
    void askAfterRep(PracticeId practice, long track, Instant rep, Instant at);

    /** A look was taken; when to look next. */
    @Insert("""
            insert into judgement_due (practice_id, track_id, due_at) values (#{practice}, #{track}, #{next})
            on conflict (track_id) do update set due_at = excluded.due_at, anew = false""")
    void looked(PracticeId practice, long track, Instant next);
}
