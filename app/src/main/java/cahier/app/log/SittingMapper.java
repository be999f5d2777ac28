package cahier.app.log;

import cahier.app.account.PracticeId;
import cahier.core.pay.LeadClips;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface SittingMapper {

    @Insert("""
            insert into sitting (id, practice_id, household_id, started_at)
            values (#{id}, #{practice}, #{household}, #{startedAt}) on conflict (id) do nothing""")
    void begin(PracticeId practice, long household, UUID id, Instant startedAt);

    @Insert("""
            insert into sitting as s (id, practice_id, household_id, started_at, ended_at, ended_how, note, ready, came_back, stayed_off, lead_on, lead_home)
            values (#{id}, #{practice}, #{household}, #{at}, #{at}, #{e.how}, #{e.note}, #{e.ready}, #{e.cameBack}, #{e.stayedOff},
                    #{e.lead.on}, #{e.lead.home})
            on conflict (practice_id, household_id, id) do update
                set ended_at = excluded.ended_at, ended_how = excluded.ended_how, note = excluded.note, ready = excluded.ready,
                    came_back = excluded.came_back, stayed_off = excluded.stayed_off, lead_on = excluded.lead_on, lead_home = excluded.lead_home""")
    void end(PracticeId practice, long household, UUID id, Instant at, @Param("e") Ending ending);

    @Select("""
            select coalesce(sum(lead_on), 0) as "on", coalesce(sum(lead_home), 0) as home from sitting
            where practice_id = #{practice} and household_id = #{household} and started_at >= #{since}""")
    LeadClips lead(PracticeId practice, long household, Instant since);

    @Select("select distinct track_id from rep where practice_id = #{practice} and household_id = #{household} and sitting_id = #{id}")
    List<Long> tracks(PracticeId practice, long household, UUID id);

    @Select("""
            select id, started_at, ended_at, ended_how, note from sitting
            where practice_id = #{practice} and household_id = #{household} and ended_at >= #{since} and note <> '' order by ended_at desc limit #{most}""")
    List<Sitting> notes(PracticeId practice, long household, Instant since, int most);
}
