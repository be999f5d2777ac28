package cahier.app.cost;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.cost.Cost.Stuck;
import cahier.app.cost.Cost.Weeks;
import cahier.app.draw.Drawing;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What a template costs, said and drawn. */
class CostTest {

    private static final Weeks NINE = new Weeks(9, 14, null);
    private static final Weeks NEVER = new Weeks(null, null, 3);

    private static Cost cost(Weeks two, Weeks five, List<Stuck> stuck) {
        return new Cost("p", 4, 40, two, five, stuck, List.of(List.of(0, 0, 7, 10, 21, 20, 63, 40), List.of(0, 0, 30, 15, 400, 40)));
    }

    @Test
    void itSaysWeeksOrHowFarTheyCame() {
        assertThat(cost(NEVER, NINE, List.of()).words()).isEqualTo("40 reps at least. Half of them: 9 weeks at five sessions a week, for nine in ten 14; at two step 3 of 4 after 52 weeks.");
        assertThat(cost(NEVER, NEVER, List.of()).words()).isEqualTo("40 reps at least. Half of them: at five sessions a week step 3 of 4 after 52 weeks; at two step 3 of 4 after 52 weeks.");
        assertThat(cost(new Weeks(1, 1, null), NINE, List.of()).words()).endsWith("; 1 week at two.");
        assertThat(cost(new Weeks(9, null, null), NINE, List.of()).words()).endsWith("; 9 weeks at two.");
    }

    @Test
    void itSaysWhereDogsGetStuck() {
        assertThat(cost(NINE, NINE, List.of()).where()).isEmpty();
        assertThat(cost(NINE, NINE, List.of(new Stuck("On the word", 31), new Stuck("Outside", 12))).where()).isEqualTo("Stuck on: On the word (31 of 100), Outside (12).");
    }

    @Test
    void itIsDrawnOverTheSameWeeksOnEveryCard() {
        Drawing drawn = cost(NINE, NINE, List.of()).drawing();
        assertThat(drawn.strokes()).filteredOn(s -> s.ink().equals("strand")).hasSize(2).allSatisfy(s -> assertThat(s.d()).startsWith("M0 56"));
        assertThat(drawn.labels()).singleElement().satisfies(l -> assertThat(l.text()).isEqualTo("9 weeks"));
        assertThat(drawn.strokes()).filteredOn(s -> s.ink().equals("strand")).last().satisfies(s -> assertThat(s.d()).as("one that needs longer goes on to the edge").endsWith("260"));
        assertThat(cost(NINE, NEVER, List.of()).drawing().labels()).as("half of them are not there").isEmpty();
        assertThat(cost(NINE, new Weeks(40, null, null), List.of()).drawing().labels()).as("or later than is drawn").isEmpty();
        assertThat(drawn.alt()).contains("9 weeks at five sessions a week");
    }

    @Test
    void anOwnTemplateIsWalkedOncePerVersion() {
        Costs costs = new Costs();
        AtomicInteger walked = new AtomicInteger();
        for (int i = 0; i < 3; i++) {
            costs.of("7 0", () -> {
                walked.incrementAndGet();
                return Optional.empty();
            });
        }
        costs.of("7 1", () -> {
            walked.incrementAndGet();
            return Optional.of(cost(NINE, NINE, List.of()));
        });
        assertThat(walked).hasValue(2);
        assertThat(costs.of("recall")).isPresent();
        assertThat(costs.of("own-7")).isEmpty();
    }
}
