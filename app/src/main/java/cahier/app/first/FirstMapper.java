package cahier.app.first;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface FirstMapper {

    record Mark(Part part, FirstHour.State state) {
    }

    @Select("select part, state from first_hour where practice_id = #{practice} and household_id = #{household}")
    List<Mark> marks(PracticeId practice, long household);

    @Insert("""
            insert into first_hour (practice_id, household_id, part, state, at) values (#{practice}, #{household}, #{part}, #{state}, #{now})
            on conflict (practice_id, household_id, part) do update set state = excluded.state, at = excluded.at""")
    void mark(PracticeId practice, long household, Part part, FirstHour.State state, Instant now);

    @Delete("delete from first_hour where practice_id = #{practice} and household_id = #{household} and part = #{part}")
    void unmark(PracticeId practice, long household, Part part);
}
