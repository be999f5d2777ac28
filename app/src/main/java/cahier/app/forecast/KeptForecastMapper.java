package cahier.app.forecast;

import cahier.app.scope.PracticeId;
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
}
