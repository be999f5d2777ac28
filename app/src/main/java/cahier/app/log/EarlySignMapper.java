package cahier.app.log;

import cahier.app.scope.PracticeId;
import cahier.core.coach.EarlySign;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface EarlySignMapper {

    /** How often a sign was seen. */
    record Seen(EarlySign sign, int times) {
    }

    @Insert("""
            insert into early_sign (id, practice_id, household_id, dog_id, sign, happened_at, received_at)
            values (#{id}, #{practice}, #{household}, #{dog}, #{sign}, #{at}, #{now}) on conflict do nothing""")
    void insert(PracticeId practice, long household, UUID id, long dog, EarlySign sign, Instant at, Instant now);

    @Select("""
            select sign, count(*) as times from early_sign
            where practice_id = #{practice} and household_id = #{household} and dog_id = #{dog} and undone_at is null and happened_at >= #{since} group by sign order by count(*) desc, sign""")
    List<Seen> since(PracticeId practice, long household, long dog, Instant since);
}
