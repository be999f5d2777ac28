package cahier.app.log;

import cahier.app.scope.PracticeId;
import cahier.core.pay.LeadClips;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SittingMapper {

    record Begun(UUID id, Instant at) {
    }

    /** Each begins with the first of its reps that arrived; one that goes on already stays as it is. */
    @Insert("""
            <script>
            insert into sitting (id, practice_id, household_id, started_at)
            values
            <foreach collection="begun" item="b" separator=",">(#{b.id}, #{practice}, #{household}, #{b.at})</foreach>
            on conflict do nothing
            </script>""")
    void begin(PracticeId practice, long household, List<Begun> begun);

    @Update("""
            update sitting set ended_at = #{at}, ended_how = #{e.how}, note = #{e.note}, ready = #{e.ready}, came_back = #{e.cameBack}, stayed_off = #{e.stayedOff},
                lead_on = #{e.lead.on}, lead_home = #{e.lead.home}
            where practice_id = #{practice} and household_id = #{household} and id = #{id}""")
    void end(PracticeId practice, long household, UUID id, Instant at, @Param("e") Ending ending);

    @Select("""
            select coalesce(sum(lead_on), 0) as "on", coalesce(sum(lead_home), 0) as home from sitting
            where practice_id = #{practice} and household_id = #{household} and started_at >= #{since}""")
    LeadClips lead(PracticeId practice, long household, Instant since);

    /** Of the sittings with reps of a stay, oldest first. */
    @Select("""
            select s.id, s.ready, s.came_back, s.stayed_off, s.ended_how as how, s.felt from sitting s
            where s.practice_id = #{practice} and exists (select 1 from rep r where r.sitting_id = s.id and r.visit_id = #{visit}) order by s.started_at, s.id""")
    List<SittingAnswers> answers(PracticeId practice, long visit);

    /** Of the latest sitting of a dog that is near enough to have been it; of none, nothing is kept. */
    @Update("""
            update sitting set felt = #{felt} where practice_id = #{practice} and household_id = #{household} and id = (
                select r.sitting_id from rep r join track t on t.practice_id = r.practice_id and t.id = r.track_id
                where r.practice_id = #{practice} and r.household_id = #{household} and t.dog_id = #{dog} and r.happened_at between #{from} and #{to} order by r.happened_at desc limit 1)""")
    void felt(PracticeId practice, long household, long dog, Felt felt, Instant from, Instant to);

    @Select("select distinct track_id from rep where practice_id = #{practice} and household_id = #{household} and sitting_id = #{id}")
    List<Long> tracks(PracticeId practice, long household, UUID id);

    @Select("""
            select id, started_at, ended_at, ended_how, note from sitting
            where practice_id = #{practice} and household_id = #{household} and ended_at >= #{since} and note <> '' order by ended_at desc limit #{most}""")
    List<Sitting> notes(PracticeId practice, long household, Instant since, int most);
}
