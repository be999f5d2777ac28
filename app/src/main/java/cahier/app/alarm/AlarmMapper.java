package cahier.app.alarm;

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
interface AlarmMapper {

    String COLUMNS = """
            select a.id, a.household_id, a.dog_id, d.name as dog_name, a.kind, a.what, a.happened_at, a.opened_at,
                   a.answered_at, a.answered_by, a.spoken_with, a.answer
            from alarm a join dog d on d.id = a.dog_id where a.practice_id = #{practice}\s""";

    @Insert("""
            insert into alarm (id, practice_id, household_id, dog_id, kind, what, happened_at, received_at)
            values (#{a.id}, #{practice}, #{a.householdId}, #{a.dogId}, #{a.kind}, #{a.what}, #{a.happenedAt}, #{now}) on conflict do nothing""")
    int insert(PracticeId practice, @Param("a") Alarm alarm, Instant now);

    @Select(COLUMNS + "and a.id = #{id}")
    Optional<Alarm> find(PracticeId practice, UUID id);

    /** Of a household every open one, and the newest of the others. */
    @Select(COLUMNS + "and a.household_id = #{household} order by a.answered_at is not null, a.happened_at desc limit greatest(#{most}, (select count(*) from alarm o "
            + "where o.practice_id = #{practice} and o.household_id = #{household} and o.answered_at is null))")
    List<Alarm> history(PracticeId practice, long household, int most);

    @Update("update alarm set opened_at = #{now} where practice_id = #{practice} and id = #{id} and opened_at is null")
    int opened(PracticeId practice, UUID id, Instant now);

    @Update("""
            update alarm set answered_at = #{now}, answered_by = #{by}, spoken_with = #{with}, answer = #{answer}, opened_at = coalesce(opened_at, #{now})
            where practice_id = #{practice} and id = #{id} and answered_at is null""")
    int answer(PracticeId practice, UUID id, String by, String with, String answer, Instant now);
}
