package cahier.app.lesson;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface BusyMapper {

    @Delete("delete from busy where practice_id = #{practice} and trainer_id = #{trainer}")
    void clear(PracticeId practice, long trainer);

    @Insert("insert into busy (practice_id, trainer_id, starts_at, ends_at, title) values (#{practice}, #{trainer}, #{b.startsAt}, #{b.endsAt}, #{b.title})")
    void insert(PracticeId practice, long trainer, @Param("b") Busy busy);

    @Select("select starts_at, ends_at, title, trainer_id from busy where practice_id = #{practice} and ends_at > #{from} and starts_at < #{to} order by starts_at, id")
    List<Busy> between(PracticeId practice, Instant from, Instant to);

    @Select("select count(*) from busy where practice_id = #{practice} and trainer_id = #{trainer}")
    int count(PracticeId practice, long trainer);
}
