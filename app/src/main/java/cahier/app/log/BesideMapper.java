package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What is practised beside the steps of tracks, as far as it was not taken back and is no rep of a step that measures. */
@Mapper
interface BesideMapper {

    /** The latest of a household, and the table it stands in. */
    record Latest(long householdId, String log, Instant at) {
    }

    /** Of each household that has noted anything since then; household 0 stands for all of the practice. */
    @Select("""
            <script>
            select distinct on (household_id) household_id, log, happened_at as at from (
                <foreach collection="tables" item="t" separator=" union all ">
                    select household_id, '${t}' as log, happened_at from ${t} where practice_id = #{practice} and (#{household} = 0 or household_id = #{household})
                       and undone_at is null and happened_at &gt;= #{since}
                       and not exists (select 1 from rep where rep.practice_id = ${t}.practice_id and rep.id = ${t}.id)
                </foreach>
            ) b order by household_id, happened_at desc
            </script>""")
    List<Latest> latest(PracticeId practice, long household, List<String> tables, Instant since);
}
