package cahier.app.outbox;

import cahier.app.account.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface MailMapper {

    String COLUMNS = """
            select id, household_id, kind, homework_id, from_name, reply_to, to_name, to_address, subject, body, site, state, tries, next_at, made_at, sent_at, trouble
            from mail where practice_id = #{practice}\s""";

    @Insert("""
            insert into mail (practice_id, household_id, kind, homework_id, from_name, reply_to, to_name, to_address, subject, body, site, next_at, made_at)
            values (#{practice}, #{m.householdId}, #{m.kind}, #{m.homeworkId}, #{m.fromName}, #{m.replyTo}, #{m.toName}, #{m.toAddress}, #{m.subject}, #{m.body},
                    #{m.site}, #{m.nextAt}, #{m.madeAt})""")
    void insert(PracticeId practice, @Param("m") Mail mail);

    @Select(COLUMNS + "order by made_at desc, id desc limit #{most}")
    List<Mail> latest(PracticeId practice, int most);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Mail> find(PracticeId practice, long id);

    @Select("select count(*) from mail where practice_id = #{practice} and state = #{state}")
    int count(PracticeId practice, Mail.State state);

    @Select("select set_config('cahier.postman', 'yes', true)")
    String announcePostman();

    @Select("select distinct practice_id from mail where state = 'WAITING' and next_at <= #{now}")
    List<PracticeId> practicesDue(Instant now);

    /** Takes the oldest mail that is due, and puts it off so that nobody else takes it meanwhile. */
    @Select("""
            update mail set tries = tries + 1, next_at = #{until} where practice_id = #{practice} and id = (
                select id from mail where practice_id = #{practice} and state = 'WAITING' and next_at <= #{now} order by next_at, id limit 1 for update skip locked)
            returning id, household_id, kind, homework_id, from_name, reply_to, to_name, to_address, subject, body, site, state, tries, next_at, made_at, sent_at, trouble""")
    Optional<Mail> take(PracticeId practice, Instant now, Instant until);

    @Update("update mail set state = #{state}, next_at = #{next}, sent_at = #{sent}, trouble = #{trouble} where practice_id = #{practice} and id = #{id} and state = 'WAITING'")
    int settle(PracticeId practice, long id, Mail.State state, Instant next, @Nullable Instant sent, String trouble);

    /** Tries it again, from the first wait on. */
    @Update("update mail set state = 'WAITING', tries = 0, next_at = #{now} where practice_id = #{practice} and id = #{id} and state in ('WAITING', 'FAILED')")
    int again(PracticeId practice, long id, Instant now);

    @Update("update mail set state = 'DROPPED' where practice_id = #{practice} and id = #{id} and state in ('WAITING', 'FAILED')")
    int drop(PracticeId practice, long id);
}
