package cahier.app.method;

import cahier.app.scope.PracticeId;
import cahier.core.method.Choice;
import cahier.core.method.Question;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** A choice without a household is the practice's own. */
@Mapper
interface MethodMapper {

    record Row(Question question, Choice choice) {
    }

    @Select("""
            select question, choice from method_choice
            where practice_id = #{practice} and household_id is not distinct from #{household}::bigint""")
    List<Row> of(PracticeId practice, @Nullable Long household);

    @Delete("delete from method_choice where practice_id = #{practice} and household_id is not distinct from #{household}::bigint")
    void clear(PracticeId practice, @Nullable Long household);

    @Insert("insert into method_choice (practice_id, household_id, question, choice) values (#{practice}, #{household}, #{question}, #{choice})")
    void add(PracticeId practice, @Nullable Long household, Question question, Choice choice);
}
