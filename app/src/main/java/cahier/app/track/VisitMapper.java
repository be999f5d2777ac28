package cahier.app.track;

import cahier.app.account.PracticeId;
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
    Optional<Visit> open(PracticeId practice, long track);

    @Select(COLUMNS + "and track_id = #{track} and not undone order by entered_at, id")
    List<Visit> ofTrack(PracticeId practice, long track);

    /** The stay a rep belongs to: the one it fell into, else the one nearest in time; undone ones last. */
    @Select("""
            select id from visit where practice_id = #{practice} and step_id = #{step}
            order by undone, greatest(entered_at - #{at}, #{at} - coalesce(left_at, #{at}), interval '0'), entered_at desc limit 1""")
    Optional<Long> nearest(PracticeId practice, long step, Instant at);

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
