package cahier.core.roadmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PrerequisitesTest {

    private static final long ATTENTION = 1;
    private static final long LEAD = 2;
    private static final long VISITORS = 3;

    private static Need need(long from, int step, long first, int until) {
        return new Need(new Stop(from, step), new Stop(first, until));
    }

    @Test
    void aTrackWaitsFromTheStepOnThatNeedsAnother() {
        Prerequisites graph = new Prerequisites(List.of(need(LEAD, 2, ATTENTION, 4)));

        assertThat(graph.unmet(new Stop(LEAD, 1), Map.of(ATTENTION, 0))).isEmpty();
        assertThat(graph.unmet(new Stop(LEAD, 2), Map.of(ATTENTION, 4))).containsExactly(need(LEAD, 2, ATTENTION, 4));
        assertThat(graph.unmet(new Stop(LEAD, 7), Map.of())).hasSize(1);
        assertThat(graph.unmet(new Stop(LEAD, 2), Map.of(ATTENTION, 5))).isEmpty();
        assertThat(graph.unmet(new Stop(ATTENTION, 9), Map.of())).isEmpty();
    }

    @Test
    void needsThatCanAllBeMetHaveNoCycle() {
        assertThat(new Prerequisites(List.of()).cycle()).isEmpty();
        assertThat(new Prerequisites(List.of(need(LEAD, 2, ATTENTION, 4), need(VISITORS, 0, LEAD, 1), need(ATTENTION, 5, LEAD, 2))).cycle()).isEmpty();
        assertThat(new Prerequisites(List.of(need(LEAD, 5, LEAD, 3))).cycle()).isEmpty();
    }

    @Test
    void aCycleIsNamedByTheStopsAtWhichANeedIsFollowed() {
        Prerequisites graph = new Prerequisites(List.of(need(LEAD, 2, ATTENTION, 4), need(ATTENTION, 3, VISITORS, 1), need(VISITORS, 0, LEAD, 6)));

        List<Stop> round = graph.cycle().orElseThrow();

        assertThat(round.get(0)).isEqualTo(round.get(round.size() - 1));
        assertThat(round).contains(new Stop(LEAD, 2), new Stop(ATTENTION, 4), new Stop(ATTENTION, 3), new Stop(VISITORS, 1), new Stop(VISITORS, 0), new Stop(LEAD, 6))
                .doesNotContain(new Stop(LEAD, 4));
    }

    @Test
    void aStepThatNeedsItselfOrALaterOneOfItsTrackIsACycle() {
        assertThat(new Prerequisites(List.of(need(LEAD, 2, LEAD, 2))).cycle()).contains(List.of(new Stop(LEAD, 2), new Stop(LEAD, 2)));
        assertThat(new Prerequisites(List.of(need(LEAD, 2, LEAD, 5))).cycle()).contains(List.of(new Stop(LEAD, 2), new Stop(LEAD, 5), new Stop(LEAD, 2)));
    }

    /** The honest way to know: work every step that is not kept from being worked until nothing moves; only a cycle leaves a track unfinished. */
    @Test
    void thereIsACycleExactlyWhenTheTracksCannotAllBeFinished() {
        Random random = new Random(33);
        int cycles = 0;
        for (int round = 0; round < 3000; round++) {
            List<Need> needs = new ArrayList<>();
            for (int i = random.nextInt(6); i >= 0; i--) {
                needs.add(need(random.nextInt(4), random.nextInt(5), random.nextInt(4), random.nextInt(5)));
            }
            Prerequisites graph = new Prerequisites(needs);
            boolean all = canAllBeFinished(graph);
            assertThat(graph.cycle().isEmpty()).as(needs.toString()).isEqualTo(all);
            cycles += all ? 0 : 1;
        }
        assertThat(cycles).isBetween(300, 2700);
    }

    private static boolean canAllBeFinished(Prerequisites graph) {
        Map<Long, Integer> passed = new java.util.HashMap<>(Map.of(0L, 0, 1L, 0, 2L, 0, 3L, 0));
        boolean moved = true;
        while (moved) {
            moved = false;
            for (long track = 0; track < 4; track++) {
                int at = passed.get(track);
                if (at < 5 && graph.unmet(new Stop(track, at), passed).isEmpty()) {
                    passed.put(track, at + 1);
                    moved = true;
                }
            }
        }
        return passed.values().stream().allMatch(p -> p == 5);
    }

    @Test
    void aStopBeforeTheFirstStepIsRefused() {
        assertThatThrownBy(() -> new Stop(LEAD, -1)).hasMessage("step must be 0 or more, was -1");
    }
}
