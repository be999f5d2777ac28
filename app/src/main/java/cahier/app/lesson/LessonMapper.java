package cahier.app.lesson;

import cahier.app.account.PracticeId;
import cahier.app.household.Lesson;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface LessonMapper {

    @Select("""
            select id, household_id, starts_at, minutes, plan, travel_min as travel_minutes, state, version from lesson
            where practice_id = #{practice} and id = #{id}""")
    Optional<Lesson> find(PracticeId practice, long id);

    @Select("select agenda::text from lesson where practice_id = #{practice} and id = #{id}")
    @Nullable String agenda(PracticeId practice, long id);

    @Update("update lesson set agenda = #{agenda}::jsonb where practice_id = #{practice} and id = #{id}")
    void setAgenda(PracticeId practice, long id, @Nullable String agenda);

    @Update("update lesson set state = #{state} where practice_id = #{practice} and id = #{id}")
    void setState(PracticeId practice, long id, Lesson.State state);

    /** How many lessons the household has had until and with this one. */
    @Select("select count(*) from lesson where practice_id = #{practice} and household_id = #{household} and starts_at <= #{at}")
    int number(PracticeId practice, long household, Instant at);

    @Insert("insert into pack (practice_id, household_id, lessons, bought_on) values (#{practice}, #{household}, #{lessons}, #{on})")
    void insertPack(PracticeId practice, long household, int lessons, LocalDate on);

    record Bought(int lessons, LocalDate boughtOn) {
    }

    @Select("select lessons, bought_on from pack where practice_id = #{practice} and household_id = #{household} order by bought_on, id")
    List<Bought> packs(PracticeId practice, long household);

    @Select("select count(*) from lesson where practice_id = #{practice} and household_id = #{household} and state = 'GIVEN' and starts_at >= #{since}")
    int given(PracticeId practice, long household, Instant since);
}
