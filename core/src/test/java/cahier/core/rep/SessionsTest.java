package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SessionsTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final Instant NOON = Instant.parse("2026-06-15T11:00:00Z");
    private static final long TRACK = 1;

    private static LoggedRep rep(int minute, int sitting, String person, long track, Role role) {
        return new LoggedRep(new Rep(new UUID(minute + 10_000, track), NOON.plusSeconds(60L * minute), Outcome.CLEAN, role),
                new UUID(0, sitting), track, 10 * track, person, "kitchen");
    }

    private static LoggedRep rep(int minute, int sitting, String person) {
        return rep(minute, sitting, person, TRACK, Role.WORK);
    }

    private static List<Session> sessions(List<LoggedRep> reps) {
        return Sessions.ofTrack(reps, TRACK, r -> true, ZONE);
    }

    @Test
    void sittingsCloserThanAQuarterOfAnHourAreOneSession() {
        assertThat(sessions(List.of(rep(0, 1, "Dele"), rep(14, 2, "Dele")))).hasSize(1);
        assertThat(sessions(List.of(rep(0, 1, "Dele"), rep(15, 2, "Dele")))).hasSize(2);
    }

    @Test
    void aLongGapInsideOneSittingDoesNotSplitIt() {
        assertThat(sessions(List.of(rep(0, 1, "Dele"), rep(25, 1, "Dele")))).hasSize(1);
    }

    @Test
    void twoPeopleAreTwoSessionsEvenWhenTheyTakeTurns() {
        List<Session> sessions = sessions(List.of(rep(0, 1, "Dele"), rep(2, 2, "Marit"), rep(4, 1, "Dele"), rep(6, 2, "Marit")));
        assertThat(sessions).extracting(Session::person).containsExactly("Dele", "Marit");
        assertThat(sessions).allSatisfy(s -> assertThat(s.reps()).hasSize(2));
    }

    @Test
    void workOnAnotherTrackHoldsASessionTogether() {
        List<LoggedRep> reps = List.of(rep(0, 1, "Dele"), rep(10, 2, "Dele", 2, Role.WORK), rep(20, 3, "Dele"));
        assertThat(sessions(reps)).singleElement().satisfies(s -> assertThat(s.reps()).hasSize(2));
    }

    @Test
    void theFirstWorkRepIsColdThreeHoursAfterTheTracksLastRep() {
        List<Session> sessions = sessions(List.of(rep(0, 1, "Dele"), rep(179, 2, "Dele"), rep(359, 3, "Dele"),
                rep(700, 4, "Dele", TRACK, Role.SHOWN), rep(701, 4, "Dele")));
        assertThat(sessions).extracting(Session::coldStart).containsExactly(true, false, true, false);
    }

    @Test
    void theDayIsTheHouseholdsCalendarDay() {
        LoggedRep late = new LoggedRep(new Rep(new UUID(1, 1), Instant.parse("2026-06-15T23:30:00Z"), Outcome.CLEAN, Role.WORK),
                new UUID(0, 1), TRACK, 10, "Dele", "kitchen");
        assertThat(sessions(List.of(late))).extracting(Session::day).containsExactly(LocalDate.of(2026, 6, 16));
    }

    @Test
    void theOrderInWhichRepsArriveDoesNotMatter() {
        List<LoggedRep> reps = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            reps.add(rep(i * 7 + (i % 5) * 40, i / 4, i % 3 == 0 ? "Dele" : "Marit"));
        }
        List<Session> inOrder = sessions(reps);
        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(reps, new Random(seed));
            assertThat(sessions(reps)).isEqualTo(inOrder);
        }
    }
}
