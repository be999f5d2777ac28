package cahier.app.lesson;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface CalendarMapper {

    /** Opens the one row with this hash for the rest of the transaction: the practice is not known before. */
    @Select("select set_config('cahier.link', encode(#{hash}, 'hex'), true)")
    String announceLink(byte[] hash);

    @Select("select practice_id from calendar_link where token_hash = #{hash}")
    Optional<PracticeId> find(byte[] hash);

    @Select("select made_at from calendar_link where practice_id = #{practice}")
    Optional<Instant> madeAt(PracticeId practice);

    @Delete("delete from calendar_link where practice_id = #{practice}")
    void stop(PracticeId practice);

    @Insert("""
            insert into calendar_link (practice_id, token_hash, made_at) values (#{practice}, #{hash}, #{now})
            on conflict (practice_id) do update set token_hash = excluded.token_hash, made_at = excluded.made_at""")
    void put(PracticeId practice, byte[] hash, Instant now);
}
