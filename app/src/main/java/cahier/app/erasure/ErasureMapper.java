package cahier.app.erasure;

import cahier.app.erasure.Keeping.Kept;
import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface ErasureMapper {

    /** @param counts as JSON, the rows that went by the name of their table */
    record Row(long id, long householdId, Instant askedAt, String askedBy, @Nullable Instant doneAt, String counts) {
    }

    String COLUMNS = "select id, household_id, asked_at, asked_by, done_at, counts::text as counts from erasure where practice_id = #{practice} ";

    @Select("""
            insert into erasure (practice_id, household_id, asked_at, asked_by) values (#{practice}, #{household}, #{at}, #{by}) returning id""")
    long ask(PracticeId practice, long household, Instant at, String by);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Row> find(PracticeId practice, long id);

    @Select(COLUMNS + "and household_id = #{household} and done_at is null")
    Optional<Row> asked(PracticeId practice, long household);

    @Select(COLUMNS + "order by asked_at desc, id desc limit #{most} offset #{after}")
    List<Row> newest(PracticeId practice, int most, long after);

    @Select(COLUMNS + "and done_at is null order by id")
    List<Row> waiting(PracticeId practice);

    @Select("select set_config('cahier.round', 'yes', true)")
    String announceRound();

    @Select("select distinct practice_id from erasure where done_at is null")
    List<PracticeId> practicesWaiting();

    @Select("select practices_that_forget()")
    List<PracticeId> practicesThatForget();

    @Select("select erase_household(#{household})::text")
    String erase(long household);

    @Update("update erasure set done_at = #{at}, counts = #{counts}::jsonb where practice_id = #{practice} and id = #{id}")
    void done(PracticeId practice, long id, Instant at, String counts);

    @Select("select keep_reps_months as reps, keep_health_months as health, keep_questions_months as questions, keep_mail_months as mail from practice where id = #{practice}")
    Optional<Kept> kept(PracticeId practice);

    @Update("""
            update practice set keep_reps_months = #{k.reps}, keep_health_months = #{k.health}, keep_questions_months = #{k.questions}, keep_mail_months = #{k.mail}
            where id = #{practice}""")
    void keep(PracticeId practice, @Param("k") Kept kept);

    @Select("select forget_before(#{what}, #{before})")
    long forget(String what, Instant before);
}
