package cahier.app.pages;

import cahier.app.scope.PracticeId;
import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface TabsMapper {

    /** "distances", "alone" and "handling", where a wish, a track, a step that measures or anything that was noted is about it. */
    @Select("""
            with about as (
                select topic from wish where practice_id = #{practice} and household_id = #{household}
                union select topic from track where practice_id = #{practice} and household_id = #{household} and off_at is null
            ), measured as (
                select distinct teaching -> 'measure' ->> 'kind' as kind from step where practice_id = #{practice} and household_id = #{household} and removed_at is null
            )
            select 'distances' where exists (select 1 from about where topic in ('DOGS', 'PEOPLE', 'NOISE')) or exists (select 1 from measured where kind in ('DISTANCE', 'NOISE', 'SITTING', 'WALK'))
                or exists (select 1 from exposure where practice_id = #{practice} and household_id = #{household})
            union all
            select 'alone' where exists (select 1 from about where topic = 'ALONE') or exists (select 1 from measured where kind = 'ALONE')
                or exists (select 1 from departure where practice_id = #{practice} and household_id = #{household})
            union all
            select 'handling' where exists (select 1 from about where topic = 'HANDLING') or exists (select 1 from measured where kind = 'ZONE')
                or exists (select 1 from comfort where practice_id = #{practice} and household_id = #{household})""")
    Set<String> needed(PracticeId practice, long household);
}
