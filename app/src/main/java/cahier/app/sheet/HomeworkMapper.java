package cahier.app.sheet;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface HomeworkMapper {

    record Row(long id, long householdId, int number, Instant issuedAt, String issuedBy, String firstOfAll, String rests, boolean follows, String items) {
    }

    record StepOf(long stepId, long trackId) {
    }

    String COLUMNS = "select id, household_id, number, issued_at, issued_by, first_of_all, rests::text as rests, follows, (select coalesce(jsonb_agg(i.body order by i.position), '[]') "
            + "from homework_item i where i.homework_id = homework.id)::text as items from homework where practice_id = #{practice} ";
    String OUT = "and not exists (select 1 from homework_withdrawn w where w.homework_id = homework.id) ";

    @Select("""
            insert into homework (practice_id, household_id, number, issued_at, issued_by, first_of_all, rests, follows)
            values (#{practice}, #{household},
                    (select coalesce(max(number), 0) + 1 from homework where practice_id = #{practice} and household_id = #{household}),
                    #{at}, #{by}, #{firstOfAll}, #{rests}::jsonb, #{follows}) returning id""")
    long insert(PracticeId practice, long household, Instant at, String by, String firstOfAll, String rests, boolean follows);

    @Insert("""
            insert into homework_item (practice_id, household_id, homework_id, position, track_id, step_id, body)
            values (#{practice}, #{household}, #{homework}, #{position}, #{track}, #{step}, #{body}::jsonb)""")
    void insertItem(PracticeId practice, long household, long homework, int position, long track, long step, String body);

    /** One sheet after the other: numbers follow each other, and a double click finds what the first one did. */
    @Select("select id from household where practice_id = #{practice} and id = #{household} for update")
    Optional<Long> lock(PracticeId practice, long household);

    @Insert("insert into homework_withdrawn (homework_id, practice_id, household_id, at, by_trainer) values (#{id}, #{practice}, #{household}, #{at}, #{by}) on conflict do nothing")
    void withdraw(PracticeId practice, long household, long id, Instant at, String by);

    @Select(COLUMNS + "and id = #{id}")
    Optional<Row> find(PracticeId practice, long id);

    @Select(COLUMNS + OUT + "and household_id = #{household} order by number desc limit 1")
    Optional<Row> latest(PracticeId practice, long household);

    /** The newest of a household, newest first. */
    @Select(COLUMNS + "and household_id = #{household} order by number desc limit #{most}")
    List<Row> newestOf(PracticeId practice, long household, int most);

    @Select(COLUMNS + OUT + "order by issued_at desc, id desc limit #{most} offset #{after}")
    List<Row> newest(PracticeId practice, int most, long after);

    /** Every step this household was ever asked to practise, and the steps below them; and the last step of what was reached, for its upkeep. */
    @Select("""
            select step_id, track_id from homework_item where practice_id = #{practice} and household_id = #{household}
            union
            select (body -> 'below' ->> 'stepId')::bigint, track_id from homework_item
            where practice_id = #{practice} and household_id = #{household} and body -> 'below' ->> 'stepId' is not null
            union
            select s.id, s.track_id from step s join track t on t.practice_id = s.practice_id and t.id = s.track_id
            where s.practice_id = #{practice} and s.household_id = #{household} and s.removed_at is null and (t.done_at is not null or exists (
                      select 1 from visit v where v.practice_id = s.practice_id and v.track_id = t.id and v.left_by = 'DONE' and not v.undone))
              and s.position = (select max(l.position) from step l where l.practice_id = s.practice_id and l.track_id = s.track_id and l.removed_at is null)""")
    List<StepOf> issuedSteps(PracticeId practice, long household);
}
