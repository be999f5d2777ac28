package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What is practised beside the steps of tracks, as far as it was not taken back. */
@Mapper
interface BesideMapper {

    /** The latest of a household. */
    record Latest(long householdId, Instant at) {
    }

    /** Of each household that has noted anything since then; household 0 stands for all of the practice. */
    @Select("""
            <script>
            select household_id, max(happened_at) as at from (
                <foreach collection="tables" item="t" separator=" union all ">
                    select household_id, happened_at from ${t} where practice_id = #{practice} and (#{household} = 0 or household_id = #{household})
                       and undone_at is null and happened_at &gt;= #{since}
                </foreach>
            ) b group by household_id
            </script>""")
    List<Latest> latest(PracticeId practice, long household, List<String> tables, Instant since);
}
