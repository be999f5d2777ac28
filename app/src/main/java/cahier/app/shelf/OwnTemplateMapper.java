package cahier.app.shelf;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface OwnTemplateMapper {

    record Row(long id, long trainerId, String madeBy, boolean shared, String body, int version) {
    }

    String COLUMNS = "select id, trainer_id, made_by, shared, body::text, version from own_template where practice_id = #{practice} ";

    @Select(COLUMNS + "and removed_at is null and (shared or trainer_id = #{trainer}) order by body ->> 'title', id")
    List<Row> seenBy(PracticeId practice, long trainer);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Row> find(PracticeId practice, long id);

    @Select("""
            insert into own_template (practice_id, trainer_id, made_by, body, made_at)
            values (#{practice}, #{trainer}, #{madeBy}, #{body}::jsonb, #{now}) returning id""")
    long insert(PracticeId practice, long trainer, String madeBy, String body, Instant now);

    @Update("update own_template set body = #{body}::jsonb, version = version + 1 where practice_id = #{practice} and id = #{id} and version = #{version}")
    int update(PracticeId practice, long id, int version, String body);

    @Update("update own_template set shared = #{shared} where practice_id = #{practice} and id = #{id}")
    void share(PracticeId practice, long id, boolean shared);

    @Update("update own_template set removed_at = #{at} where practice_id = #{practice} and id = #{id}")
    void setRemoved(PracticeId practice, long id, @Nullable Instant at);
}
