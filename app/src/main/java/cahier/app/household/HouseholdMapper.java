package cahier.app.household;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
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
interface HouseholdMapper {

    String COLUMNS = "select id, practice_id, name, home, zone as zone_id, cautions, emergency, emergency_phone, closed_at, trainer_id, language as own_language, coalesce(language, (select p.language from practice p where p.id = practice_id)) as language, version from household ";

    @Select(COLUMNS + "where practice_id = #{practice} order by lower(name), id")
    List<Household> everOne(PracticeId practice);

    /** @param ids {@link cahier.app.scope.Ids} */
    @Select(COLUMNS + "where practice_id = #{practice} and id in (select unnest(#{ids}::bigint[])) order by lower(name), id")
    List<Household> these(PracticeId practice, String ids);

    /** Those somebody opened last first, then the others by name where they are asked for too. */
    @Select("""
            select h.id, h.practice_id, h.name, h.home, h.zone as zone_id, h.cautions, h.emergency, h.emergency_phone, h.closed_at, h.trainer_id, h.language as own_language, coalesce(h.language, (select p.language from practice p where p.id = h.practice_id)) as language, h.version from household h
            left join (select household_id, max(last_at) as at from look where practice_id = #{practice} and who = #{who} and last_at > #{since} group by household_id) l on l.household_id = h.id
            where h.practice_id = #{practice} and h.closed_at is null and (#{others} or l.at is not null) order by l.at desc nulls last, lower(h.name), h.id limit #{most}""")
    List<Household> opened(PracticeId practice, String who, Instant since, boolean others, int most);

    @Select(COLUMNS + "where practice_id = #{practice} and closed_at is not null order by lower(name), id")
    List<Household> closed(PracticeId practice);

    @Select("select id, day, what from life_change where practice_id = #{practice} and household_id = #{household} order by day, what")
    List<LifeChange> changes(PracticeId practice, long household);

    @Insert("""
            insert into life_change (practice_id, household_id, day, what, noted_at, noted_by) values (#{practice}, #{household}, #{day}, #{what}, #{now}, #{by})
            on conflict do nothing""")
    void change(PracticeId practice, long household, LocalDate day, LifeChange.What what, Instant now, String by);

    @Delete("delete from life_change where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int forgetChange(PracticeId practice, long household, long id);

    @Select("select id from household where practice_id = #{practice} and id = #{id}::bigint")
    Optional<Long> itself(PracticeId practice, String id);

    @Select("select household_id from ${kind.table} where practice_id = #{practice} and id = #{id}::${kind.type}")
    Optional<Long> ofPart(PracticeId practice, @Param("kind") Addressed.Kind kind, String id);

    @Update("update household set closed_at = #{at}, version = version + 1 where practice_id = #{practice} and id = #{id}")
    int setClosed(PracticeId practice, long id, @Nullable Instant at);

    @Select("""
            insert into household (practice_id, name, home, zone, cautions, emergency, emergency_phone, trainer_id, language)
            values (#{h.practiceId}, #{h.name}, #{h.home}, #{h.zoneId}, #{h.cautions}, #{h.emergency}, #{h.emergencyPhone}, #{h.trainerId}, #{h.ownLanguage}) returning id""")
    long insert(@Param("h") Household household);

    @Update("""
            update household set name = #{h.name}, home = #{h.home}, zone = #{h.zoneId}, cautions = #{h.cautions}, emergency = #{h.emergency},
                   emergency_phone = #{h.emergencyPhone}, language = #{h.ownLanguage}, version = version + 1
            where practice_id = #{h.practiceId} and id = #{h.id} and version = #{h.version}""")
    int update(@Param("h") Household household);
}
