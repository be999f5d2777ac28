package cahier.app.log;

import cahier.app.scope.PracticeId;
import cahier.core.rep.Aid;
import cahier.core.slip.Slip;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface DetailMapper {

    /** Said twice, the last word holds. */
    @Insert("""
            insert into rep_detail (rep_id, practice_id, slip, event, sign, aid, cues) values (#{rep}, #{practice}, #{d.slip}, #{d.event}, #{d.sign}, #{d.aid}, #{d.cues})
            on conflict (rep_id) do update set slip = excluded.slip, event = excluded.event, sign = excluded.sign, aid = excluded.aid, cues = excluded.cues""")
    void put(PracticeId practice, UUID rep, @Param("d") Detail detail);

    @Select("""
            select r.visit_id, d.slip, d.event, d.sign, d.aid, d.cues from rep_detail d join rep r on r.id = d.rep_id left join rep_void v on v.rep_id = r.id
            where d.practice_id = #{practice} and r.household_id = #{household} and r.role = 'WORK' and r.outcome <> 'CLEAN' and v.rep_id is null
              and r.visit_id in (select o.id from visit o where o.practice_id = #{practice} and o.left_at is null and not o.undone) order by r.happened_at, r.id""")
    List<OfVisit> ofHousehold(PracticeId practice, long household);

    /** What was said of a rep of a stay. */
    record OfVisit(long visitId, @Nullable Slip slip, String event, @Nullable Sign sign, @Nullable Aid aid, @Nullable Integer cues) {

        Detail detail() {
            return new Detail(slip, event, sign, aid, cues);
        }
    }
}
