package cahier.app.outbox;

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
import org.jspecify.annotations.Nullable;

@Mapper
interface MailMapper {

    String COLUMNS = """
            select id, household_id, kind, homework_id, alarm_id, from_name, reply_to, to_name, to_address, subject, body, site, state, tries, next_at, made_at, sent_at, trouble
            from mail where practice_id = #{practice}\s""";

    @Insert("""
            insert into mail (practice_id, household_id, kind, homework_id, alarm_id, from_name, reply_to, to_name, to_address, subject, body, site, next_at, made_at)
            values (#{practice}, #{m.householdId}, #{m.kind}, #{m.homeworkId}, #{m.alarmId}, #{m.fromName}, #{m.replyTo}, #{m.toName}, #{m.toAddress}, #{m.subject}, #{m.body},
                    #{m.site}, #{m.nextAt}, #{m.madeAt})""")
    void insert(PracticeId practice, @Param("m") Mail mail);

    @Select(COLUMNS + "order by made_at desc, id desc limit #{most} offset #{after}")
    List<Mail> newest(PracticeId practice, int most, long after);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Mail> find(PracticeId practice, long id);

    @Select("select count(*) from mail where practice_id = #{practice} and state = #{state}")
    int count(PracticeId practice, Mail.State state);

    @Select("select set_config('cahier.postman', 'yes', true)")
    String announcePostman();

    @Select("select distinct practice_id from mail where state = 'WAITING' and next_at <= #{now} and (taken_until is null or taken_until < clock_timestamp())")
    List<PracticeId> practicesDue(Instant now);

    /** Takes the oldest mail that is due; for so many seconds of the database's clock nobody else does. */
    @Select("""
            update mail set tries = tries + 1, taken_until = clock_timestamp() + make_interval(secs => #{seconds}) where practice_id = #{practice} and id = (
                select id from mail where practice_id = #{practice} and state = 'WAITING' and next_at <= #{now}
                    and (taken_until is null or taken_until < clock_timestamp()) order by next_at, id limit 1 for update skip locked)
            returning id, household_id, kind, homework_id, alarm_id, from_name, reply_to, to_name, to_address, subject, body, site, state, tries, next_at, made_at, sent_at, trouble""")
    Optional<Mail> take(PracticeId practice, Instant now, long seconds);

    @Update("update mail set state = #{state}, next_at = #{next}, taken_until = null, sent_at = #{sent}, trouble = #{trouble} where practice_id = #{practice} and id = #{id} and (state = 'WAITING' or #{sent}::timestamptz is not null)")
    int settle(PracticeId practice, long id, Mail.State state, Instant next, @Nullable Instant sent, String trouble);

    /** Waiting or failed mails of earlier sheets of a household. */
    @Select(COLUMNS + "and household_id = #{household} and kind = 'HOMEWORK' and homework_id <> #{sheet} and state in ('WAITING', 'FAILED') order by id")
    List<Mail> superseded(PracticeId practice, long household, long sheet);

    @Select("select exists (select 1 from mail where practice_id = #{practice} and homework_id = #{sheet} and kind = 'HOMEWORK' and state <> 'DROPPED')")
    boolean isMailed(PracticeId practice, long sheet);

    @Update("update mail set state = 'DROPPED', trouble = #{why} where practice_id = #{practice} and id = #{id} and state in ('WAITING', 'FAILED')")
    int withdraw(PracticeId practice, long id, String why);

    @Update("update mail set state = 'DROPPED', trouble = #{why} where practice_id = #{practice} and homework_id = #{sheet} and state in ('WAITING', 'FAILED')")
    int withdrawSheet(PracticeId practice, long sheet, String why);

    @Update("update mail set state = 'DROPPED', trouble = #{why} where practice_id = #{practice} and alarm_id = #{alarm} and state in ('WAITING', 'FAILED')")
    int withdrawAlarm(PracticeId practice, UUID alarm, String why);

    @Update("update mail set state = 'DROPPED', trouble = #{why} where practice_id = #{practice} and household_id = #{household} and state in ('WAITING', 'FAILED')")
    int withdrawHousehold(PracticeId practice, long household, String why);

    @Update("update mail set state = 'DROPPED', trouble = #{why} where practice_id = #{practice} and kind = 'QUESTIONS' and state = 'WAITING'")
    int withdrawQuestions(PracticeId practice, String why);

    /** When questions went out to somebody last. */
    @Select("select max(sent_at) from mail where practice_id = #{practice} and kind = 'QUESTIONS' and state = 'SENT' and lower(to_address) = lower(#{to})")
    @Nullable Instant questionsSent(PracticeId practice, String to);

    /** Tries it again, from the first wait on. */
    @Update("update mail set state = 'WAITING', tries = 0, next_at = #{now} where practice_id = #{practice} and id = #{id} and state in ('WAITING', 'FAILED')")
    int again(PracticeId practice, long id, Instant now);

    @Update("update mail set state = 'DROPPED' where practice_id = #{practice} and id = #{id} and state in ('WAITING', 'FAILED')")
    int drop(PracticeId practice, long id);
}
