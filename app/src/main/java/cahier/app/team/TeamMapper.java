package cahier.app.team;

import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerRole;
import cahier.app.web.Dates;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface TeamMapper {

    /** Of two who change the team at once the second sees what the first did. */
    @Select("select id from trainer where practice_id = #{practice} order by id for update")
    List<Long> hold(PracticeId practice);

    String MEMBERS = """
            select t.id, t.name, t.signs, t.email, t.phone, t.role, t.joined_at, t.left_at,
                   (select count(*) from household h where h.practice_id = t.practice_id and h.trainer_id = t.id and h.closed_at is null)::int as households
            from trainer t where t.practice_id = #{practice}\s""";

    @Select(MEMBERS + "order by t.left_at is not null, t.joined_at is null, lower(t.name), t.id")
    List<Member> members(PracticeId practice);

    @Select(MEMBERS + "and t.id = #{id}")
    Optional<Member> member(PracticeId practice, long id);

    /** Somebody who cannot sign in before a password was chosen; none where somebody signs in with this address already. */
    @Select("""
            insert into trainer (practice_id, name, email, password_hash, role) values (#{practice}, #{name}, #{email}, #{hash}, #{role}) on conflict do nothing returning id""")
    @Nullable Long insert(PracticeId practice, String name, String email, String hash, TrainerRole role);

    @Update("update trainer set role = #{role} where practice_id = #{practice} and id = #{id}")
    int setRole(PracticeId practice, long id, TrainerRole role);

    @Update("update trainer set left_at = #{at} where practice_id = #{practice} and id = #{id} and left_at is null")
    int letGo(PracticeId practice, long id, Instant at);

    /** Back again with a password that nobody knows; none where somebody signs in with the address meanwhile. */
    @Update("update trainer set left_at = null, joined_at = null, password_hash = #{hash}, role = #{role} where practice_id = #{practice} and id = #{id} and left_at is not null")
    int takeBack(PracticeId practice, long id, String hash, TrainerRole role);

    @Delete("delete from calendar_link where practice_id = #{practice} and trainer_id = #{trainer}")
    void stopCalendar(PracticeId practice, long trainer);

    @Delete("delete from busy where practice_id = #{practice} and trainer_id = #{trainer}")
    void forgetBusy(PracticeId practice, long trainer);

    @Delete("delete from draft where practice_id = #{practice} and trainer_id = #{trainer}")
    void forgetDrafts(PracticeId practice, long trainer);

    @Delete("delete from second_factor where practice_id = #{practice} and trainer_id = #{trainer}")
    void forgetFactor(PracticeId practice, long trainer);

    @Delete("delete from recovery_code where practice_id = #{practice} and trainer_id = #{trainer}")
    void forgetCodes(PracticeId practice, long trainer);

    /** What only this trainer saw of the shelf is the practice's. */
    @Update("update own_template set shared = true where practice_id = #{practice} and trainer_id = #{trainer} and not shared and removed_at is null")
    void shareTemplates(PracticeId practice, long trainer);

    /** Those of a trainer that have not ended, or the one of that number; days that were stay as they were. */
    String ENDING = "where practice_id = #{practice} and until_day >= #{today} and (trainer_id = #{trainer} or stand_in_id = #{trainer} or id = #{id})";

    @Update("update stand_in set until_day = #{today}::date - 1 " + ENDING + " and from_day < #{today}")
    void shortenStandIns(PracticeId practice, @Nullable Long trainer, @Nullable Long id, LocalDate today);

    @Delete("delete from stand_in " + ENDING)
    void endStandIns(PracticeId practice, @Nullable Long trainer, @Nullable Long id, LocalDate today);

    /** Lessons to come are whoever's the household is. */
    @Update("update lesson set trainer_id = null, version = version + 1 where practice_id = #{practice} and trainer_id = #{trainer} and starts_at > #{now}")
    void freeLessons(PracticeId practice, long trainer, Instant now);

    @Select("select id, trainer_id, stand_in_id, from_day, until_day from stand_in where practice_id = #{practice} and until_day >= #{today} order by from_day, id")
    List<StandIn> standIns(PracticeId practice, LocalDate today);

    @Insert("insert into stand_in (practice_id, trainer_id, stand_in_id, from_day, until_day) values (#{practice}, #{away}, #{standIn}, #{from}, #{until})")
    void insertStandIn(PracticeId practice, long away, long standIn, LocalDate from, LocalDate until);

    // ---- whose household is whose ----

    /** All of a trainer's, also those that are closed, with the same note. */
    @Select("""
            with given as (update household set trainer_id = #{to} where practice_id = #{practice} and trainer_id = #{from} returning id, closed_at),
            noted as (insert into hand_over (practice_id, household_id, at, by_trainer, from_id, to_id, note)
                select #{practice}, id, #{at}, #{by}, #{from}::bigint, #{to}::bigint, #{note} from given returning id)
            select (select count(*) from given where closed_at is null)::int where (select count(*) from noted) >= 0""")
    int giveAll(PracticeId practice, long from, @Nullable Long to, Instant at, String by, String note);

    /**
     * How it stands with a household.
     *
     * @param signs whose it is; none where all share it
     * @param standsIn who stands in now; none where nobody does
     * @param until the last day of that
     * @param several whether the practice has more than one trainer who works with households
     */
    record Kept(@Nullable String signs, @Nullable String standsIn, @Nullable LocalDate until, boolean several) {

        /** "Imre has this household." with who stands in */
        public String says() {
            return (signs == null ? Words.say("team.shared") : Words.say("team.has", signs)) + (standsIn == null || until == null ? "" : " " + Words.say("team.stands-in", standsIn, Dates.longDate(until)));
        }
    }

    @Select("""
            select t.signs, s.signs as stands_in, i.until_day as until,
                   (select count(*) > 1 from trainer o where o.practice_id = h.practice_id and o.joined_at is not null and o.left_at is null and o.role <> 'READS') as several from household h join practice p on p.id = h.practice_id
            left join trainer t on t.practice_id = h.practice_id and t.id = h.trainer_id
            left join stand_in i on i.practice_id = h.practice_id and i.trainer_id = h.trainer_id and (#{now}::timestamptz at time zone p.zone)::date between i.from_day and i.until_day
            left join trainer s on s.practice_id = h.practice_id and s.id = i.stand_in_id
            where h.practice_id = #{practice} and h.id = #{household} order by i.id desc limit 1""")
    Optional<Kept> kept(PracticeId practice, long household, Instant now);

    @Update("update household set trainer_id = #{to} where practice_id = #{practice} and id = #{household} and trainer_id is not distinct from #{from}")
    int give(PracticeId practice, long household, @Nullable Long from, @Nullable Long to);

    @Insert("insert into hand_over (practice_id, household_id, at, by_trainer, from_id, to_id, note) values (#{practice}, #{household}, #{at}, #{by}, #{from}, #{to}, #{note})")
    void insertHandOver(PracticeId practice, long household, Instant at, String by, @Nullable Long from, @Nullable Long to, String note);

    String HANDED = """
            select o.id, o.household_id, h.name as household, o.at, o.by_trainer, f.signs as from_signs, t.signs as to_signs, o.note, o.read_at
            from hand_over o join household h on h.practice_id = o.practice_id and h.id = o.household_id
            left join trainer f on f.practice_id = o.practice_id and f.id = o.from_id left join trainer t on t.practice_id = o.practice_id and t.id = o.to_id
            where o.practice_id = #{practice}\s""";

    @Select(HANDED + "and o.household_id = #{household} order by o.at desc, o.id desc limit #{most}")
    List<HandOver> handOvers(PracticeId practice, long household, int most);

    /** What came to a trainer last, not read yet, of households that are still theirs. */
    @Select(HANDED + "and o.to_id = #{trainer} and o.read_at is null and h.trainer_id = o.to_id and h.closed_at is null "
            + "and not exists (select 1 from hand_over n where n.practice_id = o.practice_id and n.household_id = o.household_id and n.id > o.id) order by o.at desc, o.id desc limit #{most}")
    List<HandOver> handedTo(PracticeId practice, long trainer, int most);

    @Update("update hand_over set read_at = #{at} where practice_id = #{practice} and id = #{id} and to_id = #{trainer} and read_at is null")
    int read(PracticeId practice, long id, long trainer, Instant at);

    @Select("select exists (select 1 from hand_over where practice_id = #{practice} and id = #{id})")
    boolean isThere(PracticeId practice, long id);
}
