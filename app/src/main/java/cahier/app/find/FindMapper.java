package cahier.app.find;

import cahier.app.scope.PracticeId;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface FindMapper {

    /**
     * A row that has the words, or something like them.
     *
     * @param around the words of its text around what was found by its stem, empty where it was not
     */
    record Hit(Found.Kind kind, long householdId, String household, long id, String title, String text, String around) {
    }

    /**
     * As it is typed first, then the words of a text in any order and form, then names that are written a little differently.
     *
     * @param like what is looked for between percent signs, with its own escaped
     * @param alike how like a name has to be, 0 to 1
     */
    @Select("""
            select f.kind, f.household_id, h.name as household, f.id, f.title, f.text,
                   case when f.text ilike #{like} or not to_tsvector('english', f.text) @@ websearch_to_tsquery('english', #{typed}) then ''
                        else ts_headline('english', f.text, websearch_to_tsquery('english', #{typed}), 'MaxFragments=1, MinWords=6, MaxWords=16, StartSel="", StopSel=""') end as around
            from (
                select 'HOUSEHOLD' as kind, id as household_id, id, name as title, '' as text from household where practice_id = #{practice}
                union all select 'DOG', household_id, id, name, looks from dog where practice_id = #{practice} and gone_at is null
                union all select 'PERSON', household_id, id, name, note from person where practice_id = #{practice} and left_at is null
                union all select 'PLACE', household_id, id, name, note from place where practice_id = #{practice}
                union all select 'WORD', household_id, id, word, meaning from word where practice_id = #{practice}
                union all select 'TRACK', household_id, id, title, goal || ' ' || plan from track where practice_id = #{practice} and off_at is null
                union all select 'LESSON', household_id, id, '', plan || ' ' || notes from lesson where practice_id = #{practice}
                union all select 'NOTE', household_id, 0, '', note from sitting where practice_id = #{practice} and note <> ''
                union all select 'QUESTION', household_id, 0, '', words || ' ' || answer from question where practice_id = #{practice}
                union all select 'HAPPENED', household_id, 0, '', words from incident where practice_id = #{practice}) f
            join household h on h.practice_id = #{practice} and h.id = f.household_id and h.closed_at is null
            where f.title ilike #{like} or f.text ilike #{like} or to_tsvector('english', f.text) @@ websearch_to_tsquery('english', #{typed})
                or strict_word_similarity(#{typed}, f.title) >= #{alike}
            order by f.title ilike #{like} or f.text ilike #{like} desc,
                array_position(array['HOUSEHOLD', 'DOG', 'PERSON', 'PLACE', 'WORD', 'TRACK', 'LESSON', 'NOTE', 'QUESTION', 'HAPPENED'], f.kind), h.name, f.id desc limit #{most}""")
    List<Hit> with(PracticeId practice, String typed, String like, double alike, int most);
}
