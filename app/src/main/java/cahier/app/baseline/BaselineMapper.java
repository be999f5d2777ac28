package cahier.app.baseline;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface BaselineMapper {

    record Row(long id, long householdId, long dogId, Kind kind, String about, String body, Instant begunAt, @Nullable Instant closedAt, String takenBy) {
    }

    String COLUMNS = """
            select id, household_id, dog_id, kind, about, body::text as body, begun_at, closed_at, taken_by
            from baseline where practice_id = #{practice}\s""";

    @Select(COLUMNS + "and household_id = #{household} order by begun_at desc, id desc")
    List<Row> ofHousehold(PracticeId practice, long household);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Row> find(PracticeId practice, long id);

    /** Held until the transaction ends: two taps at once are two tries. */
    @Select(COLUMNS + "and id = #{id} for update")
    Optional<Row> hold(PracticeId practice, long id);

    @Select("""
            insert into baseline (practice_id, household_id, dog_id, kind, about, body, begun_at, closed_at, taken_by)
            values (#{practice}, #{household}, #{dog}, #{kind}, #{about}, #{body}::jsonb, #{begunAt}, #{closedAt}, #{by}) returning id""")
    long insert(PracticeId practice, long household, long dog, Kind kind, String about, String body, Instant begunAt, @Nullable Instant closedAt, String by);

    @Update("update baseline set body = #{body}::jsonb, closed_at = #{closedAt} where practice_id = #{practice} and id = #{id} and closed_at is null")
    void update(PracticeId practice, long id, String body, @Nullable Instant closedAt);

    @Update("update baseline set body = #{body}::jsonb where practice_id = #{practice} and id = #{id} and kind = 'WATCH'")
    void correct(PracticeId practice, long id, String body);

    @Delete("delete from baseline where practice_id = #{practice} and id = #{id} and closed_at is null")
    void drop(PracticeId practice, long id);
}
