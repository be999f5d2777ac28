package cahier.app.draft;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface DraftMapper {

    String COLUMNS = "select form, field, words, device, typed_at from draft where practice_id = #{practice} and trainer_id = #{trainer} ";

    @Select("<script>" + COLUMNS + "and form in <foreach collection='forms' item='f' open='(' separator=',' close=')'>#{f}</foreach> order by form, field</script>")
    List<Kept> ofForms(PracticeId practice, long trainer, List<String> forms);

    @Select(COLUMNS + "and form = #{form} and field = #{field} for update")
    Optional<Kept> held(PracticeId practice, long trainer, String form, String field);

    @Insert("""
            insert into draft (practice_id, household_id, trainer_id, form, field, words, device, typed_at)
            values (#{practice}, #{household}, #{trainer}, #{k.form}, #{k.field}, #{k.words}, #{k.device}, #{k.typedAt})
            on conflict (practice_id, trainer_id, form, field) do update set words = excluded.words, device = excluded.device, typed_at = excluded.typed_at""")
    void keep(PracticeId practice, long household, long trainer, @Param("k") Kept kept);

    @Delete("delete from draft where practice_id = #{practice} and trainer_id = #{trainer} and form = #{form}")
    void forget(PracticeId practice, long trainer, String form);

    @Delete("delete from draft where practice_id = #{practice} and trainer_id = #{trainer} and typed_at < #{before}")
    void forgetOlder(PracticeId practice, long trainer, Instant before);

    @Select("select count(*) from draft where practice_id = #{practice} and trainer_id = #{trainer}")
    int count(PracticeId practice, long trainer);

    /** Whose household the thing is that a form is about. */
    @Select("""
            <script><choose>
            <when test="kind == 'households'">select id from household where practice_id = #{practice} and id = #{id}</when>
            <when test="kind == 'tracks'">select household_id from track where practice_id = #{practice} and id = #{id}</when>
            <when test="kind == 'steps'">select household_id from step where practice_id = #{practice} and id = #{id}</when>
            <otherwise>select household_id from lesson where practice_id = #{practice} and id = #{id}</otherwise>
            </choose></script>""")
    Optional<Long> householdOf(PracticeId practice, String kind, long id);
}
