package cahier.app.forecast;

import cahier.app.scope.PracticeId;
import cahier.app.track.PassChoice;
import cahier.core.decide.TrackKind;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface KeptForecastMapper {

    @Insert("""
            insert into kept_forecast (practice_id, household_id, track_id, said_on, early, late) values (#{practice}, #{household}, #{track}, #{saidOn}, #{early}, #{late})
            on conflict (practice_id, track_id, said_on) do nothing""")
    void insert(PracticeId practice, long household, long track, LocalDate saidOn, LocalDate early, @Nullable LocalDate late);

    @Select("""
            select t.id as track_id, h.name as household, d.name as dog, t.title, k.said_on, k.early, k.late, (t.done_at at time zone h.zone)::date as ended
            from kept_forecast k join track t on t.practice_id = k.practice_id and t.id = k.track_id join household h on h.practice_id = t.practice_id and h.id = t.household_id
            join dog d on d.practice_id = t.practice_id and d.id = t.dog_id
            where k.practice_id = #{practice} and t.done_at is not null and (t.done_at at time zone h.zone)::date > k.said_on order by ended desc, t.id, k.said_on""")
    List<Held> ended(PracticeId practice);

    /**
     * What a step of a track that has ended took.
     *
     * @param putBetween whether a SPLIT put it in
     */
    record Ended(long trackId, TrackKind kind, PassChoice pass, int run, int reps, @Nullable Double durationS, boolean often, boolean putBetween, int spent) {
    }

    /** The steps of the tracks that reached their goal last, each track's in their order. Those that measure are left out. */
    @Select("""
            select s.track_id, e.kind, s.pass, s.run, s.reps, s.duration_s, e.often,
                   exists (select 1 from visit v where v.practice_id = s.practice_id and v.track_id = s.track_id and v.step_id = s.id and v.entered_by = 'SPLIT' and not v.undone) as put_between,
                   coalesce((select sum(d.clean + d.helped + d.missed + d.too_much) from practice_day d where d.practice_id = s.practice_id and d.track_id = s.track_id and d.step_id = s.id), 0)::int as spent
            from (select id, kind, often from track where practice_id = #{practice} and done_at is not null order by done_at desc, id limit #{most}) e
            join step s on s.practice_id = #{practice} and s.track_id = e.id and s.removed_at is null and s.teaching -> 'measure' is null
            order by s.track_id, s.position, s.id""")
    List<Ended> endedSteps(PracticeId practice, int most);
}
