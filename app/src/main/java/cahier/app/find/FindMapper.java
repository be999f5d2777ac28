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

    /** Everything that is looked through, of open households. */
    String ALL = """
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
            join household h on h.practice_id = #{practice} and h.id = f.household_id and h.closed_at is null cross join q where\s""";
    String ORDER = " array_position(array['HOUSEHOLD', 'DOG', 'PERSON', 'PLACE', 'WORD', 'TRACK', 'LESSON', 'NOTE', 'QUESTION', 'HAPPENED'], f.kind), h.name, f.id desc limit #{most}";

    /**
     * As it is typed first, then the words of a text in any order and form.
     *
     * @param like what is looked for between percent signs, with its own escaped
     * @param roots the same of the beginning of each word: only a text that has one can have a form of the word, and to take all apart takes long
     */
    @Select("""
            with q as materialized (select websearch_to_tsquery('english', #{typed}) as words, #{roots}::text[] as roots)
            select f.kind, f.household_id, h.name as household, f.id, f.title, f.text,
                   case when f.text ilike #{like} or not to_tsvector('english', f.text) @@ q.words then ''
                        else ts_headline('english', f.text, q.words, 'MaxFragments=1, MinWords=6, MaxWords=16, StartSel="", StopSel=""') end as around\s""" + ALL + """
            f.title ilike #{like} or case when f.text ilike any (q.roots) then f.text ilike #{like} or to_tsvector('english', f.text) @@ q.words end
            order by f.title ilike #{like} or f.text ilike #{like} desc,""" + ORDER)
    List<Hit> with(PracticeId practice, String typed, String like, String roots, int most);

    /**
     * Names that are written a little differently.
     *
     * @param alike how like a name has to be, 0 to 1
     */
    @Select("with q as materialized (select #{typed}::text as typed) select f.kind, f.household_id, h.name as household, f.id, f.title, f.text, '' as around " + ALL
            + "f.title <> '' and strict_word_similarity(q.typed, f.title) >= #{alike} order by strict_word_similarity(q.typed, f.title) desc," + ORDER)
    List<Hit> alike(PracticeId practice, String typed, double alike, int most);
}
