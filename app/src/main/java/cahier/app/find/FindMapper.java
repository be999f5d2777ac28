package cahier.app.find;

import cahier.app.scope.PracticeId;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface FindMapper {

    /** A row that has the words; the newest first within its kind. */
    record Hit(Found.Kind kind, long householdId, String household, long id, String title, String text) {
    }

    /** @param like what is looked for between percent signs, with its own escaped */
    @Select("""
            select f.kind, f.household_id, h.name as household, f.id, f.title, f.text from (
                select 'PERSON' as kind, household_id, id, name as title, note as text from person where practice_id = #{practice} and left_at is null
                union all select 'PLACE', household_id, id, name, note from place where practice_id = #{practice}
                union all select 'WORD', household_id, id, word, meaning from word where practice_id = #{practice}
                union all select 'TRACK', household_id, id, title, goal || ' ' || plan from track where practice_id = #{practice} and off_at is null
                union all select 'LESSON', household_id, id, '', plan || ' ' || notes from lesson where practice_id = #{practice}
                union all select 'NOTE', household_id, 0, '', note from sitting where practice_id = #{practice}
                union all select 'QUESTION', household_id, 0, '', words || ' ' || answer from question where practice_id = #{practice}
                union all select 'HAPPENED', household_id, 0, '', words from incident where practice_id = #{practice}) f
            join household h on h.practice_id = #{practice} and h.id = f.household_id and h.closed_at is null
            where f.title ilike #{like} or f.text ilike #{like}
            order by array_position(array['PERSON', 'PLACE', 'WORD', 'TRACK', 'LESSON', 'NOTE', 'QUESTION', 'HAPPENED'], f.kind), h.name, f.id desc limit #{most}""")
    List<Hit> with(PracticeId practice, String like, int most);
}
