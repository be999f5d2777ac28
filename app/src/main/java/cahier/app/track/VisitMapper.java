package cahier.app.track;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface VisitMapper {

    String COLUMNS = """
            select id, track_id, step_id, entered_at, entered_by, entered_cause, left_at, left_by, undone
            from visit where practice_id = #{practice}\s""";

    @Select(COLUMNS + "and track_id = #{track} and left_at is null and not undone")
    Optional<Stay> open(PracticeId practice, long track);

    @Select(COLUMNS + "and track_id in (select id from track where practice_id = #{practice} and household_id = #{household}) and not undone order by entered_at, id")
    List<Stay> ofHousehold(PracticeId practice, long household);

    @Select("""
            insert into visit (practice_id, track_id, step_id, entered_at, entered_by, entered_cause)
            values (#{practice}, #{track}, #{step}, #{at}, #{by}, #{cause}) returning id""")
    long enter(PracticeId practice, long track, long step, Instant at, @Nullable String by, @Nullable String cause);

    @Update("update visit set left_at = #{at}, left_by = #{by} where practice_id = #{practice} and track_id = #{track} and left_at is null and not undone")
    void leave(PracticeId practice, long track, Instant at, String by);

    @Update("update visit set undone = true, left_at = coalesce(left_at, #{at}) where practice_id = #{practice} and id = #{id}")
    void undo(PracticeId practice, long id, Instant at);

    @Update("update visit set left_at = null, left_by = null where practice_id = #{practice} and id = #{id}")
    void reopen(PracticeId practice, long id);

    @Select("""
            select exists (select 1 from visit v join step s on s.id = v.step_id
                           where v.practice_id = #{practice} and v.step_id = #{step} and v.left_by = 'BACK' and not v.undone
                             and v.left_at > s.made_at)""")
    boolean wasLeftByBack(PracticeId practice, long step);
}
