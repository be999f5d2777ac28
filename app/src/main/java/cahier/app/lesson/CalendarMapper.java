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

    @Select("select practice_id, trainer_id from calendar_link where token_hash = #{hash}")
    Optional<Calendars.Address> find(byte[] hash);

    @Select("select made_at from calendar_link where practice_id = #{practice} and trainer_id = #{trainer}")
    Optional<Instant> madeAt(PracticeId practice, long trainer);

    @Delete("delete from calendar_link where practice_id = #{practice} and trainer_id = #{trainer}")
    void stop(PracticeId practice, long trainer);

    @Insert("""
            insert into calendar_link (practice_id, trainer_id, token_hash, made_at) values (#{practice}, #{trainer}, #{hash}, #{now})
            on conflict (practice_id, trainer_id) do update set token_hash = excluded.token_hash, made_at = excluded.made_at""")
    void put(PracticeId practice, long trainer, byte[] hash, Instant now);
}
