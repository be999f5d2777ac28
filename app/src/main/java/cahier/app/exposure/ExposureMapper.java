package cahier.app.exposure;

import cahier.app.account.PracticeId;
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
interface ExposureMapper {

    @Insert("""
            insert into exposure (id, practice_id, household_id, dog_id, kind, metres, given, response, food, calm_after_s, place_id, happened_at, received_at)
            values (#{m.id}, #{practice}, #{m.householdId}, #{m.dogId}, #{m.kind}, #{m.metres}, #{m.given}, #{m.response}, #{m.food}, #{m.calmAfterS}, #{m.placeId}, #{m.happenedAt}, #{now})
            on conflict (id) do nothing""")
    void insert(PracticeId practice, @Param("m") Met met, Instant now);

    @Update("update exposure set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    @Select("""
            select id, household_id, dog_id, kind, metres, given, response, food, calm_after_s, place_id, happened_at from exposure
            where practice_id = #{practice} and household_id = #{household} and undone_at is null and happened_at >= #{since} order by happened_at, id""")
    List<Met> since(PracticeId practice, long household, Instant since);

    /** Where the dog works, and since when. */
    record Place(double metres, Instant setAt, String setBy) {
    }

    @Select("""
            select metres, set_at, set_by from working_distance where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and kind = #{kind}
            order by set_at desc, id desc limit 1""")
    Optional<Place> working(PracticeId practice, long household, long dog, Trigger kind);

    @Insert("""
            insert into working_distance (practice_id, household_id, dog_id, kind, metres, set_at, set_by)
            values (#{practice}, #{household}, #{dog}, #{kind}, #{metres}, #{at}, #{by})""")
    void set(PracticeId practice, long household, long dog, Trigger kind, double metres, Instant at, String by);
}
