package cahier.app.sheet;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface LinkMapper {

    record LinkRow(PracticeId practiceId, long householdId, Instant madeAt, String language) {
    }

    record Sealed(byte[] sealed) {
    }

    /** Opens the one row with this hash for the rest of the transaction: the owner's practice is not known before. */
    @Select("select set_config('cahier.link', encode(#{hash}, 'hex'), true)")
    String announceLink(byte[] hash);

    @Select("select practice_id, household_id, made_at, reads_language(practice_id, household_id) as language from owner_link where token_hash = #{hash} and revoked_at is null")
    Optional<LinkRow> find(byte[] hash);

    @Select("""
            select practice_id, household_id, made_at, reads_language(practice_id, household_id) as language from owner_link
            where practice_id = #{practice} and household_id = #{household} and revoked_at is null""")
    Optional<LinkRow> live(PracticeId practice, long household);

    @Select("select sealed from owner_link where practice_id = #{practice} and household_id = #{household} and revoked_at is null and sealed is not null")
    Optional<Sealed> sealed(PracticeId practice, long household);

    @Update("update owner_link set revoked_at = #{at} where practice_id = #{practice} and household_id = #{household} and revoked_at is null")
    int revoke(PracticeId practice, long household, Instant at);

    /** The link that stopped at this very moment works again. */
    @Update("update owner_link set revoked_at = null where practice_id = #{practice} and household_id = #{household} and revoked_at = #{at}")
    int resume(PracticeId practice, long household, Instant at);

    @Insert("""
            insert into owner_link (practice_id, household_id, token_hash, sealed, made_at)
            values (#{practice}, #{household}, #{hash}, #{sealed}, #{at})""")
    void insert(PracticeId practice, long household, byte[] hash, byte[] sealed, Instant at);
}
