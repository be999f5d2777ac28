package cahier.app.rest;

import cahier.app.scope.PracticeId;
import java.time.LocalDate;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Reads the hot hours that the planned week keeps: nobody waits for a weather service to open a page. */
@Mapper
interface HeatMapper {

    /** @param hot spans in minutes from the first midnight, "780-840 840-900" */
    record Hot(LocalDate firstDay, String hot) {
    }

    @Select("select first_day, hot from week_plan where practice_id = #{practice} and household_id = #{household}")
    Optional<Hot> of(PracticeId practice, long household);
}
