package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What is practised beside the steps of tracks, as far as it was not taken back and is no rep of a step that measures. */
@Mapper
interface BesideMapper {

    /** The latest of a household, and the table it stands in. */
    record Latest(long householdId, String log, Instant at) {
    }

    /** Of a household that has noted anything since then. */
    @Select("""
            <script>
            select household_id, log, happened_at as at from (
                <foreach collection="tables" item="t" separator=" union all ">
                    select household_id, '${t}' as log, happened_at from ${t} where practice_id = #{practice} and household_id = #{household}
                       and undone_at is null and happened_at &gt;= #{since}
                       and not exists (select 1 from rep where rep.practice_id = ${t}.practice_id and rep.id = ${t}.id)
                </foreach>
            ) b order by happened_at desc limit 1
            </script>""")
    Optional<Latest> latest(PracticeId practice, long household, List<String> tables, Instant since);
}
