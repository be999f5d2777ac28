package cahier.app.account;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.core.method.Choice;
import cahier.core.method.Question;

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
interface AccountMapper {

    record TrainerRow(long id, PracticeId practiceId, String name, String email, String passwordHash, TrainerRole role, String signs, @Nullable Instant joinedAt) {

        TrainerUser of(String practiceName) {
            return new TrainerUser(id, practiceId, practiceName, name, email, passwordHash, role, signs);
        }
    }

    /** Opens the one row of this address for the rest of the transaction; before sign-in no practice is known. */
    @Select("select set_config('cahier.sign_in', #{email}, true)")
    String announceSignIn(String email);

    String TRAINER = "select id, practice_id, name, email, password_hash, role, signs, joined_at from trainer where left_at is null and ";

    @Select(TRAINER + "lower(email) = lower(#{email})")
    Optional<TrainerRow> findTrainer(String email);

    @Select(TRAINER + "practice_id = #{practice} and id = #{id}")
    Optional<TrainerRow> trainer(PracticeId practice, long id);

    @Update("update trainer set password_hash = #{hash}, joined_at = coalesce(joined_at, #{now}) where practice_id = #{practice} and id = #{id}")
    int keepPassword(PracticeId practice, long id, String hash, Instant now);

    @Select("select set_config('cahier.practice', #{practice}::text, true)")
    String announcePractice(PracticeId practice);

    @Select("select name from practice where id = #{practice}")
    String practiceName(PracticeId practice);

    @Select("""
            select name, address, phone, country, zone as zone_id, lesson_min as lesson_minutes, travel_min as travel_minutes, rhythm_days, step_reps, step_sessions, language
            from practice where id = #{practice}""")
    AccountService.PracticeSettings settings(PracticeId practice);

    @Update("""
            update practice set name = #{s.name}, address = #{s.address}, phone = #{s.phone}, country = #{s.country}, zone = #{s.zoneId}, lesson_min = #{s.lessonMinutes},
                   travel_min = #{s.travelMinutes}, rhythm_days = #{s.rhythmDays}, step_reps = #{s.stepReps}, step_sessions = #{s.stepSessions}, language = #{s.language} where id = #{practice}""")
    void keepSettings(PracticeId practice, @Param("s") AccountService.PracticeSettings settings);

    String HERE = "select t.id, t.name, t.signs, t.email, t.phone, t.role, t.questions_by_mail, t.language from trainer t where t.practice_id = #{practice} and t.joined_at is not null and t.left_at is null ";

    @Select(HERE + "order by t.id")
    List<AccountService.Trainer> trainers(PracticeId practice);

    record Named(long id, String signs) {
    }

    @Select("select id, signs from trainer where practice_id = #{practice} order by id")
    List<Named> names(PracticeId practice);

    /** Whoever works with households. */
    String WORKING = HERE + "and t.role <> 'READS' ";

    @Select(WORKING + "order by t.id")
    List<AccountService.Trainer> working(PracticeId practice);

    @Select(WORKING + "and t.id = coalesce((select answers_for(h.practice_id, h.trainer_id, (#{now}::timestamptz at time zone p.zone)::date) from household h join practice p on p.id = h.practice_id where h.practice_id = #{practice} and h.id = #{household}), t.id) order by t.id")
    List<AccountService.Trainer> answering(PracticeId practice, long household, Instant now);

    /** @param standsFor trainers somebody stands in for, as {@link cahier.app.scope.Ids} has them */
    record Around(int trainers, String standsFor) {
    }

    @Select("""
            select (select count(*) from trainer where practice_id = #{practice} and joined_at is not null and left_at is null and role <> 'READS')::int as trainers,
                   (select coalesce(array_agg(s.trainer_id), '{}') || #{me}::bigint from stand_in s where s.practice_id = #{practice} and s.stand_in_id = #{me} and (#{now}::timestamptz at time zone (select p.zone from practice p where p.id = #{practice}))::date between s.from_day and s.until_day)::text as stands_for""")
    Around around(PracticeId practice, long me, Instant now);

    @Update("update trainer set phone = #{phone}, questions_by_mail = #{questionsByMail}, language = #{language} where practice_id = #{practice} and id = #{id}")
    void keepOwn(PracticeId practice, long id, String phone, boolean questionsByMail, @Nullable String language);

    @Select("select zone from practice where id = #{practice}")
    String practiceZone(PracticeId practice);

    @Select("select exists (select 1 from installation)")
    boolean isInstalled();

    @Select("select nextval(pg_get_serial_sequence('practice', 'id'))")
    PracticeId nextPractice();

    @Insert("""
            insert into practice (id, name, zone, created_at) overriding system value
            values (#{practice}, #{name}, #{zone}, now())""")
    void insertPractice(PracticeId practice, String name, String zone);

    @Insert("insert into method_choice (practice_id, question, choice) values (#{practice}, #{question}, #{choice})")
    void insertChoice(PracticeId practice, Question question, Choice choice);

    @Insert("insert into installation (first_practice) values (#{practice}) on conflict do nothing")
    int markInstalled(PracticeId practice);

    @Insert("""
            insert into trainer (practice_id, name, email, phone, password_hash, role, joined_at)
            values (#{practice}, #{name}, #{email}, #{phone}, #{passwordHash}, #{role}, now())""")
    void insertTrainer(PracticeId practice, String name, String email, String phone, String passwordHash, TrainerRole role);
}
