package cahier.app.probe;

import cahier.app.scope.PracticeId;
import cahier.core.probe.Probe;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ProbeMapper {

    record Row(Probe kind, Instant askedAt) {
    }

    @Insert("""
            insert into probe (practice_id, household_id, track_id, visit_id, kind, asked_at, asked_by)
            values (#{practice}, #{household}, #{track}, #{visit}, #{kind}, #{now}, #{by}) on conflict (visit_id, kind) do nothing""")
    void insert(PracticeId practice, long household, long track, long visit, Probe kind, Instant now, String by);

    @Select("select kind, asked_at from probe where practice_id = #{practice} and visit_id = #{visit} order by asked_at, id")
    List<Row> ofVisit(PracticeId practice, long visit);
}
