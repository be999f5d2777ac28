package cahier.app.intake;

import cahier.app.scope.PracticeId;
import cahier.core.gate.Danger;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface IntakeMapper {

    @Select("""
            select household_id, nullif(home_kind, '') as home_kind, tried, asked_for, other_animals, daily_minutes, leads, equipment, version
            from intake where practice_id = #{practice} and household_id = #{household}""")
    Optional<Intake> find(PracticeId practice, long household);

    /** A first save and a save of the version that was read both go in; any other changes nothing. */
    @Insert("""
            insert into intake as i (practice_id, household_id, home_kind, tried, asked_for, other_animals, daily_minutes, leads, equipment, version)
            values (#{practice}, #{i.householdId}, coalesce(#{i.homeKind}, ''), #{i.tried}, #{i.askedFor}, #{i.otherAnimals}, #{i.dailyMinutes},
                    #{i.leads}, #{i.equipment}, 1)
            on conflict (household_id) do update set home_kind = excluded.home_kind, tried = excluded.tried, asked_for = excluded.asked_for,
                other_animals = excluded.other_animals, daily_minutes = excluded.daily_minutes, leads = excluded.leads,
                equipment = excluded.equipment, version = i.version + 1
            where i.practice_id = #{practice} and i.version = #{i.version}""")
    int save(PracticeId practice, @Param("i") Intake intake);

    @Select("select id, position, words, topic, mover from wish where practice_id = #{practice} and household_id = #{household} order by position, id")
    List<Wish> wishes(PracticeId practice, long household);

    @Insert("""
            insert into wish (practice_id, household_id, position, words, topic, mover)
            values (#{practice}, #{household}, #{w.position}, #{w.words}, #{w.topic}, #{w.mover})""")
    void addWish(PracticeId practice, long household, @Param("w") Wish wish);

    @Update("update wish set position = #{position} where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int placeWish(PracticeId practice, long household, long id, int position);

    @Delete("delete from wish where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int removeWish(PracticeId practice, long household, long id);

    @Select("""
            select dog_id, neutered, health, food, kcal_100g as kcal100g, motivators, recall_reward, fears, history, version
            from dog_care where practice_id = #{practice} and household_id = #{household}""")
    List<DogCare> care(PracticeId practice, long household);

    @Insert("""
            insert into dog_care as c (practice_id, household_id, dog_id, neutered, health, food, kcal_100g, motivators, recall_reward, fears, history, version)
            values (#{practice}, #{household}, #{c.dogId}, #{c.neutered}, #{c.health}, #{c.food}, #{c.kcal100g}, #{c.motivators}, #{c.recallReward},
                    #{c.fears}, #{c.history}, 1)
            on conflict (dog_id) do update set neutered = excluded.neutered, health = excluded.health, food = excluded.food,
                kcal_100g = excluded.kcal_100g, motivators = excluded.motivators, recall_reward = excluded.recall_reward, fears = excluded.fears,
                history = excluded.history, version = c.version + 1
            where c.practice_id = #{practice} and c.version = #{c.version}""")
    int saveCare(PracticeId practice, long household, @Param("c") DogCare care);

    record DangerRow(Danger danger, String state, Instant at, String byTrainer) {
    }

    @Select("select danger, state, at, by_trainer from danger where practice_id = #{practice} and household_id = #{household} order by at")
    List<DangerRow> dangers(PracticeId practice, long household);

    @Insert("""
            insert into danger (practice_id, household_id, danger, state, at, by_trainer)
            values (#{practice}, #{household}, #{danger}, #{state}, #{at}, #{by})
            on conflict (household_id, danger) do update set state = excluded.state, at = excluded.at, by_trainer = excluded.by_trainer""")
    void setDanger(PracticeId practice, long household, Danger danger, String state, Instant at, String by);

    @Delete("delete from danger where practice_id = #{practice} and household_id = #{household} and danger = #{danger}")
    void unsetDanger(PracticeId practice, long household, Danger danger);
}
