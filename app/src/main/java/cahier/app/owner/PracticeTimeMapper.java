package cahier.app.owner;

import cahier.app.scope.PracticeId;
import java.time.LocalTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PracticeTimeMapper {

    @Select("select at from practice_time where practice_id = #{practice} and household_id = #{household} order by at")
    List<LocalTime> of(PracticeId practice, long household);

    @Delete("delete from practice_time where practice_id = #{practice} and household_id = #{household}")
    void clear(PracticeId practice, long household);

    @Insert("insert into practice_time (practice_id, household_id, at) values (#{practice}, #{household}, #{at}) on conflict do nothing")
    void insert(PracticeId practice, long household, LocalTime at);
}
