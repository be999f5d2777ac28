package cahier.app.rest;

import cahier.app.scope.PracticeId;
import cahier.core.handling.Zone;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** How easy each zone of each dog of a household was found last. */
@Mapper
interface HeadMapper {

    record Rated(long dogId, Zone zone, int comfort) {
    }

    @Select("""
            select distinct on (dog_id, zone) dog_id, zone, comfort from comfort
            where practice_id = #{practice} and household_id = #{household} order by dog_id, zone, set_at desc, id desc""")
    List<Rated> of(PracticeId practice, long household);
}
