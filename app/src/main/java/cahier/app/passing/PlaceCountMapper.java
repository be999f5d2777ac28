package cahier.app.passing;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PlaceCountMapper {

    @Insert("""
            insert into place_count (id, practice_id, household_id, place_id, began_at, minutes, dogs, people, others, received_at)
            values (#{c.id}, #{practice}, #{c.householdId}, #{c.placeId}, #{c.beganAt}, #{c.minutes}, #{c.dogs}, #{c.people}, #{c.others}, #{now}) on conflict do nothing""")
    void insert(PracticeId practice, @Param("c") PlaceCount count, Instant now);

    @Update("update place_count set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    @Select("""
            select id, household_id, place_id, began_at, minutes, dogs, people, others from place_count
            where practice_id = #{practice} and household_id = #{household} and undone_at is null and began_at >= #{since} order by began_at, id""")
    List<PlaceCount> since(PracticeId practice, long household, Instant since);
}
