package cahier.app.gate;

import cahier.app.scope.PracticeId;
import cahier.core.gate.Gate.Clearance;
import cahier.core.gate.RedFlag;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface GateMapper {

    String COLUMNS = """
            select g.id, g.household_id, g.dog_id, d.name as dog_name, g.flag, g.what, g.raised_on, g.raised_by, g.cleared_by, g.cleared_name,
                   g.cleared_on, g.cleared_note
            from gate g join dog d on d.id = g.dog_id
            where g.practice_id = #{practice} and g.withdrawn_at is null\s""";

    @Select(COLUMNS + "and g.household_id = #{household} order by g.cleared_on is not null, g.id")
    List<RaisedGate> ofHousehold(PracticeId practice, long household);

    @Select(COLUMNS + "and g.id = #{id}")
    Optional<RaisedGate> find(PracticeId practice, long id);

    @Insert("""
            insert into gate (practice_id, household_id, dog_id, flag, what, raised_on, raised_by)
            values (#{practice}, #{household}, #{dog}, #{flag}, #{what}, #{on}, #{by})
            on conflict (dog_id, flag) where cleared_on is null and withdrawn_at is null do update set what = gate.what || '. ' || excluded.what""")
    void raise(PracticeId practice, long household, long dog, RedFlag flag, String what, LocalDate on, String by);

    @Update("""
            update gate set cleared_by = #{c.by}, cleared_name = #{c.name}, cleared_on = #{c.on}, cleared_note = #{c.note}
            where practice_id = #{practice} and id = #{id} and cleared_on is null""")
    void clear(PracticeId practice, long id, @Param("c") Clearance clearance);

    @Update("update gate set withdrawn_at = #{at} where practice_id = #{practice} and id = #{id}")
    void withdraw(PracticeId practice, long id, Instant at);

    @Update("update gate set withdrawn_at = null where practice_id = #{practice} and id = #{id}")
    void restore(PracticeId practice, long id);
}
