package cahier.app.household;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface FactMapper {

    String OF = " where practice_id = #{practice} and household_id = #{household} ";
    String ONE = OF + "and id = #{id}";
    String SAME = OF + "and id = #{f.id} and version = #{f.version}";
    String PEOPLE = "select id, name, age, may_handle, confident, pace_cm, note, email, phone, adult_id, consented_at is not null as consented, version from person" + OF + "and left_at is null order by coalesce(age, 999) desc, id";
    String DOGS = "select id, name, looks, born, weight_g, version from dog" + OF + "and gone_at is null order by id";
    String GONE = "select id, name, looks, born, weight_g, version, gone_at, gone_how from dog" + OF + "and gone_at is not null order by gone_at, id";
    String LEFT = "select id, name, left_at from person" + OF + "and left_at is not null order by left_at, id";
    String PLACES = "select id, name, difficulty, surface, passers, enclosed, signal, note, outdoors, busy, version from place" + OF + "order by difficulty, id";
    String WORDS = "select id, word, meaning, dog_id, signal, role, version from word" + OF + "order by role <> 'CUE', lower(word), id";
    String LESSON = "select id, household_id, starts_at, minutes, plan, travel_min as travel_minutes, state, version, trainer_id as given_by, gives as trainer from lesson_given ";
    String LESSONS = LESSON + OF + "order by starts_at desc";

    String ABOUT = "exists (select 1 from (select topic from wish" + OF + "union all select topic from track" + OF + "and off_at is null) a where topic in ";
    String MEASURED = " or exists (select 1 from step" + OF + "and removed_at is null and teaching -> 'measure' ->> 'kind' in ";
    String NOTED = " or exists (select 1 from ";
    /** Sections of its book that something is about: a wish, a track, a step that measures, or what was noted. */
    String NEEDS = "case when " + ABOUT + "('DOGS', 'PEOPLE', 'NOISE'))" + MEASURED + "('DISTANCE', 'NOISE', 'SITTING', 'WALK'))" + NOTED + "exposure" + OF + ") then 'distances' end, "
            + "case when " + ABOUT + "('ALONE'))" + MEASURED + "('ALONE'))" + NOTED + "departure" + OF + ") then 'alone' end, "
            + "case when " + ABOUT + "('HANDLING'))" + MEASURED + "('ZONE'))" + NOTED + "comfort" + OF + ") then 'handling' end";

    @Select(PEOPLE)
    List<Person> people(PracticeId practice, long household);

    @Select(DOGS)
    List<Dog> dogs(PracticeId practice, long household);

    @Select(PLACES)
    List<Place> places(PracticeId practice, long household);

    @Select(WORDS)
    List<Word> words(PracticeId practice, long household);

    @Select(LESSONS)
    List<Lesson> lessons(PracticeId practice, long household);

    /** Everything about a household in one go, each list as JSON in the order of the lists above. */
    record Whole(long id, PracticeId practiceId, String name, String home, String zoneId, String cautions, String emergency, String emergencyPhone, @Nullable Instant closedAt, @Nullable Long trainerId, @Nullable String ownLanguage, String language, int version,
                 String people, String dogs, String gone, String left, String places, String words, String lessons, String needs) {

        Household household() {
            return new Household(id, practiceId, name, home, zoneId, cautions, emergency, emergencyPhone, closedAt, trainerId, ownLanguage, language, version);
        }
    }

    @Select("select id, practice_id, name, home, zone as zone_id, cautions, emergency, emergency_phone, closed_at, trainer_id, language as own_language, coalesce(language, (select p.language from practice p where p.id = practice_id)) as language, version, "
            + "(select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + PEOPLE + ") f)::text as people, (select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + DOGS + ") f)::text as dogs, "
            + "(select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + GONE + ") f)::text as gone, (select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + LEFT + ") f)::text as left, "
            + "(select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + PLACES + ") f)::text as places, (select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + WORDS + ") f)::text as words, "
            + "(select coalesce(jsonb_agg(to_jsonb(f)), '[]') from (" + LESSONS + ") f)::text as lessons, concat_ws(' ', " + NEEDS + ") as needs from household where practice_id = #{practice} and id = #{household}")
    Optional<Whole> whole(PracticeId practice, long household);

    String BETWEEN = LESSON + """
            where practice_id = #{practice} and starts_at >= #{start} and starts_at < #{end}
              and starts_at < coalesce(closed_at, 'infinity')\s""";

    /** Those a trainer gives, and those that are nobody's in particular; all where nobody is named. */
    String GIVES = "and (#{trainer}::bigint is null or coalesce(gives, #{trainer}) = #{trainer}) ";

    @Select(BETWEEN + GIVES + "order by starts_at, id")
    List<Lesson> lessonsBetween(PracticeId practice, @Nullable Long trainer, Instant start, Instant end);

    @Select(BETWEEN + GIVES + "order by starts_at, id limit #{most} offset #{after}")
    List<Lesson> firstLessons(PracticeId practice, @Nullable Long trainer, Instant start, Instant end, int most, long after);

    @Select(BETWEEN + GIVES + "order by starts_at desc, id desc limit #{most} offset #{after}")
    List<Lesson> lastLessons(PracticeId practice, @Nullable Long trainer, Instant start, Instant end, int most, long after);

    @Select("select gives_lesson(#{practice}, #{household}, #{said}, #{starts})")
    @Nullable Long gives(PracticeId practice, long household, @Nullable Long said, Instant starts);

    /** @param ids {@link cahier.app.scope.Ids} */
    @Select(BETWEEN + "and household_id in (select unnest(#{ids}::bigint[])) order by starts_at, id")
    List<Lesson> lessonsOfThese(PracticeId practice, String ids, Instant start, Instant end);

    @Insert("""
            insert into person (practice_id, household_id, name, age, may_handle, confident, pace_cm, note, email, phone, adult_id, consented_at)
            values (#{practice}, #{household}, #{f.name}, #{f.age}, #{f.mayHandle}, #{f.confident}, #{f.paceCm}, #{f.note}, #{f.email},
                    #{f.phone}, #{f.adultId}, case when #{f.consented} then now() end)""")
    void insertPerson(PracticeId practice, long household, @Param("f") Person person);

    @Update("""
            update person set name = #{f.name}, age = #{f.age}, may_handle = #{f.mayHandle}, confident = #{f.confident}, pace_cm = #{f.paceCm},
                   note = #{f.note}, email = #{f.email}, phone = #{f.phone}, adult_id = #{f.adultId}, version = version + 1,
                   consented_at = case when #{f.consented} then coalesce(consented_at, now()) end""" + SAME)
    int updatePerson(PracticeId practice, long household, @Param("f") Person person);

    @Insert("""
            insert into dog (practice_id, household_id, name, looks, born, weight_g)
            values (#{practice}, #{household}, #{f.name}, #{f.looks}, #{f.born}, #{f.weightG})""")
    void insertDog(PracticeId practice, long household, @Param("f") Dog dog);

    @Update("update dog set name = #{f.name}, looks = #{f.looks}, born = #{f.born}, weight_g = #{f.weightG}, version = version + 1" + SAME)
    int updateDog(PracticeId practice, long household, @Param("f") Dog dog);

    @Insert("""
            insert into place (practice_id, household_id, name, difficulty, surface, passers, enclosed, signal, note, outdoors, busy)
            values (#{practice}, #{household}, #{f.name}, #{f.difficulty}, #{f.surface}, #{f.passers}, #{f.enclosed}, #{f.signal}, #{f.note}, #{f.outdoors}, #{f.busy})""")
    void insertPlace(PracticeId practice, long household, @Param("f") Place place);

    @Update("""
            update place set name = #{f.name}, difficulty = #{f.difficulty}, surface = #{f.surface}, passers = #{f.passers},
                   enclosed = #{f.enclosed}, signal = #{f.signal}, note = #{f.note}, outdoors = #{f.outdoors}, busy = #{f.busy}, version = version + 1""" + SAME)
    int updatePlace(PracticeId practice, long household, @Param("f") Place place);

    @Insert("""
            insert into word (practice_id, household_id, word, meaning, dog_id, signal, role)
            values (#{practice}, #{household}, #{f.word}, #{f.meaning}, #{f.dogId}, #{f.signal}, #{f.role})""")
    void insertWord(PracticeId practice, long household, @Param("f") Word word);

    @Update("""
            update word set word = #{f.word}, meaning = #{f.meaning}, dog_id = #{f.dogId}, signal = #{f.signal}, role = #{f.role},
                   version = version + 1""" + SAME)
    int updateWord(PracticeId practice, long household, @Param("f") Word word);

    @Insert("""
            insert into lesson (practice_id, household_id, starts_at, minutes, plan, travel_min, state, trainer_id)
            values (#{practice}, #{household}, #{f.startsAt}, #{f.minutes}, #{f.plan}, #{f.travelMinutes}, #{f.state}, #{f.givenBy})""")
    void insertLesson(PracticeId practice, long household, @Param("f") Lesson lesson);

    @Update("update lesson set starts_at = #{f.startsAt}, minutes = #{f.minutes}, plan = #{f.plan}, travel_min = #{f.travelMinutes}, trainer_id = #{f.givenBy}, version = version + 1" + SAME)
    int updateLesson(PracticeId practice, long household, @Param("f") Lesson lesson);

    @Update("update dog set gone_at = #{at}, gone_how = #{how}, version = version + 1" + ONE)
    int setGone(PracticeId practice, long household, long id, @Nullable Instant at, GoneDog.@Nullable How how);

    @Update("update person set left_at = #{at}, version = version + 1" + ONE)
    int setLeft(PracticeId practice, long household, long id, @Nullable Instant at);

    /** What the week had planned for somebody who is not there any more. */
    @Delete("delete from planned_session" + OF + "and (dog_id = #{dog} or person_id = #{person})")
    void unplan(PracticeId practice, long household, @Nullable Long dog, @Nullable Long person);

    /** Keeps a fact as it stands before it is removed; the number to put it back by. */
    @Select("""
            insert into removed_fact (practice_id, household_id, kind, body)
            select practice_id, household_id, #{kind}, to_jsonb(f) from ${kind.table} f where practice_id = #{practice} and household_id = #{household} and id = #{id}
            returning id""")
    @Nullable Long keepRemoved(FactKind kind, PracticeId practice, long household, long id);

    @Insert("""
            insert into ${kind.table} overriding system value
            select (jsonb_populate_record(null::${kind.table}, body)).* from removed_fact
            where practice_id = #{practice} and household_id = #{household} and kind = #{kind} and id = #{removed}""")
    int putBack(FactKind kind, PracticeId practice, long household, long removed);

    @Delete("delete from removed_fact where practice_id = #{practice} and household_id = #{household} and id = #{removed}")
    void forgetRemoved(PracticeId practice, long household, long removed);

    @Delete("delete from ${kind.table}" + ONE)
    int remove(FactKind kind, PracticeId practice, long household, long id);
}
