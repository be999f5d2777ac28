package cahier.app.outing;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface OutingMapper {

    @Insert("""
            insert into watching (id, practice_id, household_id, dog_id, place_id, began_at, carried, metres, received_at)
            values (#{w.id}, #{practice}, #{w.householdId}, #{w.dogId}, #{w.placeId}, #{w.beganAt}, #{w.carried}, #{w.metres}, #{now}) on conflict do nothing""")
    void begin(PracticeId practice, @Param("w") Watching watching, Instant now);

    @Select("select count(*) from watching where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int count(PracticeId practice, long household, UUID id);

    @Insert("""
            insert into watching_tap (id, practice_id, household_id, watching_id, seen, kind, happened_at)
            values (#{t.id}, #{practice}, #{household}, #{t.watchingId}, #{t.seen}, #{t.kind}, #{t.happenedAt}) on conflict do nothing""")
    void tap(PracticeId practice, long household, @Param("t") WatchTap tap);

    @Update("update watching_tap set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undoTap(PracticeId practice, long household, UUID id, Instant now);

    @Update("update watching_tap set undone_at = #{at} where practice_id = #{practice} and household_id = #{household} and id = #{id} and (undone_at is null) <> (#{at}::timestamptz is null)")
    void followTap(PracticeId practice, long household, UUID id, @Nullable Instant at);

    @Update("update outing set undone_at = #{at} where practice_id = #{practice} and household_id = #{household} and id = #{id} and (undone_at is null) <> (#{at}::timestamptz is null)")
    void follow(PracticeId practice, long household, UUID id, @Nullable Instant at);

    @Select("""
            select id, household_id, dog_id, place_id, began_at, carried, metres from watching
            where practice_id = #{practice} and household_id = #{household} order by began_at desc, id limit #{most}""")
    List<Watching> latest(PracticeId practice, long household, int most);

    @Select("""
            select id, watching_id, seen, kind, happened_at from watching_tap
            where practice_id = #{practice} and household_id = #{household} and undone_at is null and watching_id = #{watching} order by happened_at, id""")
    List<WatchTap> taps(PracticeId practice, long household, UUID watching);

    @Select("""
            select id, household_id, dog_id, place_id, began_at, carried, metres from watching
            where practice_id = #{practice} and household_id = #{household} and began_at >= #{since} order by began_at, id""")
    List<Watching> since(PracticeId practice, long household, Instant since);

    @Select("""
            select t.id, t.watching_id, t.seen, t.kind, t.happened_at from watching_tap t join watching w on w.practice_id = t.practice_id and w.household_id = t.household_id and w.id = t.watching_id
            where t.practice_id = #{practice} and t.household_id = #{household} and t.undone_at is null and w.began_at >= #{since} order by t.happened_at, t.id""")
    List<WatchTap> tapsSince(PracticeId practice, long household, Instant since);

    @Insert("""
            insert into outing (id, practice_id, household_id, dog_id, paces, calm_paces, round_paces, places, happened_at, received_at)
            values (#{o.id}, #{practice}, #{o.householdId}, #{o.dogId}, #{o.paces}, #{o.calmPaces}, #{o.roundPaces}, #{o.places}, #{o.happenedAt}, #{now}) on conflict do nothing""")
    void insert(PracticeId practice, @Param("o") Outing outing, Instant now);

    @Update("update outing set undone_at = coalesce(undone_at, #{now}) where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int undo(PracticeId practice, long household, UUID id, Instant now);

    /** The latest by paces and the latest place by place, so many of either. */
    @Select("""
            select id, household_id, dog_id, paces, calm_paces, round_paces, places, happened_at from (
                select o.*, row_number() over (partition by places = '' order by happened_at desc, id) as n from outing o
                where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and undone_at is null) o
            where n <= #{most} order by happened_at desc, id""")
    List<Outing> outings(PracticeId practice, long household, long dog, int most);
}
