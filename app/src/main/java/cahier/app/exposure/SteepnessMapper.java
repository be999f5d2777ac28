package cahier.app.exposure;

import cahier.app.scope.PracticeId;
import cahier.core.exposure.Response;
import cahier.core.exposure.Steepness;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface SteepnessMapper {

    @Select("select median, sd, dogs from steepness where practice_id = #{practice}")
    Optional<Steepness> of(PracticeId practice);

    @Insert("""
            insert into steepness (practice_id, median, sd, dogs, learnt_at) values (#{practice}, #{s.median}, #{s.sd}, #{s.dogs}, #{now})
            on conflict (practice_id) do update set median = excluded.median, sd = excluded.sd, dogs = excluded.dogs, learnt_at = excluded.learnt_at""")
    void keep(PracticeId practice, @Param("s") Steepness steepness, Instant now);

    @Select("select practices_that_measured(#{since})")
    List<PracticeId> practicesThatMeasured(Instant since);

    /** One answer of a dog to one kind of trigger. */
    record Answer(String of, double metres, Response response) {
    }

    /** The latest of each dog and each kind of trigger. */
    @Select("""
            select dog_id || ' ' || kind || ' ' || loudness as of, metres, response from (
                select dog_id, kind, loudness, metres, response, happened_at, id, row_number() over (partition by dog_id, kind, loudness order by happened_at desc, id desc) as nth
                from exposure where practice_id = #{practice} and undone_at is null and happened_at >= #{since}) latest
            where nth <= #{most} order by dog_id, kind, loudness, happened_at, id""")
    List<Answer> answers(PracticeId practice, Instant since, int most);
}
