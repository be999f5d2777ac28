package cahier.app.update;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface UpdateNoteMapper {

    record Note(long id, long householdId, String household, String words) {
    }

    @Select("select count(*) from update_note where practice_id = #{practice} and seen_at is null")
    int open(PracticeId practice);

    @Select("""
            select n.id, n.household_id, h.name as household, n.words from update_note n join household h on h.practice_id = n.practice_id and h.id = n.household_id
            where n.practice_id = #{practice} and n.seen_at is null order by lower(h.name), h.id, n.id""")
    List<Note> list(PracticeId practice);

    @Update("update update_note set seen_at = coalesce(seen_at, #{now}) where practice_id = #{practice} and id = #{id}")
    int seen(PracticeId practice, long id, Instant now);
}
