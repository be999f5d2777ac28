package cahier.app.rest;

import cahier.app.scope.PracticeId;
import cahier.core.rest.Why;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface TapMapper {

    /** So many taps of one day, for one reason. */
    record Row(String dog, @Nullable String track, @Nullable String person, String kind, Why why, int taps, Instant last) {
    }

    /** Whether anything stands in this household that a tap could be marked for, as {@link Allowed#since} has them but for who taps. */
    @Select("""
            select exists (select 1 from alarm where practice_id = #{practice} and household_id = #{household} and answered_at is null)
                or exists (select 1 from gate where practice_id = #{practice} and household_id = #{household} and cleared_on is null and withdrawn_at is null)
                or exists (select 1 from track where practice_id = #{practice} and household_id = #{household} and rests_since is not null)
                or exists (select 1 from decision where practice_id = #{practice} and household_id = #{household} and state = 'OPEN'
                           and cause = any (string_to_array(#{causes}, ' ')))""")
    boolean mayBeMarked(PracticeId practice, long household, String causes);

    @Insert("""
            insert into tap_mark (practice_id, household_id, kind, tap_id, dog_id, track_id, person_id, happened_at, why)
            values (#{practice}, #{household}, #{kind}, #{t.id}, #{t.dogId}, #{t.trackId}, #{t.personId}, #{t.happenedAt}, #{t.why})
            on conflict do nothing""")
    void insert(PracticeId practice, long household, String kind, @Param("t") Tap tap);

    @Select("""
            select d.name as dog, t.title as track, p.name as person, m.kind, m.why, count(*) as taps, max(m.happened_at) as last
            from tap_mark m
            join dog d on d.practice_id = m.practice_id and d.id = m.dog_id
            left join track t on t.practice_id = m.practice_id and t.id = m.track_id
            left join person p on p.practice_id = m.practice_id and p.id = m.person_id
            where m.practice_id = #{practice} and m.household_id = #{household} and m.happened_at >= #{since}
            group by d.name, t.title, p.name, m.kind, m.why
            order by last desc
            limit 20""")
    List<Row> since(PracticeId practice, long household, Instant since);
}
