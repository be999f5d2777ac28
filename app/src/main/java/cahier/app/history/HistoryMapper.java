package cahier.app.history;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface HistoryMapper {

    /** @param about what it was about, in the household's own words; may be empty */
    record Act(Instant at, String who, Did did, String about) {
    }

    /** Acts, newest first, of whoever is named with one; an owner's taps are in the log of each track. */
    @Select("""
            select at, who, did, about from (
                select at, who, what as did, '' as about from audit where practice_id = #{practice} and household_id = #{household}
                union all select issued_at, issued_by, case when follows then 'SHEET_FOLLOWED' else 'SHEET_SENT' end, number::text
                    from homework where practice_id = #{practice} and household_id = #{household}
                union all select w.at, w.by_trainer, 'SHEET_TAKEN_BACK', h.number::text from homework_withdrawn w join homework h on h.id = w.homework_id
                    where w.practice_id = #{practice} and w.household_id = #{household}
                union all select d.answered_at, d.answered_by, case d.state when 'OVERRULED' then 'OVERRULED' when 'APPLIED' then 'APPLIED' else 'ACCEPTED' end, t.title
                    from decision d join track t on t.id = d.track_id
                    where d.practice_id = #{practice} and d.household_id = #{household} and d.answered_at is not null and d.answered_by is not null
                union all select a.answered_at, a.answered_by, 'ALARM_ANSWERED', d.name from alarm a join dog d on d.id = a.dog_id
                    where a.practice_id = #{practice} and a.household_id = #{household} and a.answered_at is not null and a.answered_by is not null
                union all select answered_at, answered_by, 'QUESTION_ANSWERED', '' from question
                    where practice_id = #{practice} and household_id = #{household} and answered_at is not null and answered_by is not null
                union all select w.set_at, w.set_by, 'DISTANCE_SET', d.name from working_distance w join dog d on d.id = w.dog_id
                    where w.practice_id = #{practice} and w.household_id = #{household}
                union all select c.set_at, c.set_by, 'COMFORT_SET', d.name from comfort c join dog d on d.id = c.dog_id where c.practice_id = #{practice} and c.household_id = #{household}
                union all select kept_at, kept_by, 'SETUP_KEPT', title from setup where practice_id = #{practice} and household_id = #{household}
                union all select b.begun_at, b.taken_by, 'BASELINE_TAKEN', d.name from baseline b join dog d on d.id = b.dog_id
                    where b.practice_id = #{practice} and b.household_id = #{household}
                union all select p.asked_at, p.asked_by, 'PROBE_ASKED', t.title from probe p join track t on t.id = p.track_id
                    where p.practice_id = #{practice} and p.household_id = #{household}
                union all select at, by_trainer, 'DANGER_SEEN', '' from danger where practice_id = #{practice} and household_id = #{household}
                union all select noted_at, noted_by, 'CHANGE_NOTED', case what when 'HOME' then 'a new home' else 'a new season' end
                    from life_change where practice_id = #{practice} and household_id = #{household}
                union all select g.raised_on::timestamptz, g.raised_by, 'FLAG_RAISED', d.name from gate g join dog d on d.id = g.dog_id
                    where g.practice_id = #{practice} and g.household_id = #{household}
                union all select o.at, o.by_trainer, 'HANDED_OVER', coalesce('to ' || t.signs, 'to everybody') from hand_over o left join trainer t on t.practice_id = o.practice_id and t.id = o.to_id
                    where o.practice_id = #{practice} and o.household_id = #{household}
                union all select at, who, what, about from edit where practice_id = #{practice} and household_id = #{household}
            ) acts where who <> '' order by at desc, did limit #{most} offset #{after}""")
    List<Act> acts(PracticeId practice, long household, int most, long after);

    record LookRow(String who, LocalDate day, Instant firstAt, Instant lastAt, int times) {
    }

    @Select("""
            select who, day, first_at, last_at, times from look where practice_id = #{practice} and household_id = #{household}
            order by day desc, last_at desc, who limit #{most} offset #{after}""")
    List<LookRow> looks(PracticeId practice, long household, int most, long after);

    /** Counts pages somebody opened to the household's own day. */
    @Insert("""
            insert into look (practice_id, household_id, who, day, first_at, last_at, times)
            select practice_id, id, #{who}, (#{last}::timestamptz at time zone zone)::date, #{first}, #{last}, #{times} from household where practice_id = #{practice} and id = #{household}
            on conflict (practice_id, household_id, who, day) do update
            set first_at = least(look.first_at, excluded.first_at), last_at = greatest(look.last_at, excluded.last_at), times = look.times + excluded.times""")
    void look(PracticeId practice, long household, String who, Instant first, Instant last, int times);
}
