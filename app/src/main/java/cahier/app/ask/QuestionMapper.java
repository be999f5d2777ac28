package cahier.app.ask;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface QuestionMapper {

    String COLUMNS = "select id, household_id, words, asked_at, answer, answered_at, answered_by from question where practice_id = #{practice} ";

    @Insert("""
            insert into question (id, practice_id, household_id, words, asked_at, received_at)
            values (#{q.id}, #{practice}, #{q.householdId}, #{q.words}, #{q.askedAt}, #{now}) on conflict do nothing""")
    int insert(PracticeId practice, @Param("q") Question question, Instant now);

    @Select(COLUMNS + "and household_id = #{household} order by asked_at desc, id limit #{most} offset #{after}")
    List<Question> newest(PracticeId practice, long household, int most, long after);

    @Select(COLUMNS + "and household_id = #{household} and answered_at is null order by asked_at desc, id")
    List<Question> openOf(PracticeId practice, long household);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Question> find(PracticeId practice, UUID id);

    @Select(COLUMNS + "and answered_at is null order by asked_at, id")
    List<Question> open(PracticeId practice);

    /** @param ids of households, {@link cahier.app.scope.Ids} */
    @Select(COLUMNS + "and household_id in (select unnest(#{ids}::bigint[])) and answered_at is null order by asked_at, id")
    List<Question> openOfThese(PracticeId practice, String ids);

    @Update("""
            update question set answer = #{answer}, answered_at = #{now}, answered_by = #{by}
            where practice_id = #{practice} and household_id = #{household} and id = #{id}""")
    int answer(PracticeId practice, long household, UUID id, String answer, String by, Instant now);
}
