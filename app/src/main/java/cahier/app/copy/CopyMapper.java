package cahier.app.copy;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerRole;
import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;

/** Rows of any table, by names that the database's catalogue gave and nobody typed. */
@Mapper
interface CopyMapper {

    @Select("select id from ${table} t where ${rows} order by id")
    List<Long> numbers(String table, String rows, PracticeId practice, @Nullable Long household);

    @Select("select count(*) from ${table} t where ${rows}")
    int count(String table, String rows, PracticeId practice, @Nullable Long household);

    @Select("select to_jsonb(t)::text from ${table} t where ${rows} order by ${order}")
    @Options(fetchSize = 500)
    Cursor<String> rows(String table, String rows, String order, PracticeId practice, @Nullable Long household);

    @Select("select id from trainer where practice_id = #{practice} order by id")
    List<Long> trainers(PracticeId practice);

    /** A rep as a table of figures has it. */
    record RepLine(Instant happenedAt, String household, String dog, String track, String step, String outcome, String role, @Nullable String person, @Nullable String place,
                   @Nullable Double value, @Nullable String side, @Nullable String item, @Nullable String helper, @Nullable String slip, @Nullable String aid, @Nullable Integer cues, boolean takenBack) {
    }

    @Select("""
            select r.happened_at, h.name as household, d.name as dog, t.title as track, s.title as step, r.outcome, r.role, p.name as person, l.name as place, r.value, r.side,
                   r.item, r.helper, x.slip, x.aid, x.cues, v.rep_id is not null as taken_back
            from rep r join household h on h.id = r.household_id join track t on t.id = r.track_id join dog d on d.id = t.dog_id join step s on s.id = r.step_id
            left join person p on p.id = r.person_id left join place l on l.id = r.place_id left join rep_detail x on x.rep_id = r.id left join rep_void v on v.rep_id = r.id
            where r.practice_id = #{practice} and (#{household}::bigint is null or r.household_id = #{household}) order by r.happened_at, r.id""")
    @Options(fetchSize = 500)
    Cursor<RepLine> reps(PracticeId practice, @Nullable Long household);

    // ---- in ----

    @Select("select nextval(pg_get_serial_sequence('${table}', 'id')) from generate_series(1, #{count})")
    List<Long> take(String table, int count);

    @Insert("insert into ${table} (${columns}) overriding system value select ${columns} from jsonb_populate_recordset(null::${table}, #{rows}::jsonb) ${conflict}")
    int insert(String table, String columns, String rows, String conflict);

    /** What this transaction writes from now on is nobody's edit: the copy brings who made each. */
    @Select("select set_config('cahier.trainer', '', true)")
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    String nobodysEdits();

    @Select("select exists (select 1 from household where practice_id = #{practice})")
    boolean hasHouseholds(PracticeId practice);

    @Update("update practice p set (${columns}) = (select ${columns} from jsonb_populate_record(null::practice, #{row}::jsonb)) where p.id = #{practice}")
    void settings(PracticeId practice, String columns, String row);

    /** What a practice that begins chooses of itself gives way to what comes in. */
    @Delete("delete from method_choice where practice_id = #{practice} and household_id is null")
    void clearChoices(PracticeId practice);

    @Select("select id from trainer where practice_id = #{practice} and lower(email) = lower(#{email}) order by left_at is not null, id limit 1")
    @Nullable Long trainer(PracticeId practice, String email);

    /** Somebody who cannot sign in before a password was chosen by mail, or who had left; none where the address is known already. */
    @Select("""
            insert into trainer (practice_id, name, email, phone, password_hash, role, left_at) values (#{practice}, #{name}, #{email}, #{phone}, #{hash}, #{role}, case when #{left} then now() end)
            on conflict do nothing returning id""")
    @Nullable Long addTrainer(PracticeId practice, String name, String email, String phone, String hash, TrainerRole role, boolean left);
}
