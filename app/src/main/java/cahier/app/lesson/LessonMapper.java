package cahier.app.lesson;

import cahier.app.household.Lesson;
import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface LessonMapper {

    @Select("""
            select id, household_id, starts_at, minutes, plan, travel_min as travel_minutes, state, version, trainer_id as given_by, gives as trainer from lesson_given
            where practice_id = #{practice} and id = #{id}""")
    Optional<Lesson> find(PracticeId practice, long id);

    @Select("select agenda::text from lesson where practice_id = #{practice} and id = #{id}")
    @Nullable String agenda(PracticeId practice, long id);

    @Update("update lesson set agenda = #{agenda}::jsonb where practice_id = #{practice} and id = #{id}")
    void setAgenda(PracticeId practice, long id, @Nullable String agenda);

    /** Who says that a lesson was given is who gave it, where nobody was said to. */
    String GIVEN_BY = "trainer_id = case when #{state} = 'GIVEN' then coalesce(trainer_id, #{by}) else trainer_id end ";

    @Update("update lesson set state = #{state}, " + GIVEN_BY + "where practice_id = #{practice} and id = #{id}")
    void setState(PracticeId practice, long id, Lesson.State state, long by);

    @Update("update lesson set state = #{state}, " + GIVEN_BY + "where practice_id = #{practice} and id = #{id} and state in ('PLANNED', 'PREPARED')")
    int give(PracticeId practice, long id, Lesson.State state, long by);

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

    record Seen(Shown what, boolean fine) {
    }

    @Select("select what, fine from lesson_shown where practice_id = #{practice} and lesson_id = #{lesson} order by what")
    List<Seen> shown(PracticeId practice, long lesson);

    @Insert("""
            insert into lesson_shown (practice_id, lesson_id, what, fine) values (#{practice}, #{lesson}, #{what}, #{fine})
            on conflict (lesson_id, what) do update set fine = excluded.fine""")
    void putShown(PracticeId practice, long lesson, Shown what, boolean fine);

    @Delete("delete from lesson_shown where practice_id = #{practice} and lesson_id = #{lesson} and what = #{what}")
    void dropShown(PracticeId practice, long lesson, Shown what);

    /** What the latest earlier lesson of the household at which it was looked for found not right yet. */
    @Select("""
            select what from (select distinct on (s.what) s.what, s.fine from lesson_shown s join lesson l on l.id = s.lesson_id and l.practice_id = s.practice_id
                where s.practice_id = #{practice} and l.household_id = #{household} and l.starts_at < #{before} order by s.what, l.starts_at desc) as latest
            where not fine order by what""")
    List<Shown> notYet(PracticeId practice, long household, Instant before);
}
