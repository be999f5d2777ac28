package cahier.app.handling;

import cahier.app.scope.PracticeId;
import cahier.core.handling.Zone;
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
interface HandlingMapper {

    /** How easy a zone was found. */
    record Rated(Zone zone, int comfort, Instant setAt, String setBy) {
    }

    @Insert("insert into comfort (practice_id, household_id, dog_id, zone, comfort, set_at, set_by) values (#{practice}, #{household}, #{dog}, #{zone}, #{comfort}, #{at}, #{by})")
    void rate(PracticeId practice, long household, long dog, Zone zone, int comfort, Instant at, String by);

    @Select("""
            select distinct on (zone) zone, comfort, set_at, set_by from comfort
            where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and set_at <= #{at} order by zone, set_at desc, id desc""")
    List<Rated> rated(PracticeId practice, long household, long dog, Instant at);

    @Insert("insert into handling_target (practice_id, household_id, dog_id, zone, set_at) values (#{practice}, #{household}, #{dog}, #{zone}, #{at})")
    void aim(PracticeId practice, long household, long dog, Zone zone, Instant at);

    @Select("""
            select coalesce((select s.teaching->'measure'->>'about' from step s join track t on t.practice_id = s.practice_id and t.id = s.track_id
                             join visit v on v.practice_id = s.practice_id and v.step_id = s.id and v.left_at is null and not v.undone
                             where s.practice_id = #{practice} and s.household_id = #{household} and t.dog_id = #{dog} and t.off_at is null and s.teaching->'measure'->>'kind' = 'ZONE' order by t.position limit 1),
                            (select zone from handling_target where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} order by set_at desc, id desc limit 1)) as zone""")
    Optional<Zone> target(PracticeId practice, long household, long dog);

    @Insert("""
            insert into touch (id, practice_id, household_id, dog_id, sitting_id, zone, seconds, seen, came_back, happened_at, received_at, noted_by)
            values (#{t.id}, #{practice}, #{t.householdId}, #{t.dogId}, #{t.sittingId}, #{t.zone}, #{t.seconds}, #{t.seen}, #{t.cameBack}, #{t.happenedAt}, #{now}, #{t.notedBy}) on conflict do nothing""")
    void insert(PracticeId practice, @Param("t") Touch touch, Instant now);

    @Update("update touch set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    @Update("update touch set undone_at = #{at} where practice_id = #{practice} and household_id = #{household} and id = #{id} and (undone_at is null) <> (#{at}::timestamptz is null)")
    void follow(PracticeId practice, long household, UUID id, @Nullable Instant at);

    @Select("""
            select id, household_id, dog_id, sitting_id, zone, seconds, seen, came_back, happened_at, noted_by from touch
            where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and undone_at is null and happened_at <= #{at} order by happened_at desc, id limit 200""")
    List<Touch> touches(PracticeId practice, long household, long dog, Instant at);
}
