package cahier.app.roadmap;

import cahier.app.scope.PracticeId;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** What comes first, what is kept apart, and what rests. */
@Mapper
interface NeedMapper {

    record NeedRow(long id, long trackId, long stepId, long firstTrackId, long firstStepId) {
    }

    record ApartRow(long trackId, long otherId) {
    }

    @Select("select id, track_id, step_id, first_track_id, first_step_id from need where practice_id = #{practice} and household_id = #{household} order by id")
    List<NeedRow> needs(PracticeId practice, long household);

    @Insert("""
            insert into need (practice_id, household_id, track_id, step_id, first_track_id, first_step_id)
            values (#{practice}, #{household}, #{n.trackId}, #{n.stepId}, #{n.firstTrackId}, #{n.firstStepId}) on conflict do nothing""")
    void addNeed(PracticeId practice, long household, @Param("n") NeedRow need);

    @Delete("delete from need where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int removeNeed(PracticeId practice, long household, long id);

    @Select("select track_id, other_id from apart where practice_id = #{practice} and household_id = #{household} order by track_id, other_id")
    List<ApartRow> apart(PracticeId practice, long household);

    @Insert("""
            insert into apart (practice_id, household_id, track_id, other_id)
            values (#{practice}, #{household}, least(#{a}, #{b}), greatest(#{a}, #{b})) on conflict do nothing""")
    void addApart(PracticeId practice, long household, long a, long b);

    @Delete("delete from apart where practice_id = #{practice} and household_id = #{household} and track_id = least(#{a}, #{b}) and other_id = greatest(#{a}, #{b})")
    int removeApart(PracticeId practice, long household, long a, long b);

    @Select("select id, item, until from parked_item where practice_id = #{practice} and household_id = #{household} order by until, id")
    List<ParkedItem> parkedItems(PracticeId practice, long household);

    @Insert("insert into parked_item (practice_id, household_id, item, until) values (#{practice}, #{household}, #{item}, #{until})")
    void parkItem(PracticeId practice, long household, String item, LocalDate until);

    @Delete("delete from parked_item where practice_id = #{practice} and household_id = #{household} and id = #{id}")
    int returnItem(PracticeId practice, long household, long id);
}
