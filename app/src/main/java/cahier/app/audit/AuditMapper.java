package cahier.app.audit;

import cahier.app.scope.PracticeId;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface AuditMapper {

    @Insert("""
            insert into audit (practice_id, household_id, at, who, what, note)
            values (#{a.practice}, #{a.household}, #{a.at}, #{who}, #{a.what}, #{a.note})""")
    void insert(@Param("a") Audited audited, String who);

    @Select("""
            select a.at, a.who, a.what, a.note, coalesce(h.name, '') as household from audit a left join household h on h.practice_id = a.practice_id and h.id = a.household_id
            where a.practice_id = #{practice} order by a.at desc, a.id desc limit #{most} offset #{after}""")
    List<AuditLog.Entry> newest(PracticeId practice, int most, long after);
}
