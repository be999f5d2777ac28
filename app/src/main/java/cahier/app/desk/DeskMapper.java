package cahier.app.desk;

import cahier.app.household.Dog;
import cahier.app.scope.PracticeId;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What the desk needs of all households at once, in one query each. */
@Mapper
interface DeskMapper {

    record DogRow(long householdId, long id, String name, String looks, @Nullable LocalDate born, @Nullable Integer weightG, int version) {
        Dog dog() {
            return new Dog(id, name, looks, born, weightG, version);
        }
    }

    record Dose(long householdId, int reps) {
    }

    @Select("select household_id, id, name, looks, born, weight_g, version from dog where practice_id = #{practice} and gone_at is null order by id")
    List<DogRow> dogs(PracticeId practice);

    /** Reps a day that the current steps of a household ask for together. */
    @Select("""
            select t.household_id, sum(s.reps * s.sessions)::int as reps from track t
            join visit v on v.track_id = t.id and v.left_at is null and not v.undone join step s on s.id = v.step_id
            where t.practice_id = #{practice} and t.done_at is null and t.off_at is null
              and not exists (select 1 from dog d where d.practice_id = t.practice_id and d.id = t.dog_id and d.gone_at is not null) group by t.household_id""")
    List<Dose> doses(PracticeId practice);
}
