package cahier.app.bench;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SetupMapper {

    @Insert("""
            insert into setup (practice_id, household_id, place_id, kind, title, address, kept_at, kept_by)
            values (#{practice}, #{s.householdId}, #{s.placeId}, #{s.kind}, #{s.title}, #{s.address}, #{s.keptAt}, #{s.keptBy})""")
    void insert(PracticeId practice, @Param("s") Setup setup);

    @Select("""
            select id, household_id, place_id, kind, title, address, kept_at, kept_by from setup
            where practice_id = #{practice} and household_id = #{household} and kept_at <= #{at} and (gone_at is null or gone_at > #{at}) order by kept_at, id""")
    List<Setup> at(PracticeId practice, long household, Instant at);

    @Update("update setup set gone_at = #{now} where practice_id = #{practice} and household_id = #{household} and id = #{id} and gone_at is null")
    int remove(PracticeId practice, long household, long id, Instant now);

    @Update("update setup set gone_at = null where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int restore(PracticeId practice, long household, long id);
}
