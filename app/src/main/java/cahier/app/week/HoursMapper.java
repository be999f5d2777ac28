package cahier.app.week;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface HoursMapper {

    /** Hours of every week as they are kept. */
    record Row(Whose who, @Nullable Long personId, String hours) {
    }

    @Select("select who, person_id, hours from week_hours where practice_id = #{practice} and household_id = #{household} order by id")
    List<Row> weekly(PracticeId practice, long household);

    @Delete("delete from week_hours where practice_id = #{practice} and household_id = #{household}")
    void clear(PracticeId practice, long household);

    @Insert("insert into week_hours (practice_id, household_id, who, person_id, hours) values (#{practice}, #{household}, #{r.who}, #{r.personId}, #{r.hours})")
    void insert(PracticeId practice, long household, @Param("r") Row row);

    @Select("""
            select person_id, starts_at, ends_at, free from dated_hours
            where practice_id = #{practice} and household_id = #{household} and ends_at > #{from} order by starts_at, id""")
    List<Dated> dated(PracticeId practice, long household, Instant from);

    @Delete("delete from dated_hours where practice_id = #{practice} and household_id = #{household} and person_id = #{person}")
    void clearDated(PracticeId practice, long household, long person);

    @Insert("""
            insert into dated_hours (practice_id, household_id, person_id, starts_at, ends_at, free)
            values (#{practice}, #{household}, #{d.personId}, #{d.startsAt}, #{d.endsAt}, #{d.free})""")
    void insertDated(PracticeId practice, long household, @Param("d") Dated dated);
}
