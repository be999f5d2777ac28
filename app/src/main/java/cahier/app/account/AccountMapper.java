package cahier.app.account;

import cahier.app.scope.PracticeId;
import cahier.core.method.Choice;
import cahier.core.method.Question;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface AccountMapper {

    record TrainerRow(long id, PracticeId practiceId, String name, String email, String passwordHash) {
    }

    /** Opens the one row of this address for the rest of the transaction; before sign-in no practice is known. */
    @Select("select set_config('cahier.sign_in', #{email}, true)")
    String announceSignIn(String email);

    @Select("select id, practice_id, name, email, password_hash from trainer where lower(email) = lower(#{email})")
    Optional<TrainerRow> findTrainer(String email);

    @Select("select id, practice_id, name, email, password_hash from trainer where practice_id = #{practice} and id = #{id}")
    Optional<TrainerRow> trainer(PracticeId practice, long id);

    @Update("update trainer set password_hash = #{hash} where practice_id = #{practice} and id = #{id}")
    int keepPassword(PracticeId practice, long id, String hash);

    @Select("select set_config('cahier.practice', #{practice}::text, true)")
    String announcePractice(PracticeId practice);

    @Select("select name from practice where id = #{practice}")
    String practiceName(PracticeId practice);

    @Select("""
            select name, address, phone, country, zone as zone_id, lesson_min as lesson_minutes, travel_min as travel_minutes, rhythm_days, step_reps, step_sessions, questions_by_mail
            from practice where id = #{practice}""")
    AccountService.PracticeSettings settings(PracticeId practice);

    @Update("""
            update practice set name = #{s.name}, address = #{s.address}, phone = #{s.phone}, country = #{s.country}, zone = #{s.zoneId}, lesson_min = #{s.lessonMinutes},
                   travel_min = #{s.travelMinutes}, rhythm_days = #{s.rhythmDays}, step_reps = #{s.stepReps}, step_sessions = #{s.stepSessions},
                   questions_by_mail = #{s.questionsByMail} where id = #{practice}""")
    void keepSettings(PracticeId practice, @Param("s") AccountService.PracticeSettings settings);

    @Select("select id, name, email, phone from trainer where practice_id = #{practice} order by id")
    List<AccountService.Trainer> trainers(PracticeId practice);

    @Update("update trainer set phone = #{phone} where practice_id = #{practice} and id = #{id}")
    void keepPhone(PracticeId practice, long id, String phone);

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
            insert into trainer (practice_id, name, email, password_hash)
            values (#{practice}, #{name}, #{email}, #{passwordHash})""")
    void insertTrainer(PracticeId practice, String name, String email, String passwordHash);
}
