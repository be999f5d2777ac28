package cahier.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.gate.Gates;
import cahier.app.household.Households;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.log.RepLog;
import cahier.app.support.AppTest;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class DemoTest extends AppTest {

    @Autowired
    private DemoLoader loader;
    @Autowired
    private Judgements judgements;
    @Autowired
    private Households households;
    @Autowired
    private RepLog log;
    @Autowired
    private Gates gates;

    @Test
    void everyKindOfDecisionStandsInTheMarginOfTheDemo() {
        List<Decided> open = asImre(() -> judgements.openOf(imre().practice(), households.byId(imre().practice()).keySet()).values().stream().flatMap(List::stream).toList());
        assertThat(open).extracting(Decided::suggested).contains(Decision.values());
        assertThat(open).extracting(Decided::cause).contains(Cause.PERSON_GAP, Cause.TOO_MUCH, Cause.TOO_MUCH_OFTEN, Cause.LOW_RATE);
    }

    /** Whatever was logged of what a step measures by is its rep, and nothing else is. */
    @Test
    void everyDepartureTouchAndLookOfAMeasuredTrackIsARep() {
        assertThat(homes.number(imre(), "select count(*) from departure d join household h on h.id = d.household_id and h.name = 'Wren' where d.undone_at is null and not exists (select 1 from rep r where r.id = d.id)")).isZero();
        assertThat(homes.number(imre(), "select count(*) from touch d join household h on h.id = d.household_id and h.name = 'Oduya' where d.undone_at is null and not exists (select 1 from rep r where r.id = d.id)")).isZero();
        assertThat(homes.number(imre(), "select count(*) from exposure e join household h on h.id = e.household_id and h.name = 'Haldane-Reyes' where e.kind = 'CYCLE' and exists (select 1 from rep r where r.id = e.id)")).isZero();
        assertThat(homes.number(imre(), "select count(distinct s.teaching->'measure'->>'kind') from step s join rep r on r.step_id = s.id join household h on h.id = r.household_id and h.name in ('Wren', 'Oduya', 'Haldane-Reyes') where s.removed_at is null and s.teaching ? 'measure'")).as("each kind has reps").isEqualTo(6);
    }

    @Test
    void aSecondStartKeepsWhatIsThere() {
        long before = households();
        loader.afterSingletonsInstantiated();
        assertThat(households()).isEqualTo(before);
    }

    @Test
    void theDemoHoldsWeeksOfPracticeThatEndBeforeNow() {
        var all = asImre(() -> households.all(imre().practice()));
        assertThat(all).extracting(h -> h.name()).contains("Abara-Quist", "Oduya", "Haldane-Reyes", "Castellane", "Wren");
        var abara = all.stream().filter(h -> h.name().equals("Abara-Quist")).findFirst().orElseThrow();
        var days = asImre(() -> log.days(imre().practice(), abara.id()));
        assertThat(days.stream().mapToInt(d -> d.reps()).sum()).isGreaterThan(300);
        assertThat(days.get(0).day()).isBefore(days.get(days.size() - 1).day().minusDays(28));
    }

    @Test
    void whatWasToldOnTheFirstVisitIsDatedOnTheFirstVisit() {
        var told = asImre(() -> gates.get(imre().practice(), 1));
        assertThat(told.raisedOn()).isEqualTo(LocalDate.ofInstant(now(), ZoneId.of("Europe/London")).minusDays(30));
        assertThat(told.isShut()).isTrue();
    }

    private long households() {
        return asImre(() -> households.all(imre().practice()).stream().filter(h -> !h.name().startsWith("Test home")).count());
    }
}
