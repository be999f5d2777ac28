package cahier.app.log;

import cahier.app.account.PracticeId;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface DetailMapper {

    /** Said twice, the last word holds. */
    @Insert("""
            insert into rep_detail (rep_id, practice_id, slip, event, sign) values (#{rep}, #{practice}, #{d.slip}, #{d.event}, #{d.sign})
            on conflict (rep_id) do update set slip = excluded.slip, event = excluded.event, sign = excluded.sign""")
    void put(PracticeId practice, UUID rep, @Param("d") Detail detail);

    @Select("""
            select d.slip, d.event, d.sign from rep_detail d join rep r on r.id = d.rep_id left join rep_void v on v.rep_id = r.id
            where d.practice_id = #{practice} and r.visit_id = #{visit} and r.role = 'WORK' and r.outcome <> 'CLEAN' and v.rep_id is null order by r.happened_at, r.id""")
    List<Detail> ofVisit(PracticeId practice, long visit);
}
