package cahier.core.rep;

import static cahier.core.rep.Outcome.CLEAN;
import static cahier.core.rep.Outcome.MISSED;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.Vectors;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class VisitTest {

    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    private static Session session(int day, Outcome... outcomes) {
        LocalDate date = DAY.plusDays(day);
        return Vectors.session("Dele", "hall", date, date.atTime(9, 0).toInstant(ZoneOffset.UTC), List.of(outcomes));
    }

    private static Session clean(int day, int reps) {
        return session(day, Collections.nCopies(reps, CLEAN).toArray(Outcome[]::new));
    }

    private static Visit visit(Session... sessions) {
        return new Visit(List.of(sessions));
    }

    @Test
    void recentReachesBackUntilItHoldsTenReps() {
        assertThat(visit(clean(0, 4), clean(1, 4), clean(2, 3), clean(3, 3)).recent().sessions()).hasSize(3);
        assertThat(visit(clean(0, 9), clean(1, 9), clean(2, 9)).recent().sessions()).hasSize(2);
        assertThat(visit(clean(0, 1)).recent().sessions()).hasSize(1);
    }

    @Test
    void ofTwoRepsAtOneMomentTheOrderOfTheirIdsIsADatabasesByTheBytes() {
        Instant at = DAY.atTime(9, 0).toInstant(ZoneOffset.UTC);
        Rep low = new Rep(UUID.fromString("7fffffff-0000-4000-8000-000000000001"), at, MISSED, Role.WORK);
        Rep high = new Rep(UUID.fromString("80000000-0000-4000-8000-000000000001"), at, CLEAN, Role.WORK);
        Rep sameFirstHalf = new Rep(UUID.fromString("80000000-0000-4000-9000-000000000001"), at, CLEAN, Role.WORK);
        assertThat(Stream.of(sameFirstHalf, high, low).sorted(Rep.IN_ORDER)).containsExactly(low, high, sameFirstHalf);
        assertThat(low.id()).as("which Java orders the other way round").isGreaterThan(high.id());
    }

    @Test
    void afterAPauseThatBeganBadlyOnlyWhatCameAfterItCounts() {
        Visit visit = visit(clean(0, 5), session(7, MISSED, CLEAN));
        assertThat(visit.counted(7).sessions()).hasSize(1);
        assertThat(visit.counted(8).sessions()).hasSize(2);
    }

    @Test
    void afterAPauseThatBeganCleanEverythingCounts() {
        assertThat(visit(clean(0, 5), session(9, CLEAN, MISSED)).counted(7).sessions()).hasSize(2);
    }

    @Test
    void theLatestPauseDecides() {
        Visit visit = visit(session(0, MISSED), session(8, MISSED), session(16, CLEAN), session(17, MISSED));
        assertThat(visit.counted(7)).isEqualTo(visit);
    }

    @Test
    void coldCountsTheFirstRepOfEachColdSession() {
        Visit visit = visit(session(0, CLEAN, MISSED), session(1, MISSED, CLEAN), session(2, CLEAN));
        assertThat(Evidence.cold(visit, 3)).hasValue(2);
        assertThat(Evidence.cold(visit, 1)).hasValue(1);
        assertThat(Evidence.cold(visit, 4)).isEmpty();
    }

    @Test
    void aSessionWithoutARepIsRefused() {
        assertThatThrownBy(() -> new Session("Dele", "hall", DAY, true, Stream.<Rep>of().toList()))
                .hasMessage("reps must hold at least one rep, was none");
    }
}
