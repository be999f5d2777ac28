package cahier.app.alone;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface DepartureMapper {

    @Insert("""
            insert into departure (id, practice_id, household_id, dog_id, sitting_id, left_s, upset_after_s, settled_s, happened_at, received_at, noted_by)
            values (#{d.id}, #{practice}, #{d.householdId}, #{d.dogId}, #{d.sittingId}, #{d.leftS}, #{d.upsetAfterS}, #{d.settledS}, #{d.happenedAt}, #{now}, #{d.notedBy}) on conflict do nothing""")
    void insert(PracticeId practice, @Param("d") Departure departure, Instant now);

    @Update("update departure set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    /** The dog of the departure; the last word holds. */
    @Select(affectData = true, value = "update departure set settled_s = #{seconds} where practice_id = #{practice} and household_id = #{household} and id = #{id} returning dog_id")
    @Nullable Long settled(PracticeId practice, long household, UUID id, int seconds);

    @Update("update departure set undone_at = #{at} where practice_id = #{practice} and household_id = #{household} and id = #{id} and (undone_at is null) <> (#{at}::timestamptz is null)")
    void follow(PracticeId practice, long household, UUID id, @Nullable Instant at);

    /** Where the step a dog stands on is to end that measures by departures. */
    record Goal(long dogId, double seconds) {
    }

    @Select("""
            select t.dog_id, (s.teaching->'measure'->>'goal')::double precision as seconds
            from step s join track t on t.practice_id = s.practice_id and t.id = s.track_id join visit v on v.practice_id = s.practice_id and v.step_id = s.id and v.left_at is null and not v.undone
            where s.practice_id = #{practice} and s.household_id = #{household} and t.off_at is null and s.teaching->'measure'->>'kind' = 'ALONE' order by t.position""")
    List<Goal> goals(PracticeId practice, long household);

    @Select(affectData = true, value = "update departure set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and sitting_id = #{sitting} returning id")
    List<UUID> undoSession(PracticeId practice, long household, UUID sitting, Instant now);

    @Select("""
            select id, household_id, dog_id, sitting_id, left_s, upset_after_s, settled_s, happened_at, noted_by from departure
            where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and undone_at is null order by happened_at desc, id limit #{most}""")
    List<Departure> latest(PracticeId practice, long household, long dog, int most);

    @Select("select id, weekday, from_min, to_min, cover from hours_away where practice_id = #{practice} and household_id = #{household} order by weekday, from_min, id")
    List<HoursAway> hours(PracticeId practice, long household);

    @Insert("insert into hours_away (practice_id, household_id, weekday, from_min, to_min, cover) values (#{practice}, #{household}, #{h.weekday}, #{h.fromMin}, #{h.toMin}, #{h.cover})")
    void putHours(PracticeId practice, long household, @Param("h") HoursAway hours);

    @Update("update hours_away set cover = #{cover} where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int cover(PracticeId practice, long household, long id, String cover);

    @Delete("delete from hours_away where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int removeHours(PracticeId practice, long household, long id);
}
