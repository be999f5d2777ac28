package cahier.app.brief;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface HourMapper {

    /**
     * A lesson that runs.
     *
     * @param beganAt none before it does
     * @param atBlock which block of its agenda is at hand, 0-based
     */
    record Running(@Nullable Instant beganAt, int atBlock, String notes) {
    }

    @Select("select began_at, at_block, notes from lesson where practice_id = #{practice} and id = #{id}")
    Optional<Running> running(PracticeId practice, long id);

    /** Held until the transaction ends: two devices of a trainer write one after the other. */
    @Select("select began_at, at_block, notes from lesson where practice_id = #{practice} and id = #{id} for update")
    Optional<Running> locked(PracticeId practice, long id);

    @Update("update lesson set began_at = coalesce(began_at, #{now}) where practice_id = #{practice} and id = #{id}")
    void begin(PracticeId practice, long id, Instant now);

    @Update("update lesson set at_block = #{at} where practice_id = #{practice} and id = #{id}")
    void putAt(PracticeId practice, long id, int at);

    @Update("update lesson set notes = #{notes} where practice_id = #{practice} and id = #{id}")
    void putNotes(PracticeId practice, long id, String notes);
}
