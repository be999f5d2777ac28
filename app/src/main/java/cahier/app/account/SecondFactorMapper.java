package cahier.app.account;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface SecondFactorMapper {

    /**
     * @param onSince none while its first code has not been given
     * @param lastStep the last step of time of which a code was taken
     */
    record Row(byte[] sealed, @Nullable Instant onSince, long lastStep, int codes) {
    }

    @Select("""
            select sealed, on_since, last_step, (select count(*) from recovery_code c where c.practice_id = f.practice_id and c.trainer_id = f.trainer_id)::int as codes
            from second_factor f where practice_id = #{practice} and trainer_id = #{trainer}""")
    Optional<Row> find(PracticeId practice, long trainer);

    /** A new secret; one that is on already stays. */
    @Insert("""
            insert into second_factor (practice_id, trainer_id, sealed) values (#{practice}, #{trainer}, #{sealed})
            on conflict (trainer_id) do update set sealed = excluded.sealed, last_step = 0 where second_factor.on_since is null""")
    void offer(PracticeId practice, long trainer, byte[] sealed);

    @Update("update second_factor set on_since = #{at} where practice_id = #{practice} and trainer_id = #{trainer} and on_since is null")
    int switchOn(PracticeId practice, long trainer, Instant at);

    /** A code is good once. */
    @Update("update second_factor set last_step = #{step} where practice_id = #{practice} and trainer_id = #{trainer} and last_step < #{step}")
    int take(PracticeId practice, long trainer, long step);

    @Delete("delete from second_factor where practice_id = #{practice} and trainer_id = #{trainer}")
    int switchOff(PracticeId practice, long trainer);

    @Delete("delete from recovery_code where practice_id = #{practice} and trainer_id = #{trainer}")
    void dropCodes(PracticeId practice, long trainer);

    @Insert("insert into recovery_code (practice_id, trainer_id, code_hash) values (#{practice}, #{trainer}, #{hash})")
    void putCode(PracticeId practice, long trainer, byte[] hash);

    @Delete("delete from recovery_code where practice_id = #{practice} and trainer_id = #{trainer} and code_hash = #{hash}")
    int takeCode(PracticeId practice, long trainer, byte[] hash);
}
