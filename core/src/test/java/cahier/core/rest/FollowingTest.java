package cahier.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.decide.Case;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Judge;
import cahier.core.decide.PersonGap;
import cahier.core.decide.Standing;
import cahier.core.decide.Suggestion;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 500 made-up households, each through 200 acts of trainer and owner in any order: what does the phone ask? */
class FollowingTest {

    private static final int RUNS = 500;
    private static final int ACTS = 200;

    /** What is done; the first ones by owners and by time, the others by the trainer. */
    private enum Act {
        PRACTISE, ALARM, DAY, ACCEPT, REST, BACK, GO_ON, OVERRULE_UP, SPLIT, PUT_ON, TAKE_UP, PARK, ANSWER_ALARM, ISSUE, UNDO_BACK;

        boolean isTrainers() {
            return compareTo(DAY) > 0;
        }

        /** Whether a person lets something onto the phone with it that was not asked before. */
        boolean mayRaise() {
            return EnumSet.of(GO_ON, OVERRULE_UP, PUT_ON, TAKE_UP, PARK, ANSWER_ALARM, ISSUE, UNDO_BACK, ACCEPT).contains(this);
        }
    }

    /** One track of one dog, as the application keeps it. */
    private static final class Household {

        private final Random random;
        private final TrackKind kind;
        private int steps = 4;
        private int standing = 1;
        private OptionalInt sheet = OptionalInt.of(1);
        private Optional<Suggestion> open = Optional.empty();
        private List<Session> visit = new ArrayList<>();
        private boolean alarm;
        private boolean rested;
        private boolean parked;
        private boolean stopped;
        private boolean enteredAfterTooMuch;
        private LocalDate day = LocalDate.of(2026, 6, 1);

        Household(long seed) {
            this.random = new Random(seed);
            this.kind = random.nextBoolean() ? TrackKind.SKILL : TrackKind.COMFORT;
        }

        Permit permit(int asked, boolean now) {
            return Permit.of(Situation.ofStep(Topic.EVERYDAY, kind, asked, standing).ofDog(Set.of(), alarm).decided(open.map(Suggestion::cause), rested).putOff(parked, 0).today(now && stopped, false));
        }

        /** The step the phone asks for; none when it asks for nothing. */
        OptionalInt phone() {
            return sheet.isEmpty() ? OptionalInt.empty() : permit(sheet.getAsInt(), true).step();
        }

        private void follow() {
            if (sheet.isPresent()) {
                Following does = Following.of(permit(sheet.getAsInt(), false), sheet.getAsInt(), standing, false);
                sheet = does == Following.RESTS ? OptionalInt.empty() : does == Following.MOVES ? permit(standing, false).step() : sheet;
            }
        }

        private void moveTo(int step, boolean afterTooMuch) {
            standing = step;
            visit = new ArrayList<>();
            open = Optional.empty();
            enteredAfterTooMuch = afterTooMuch;
            follow();
        }

        private void judge() {
            Suggestion fresh = Judge.decide(new Case(kind, new Run(5, Spread.NONE), Case.STALE_DAYS, new Visit(visit), new Case.Step(standing, steps, enteredAfterTooMuch, false, visit.size()),
                    new Case.History(alarm, OptionalLong.of(0), 0, Optional.empty(), PersonGap.Before.NONE)));
            open = Optional.of(Standing.merge(open, fresh)).filter(Suggestion::staysOpen);
        }

        boolean act(Act act) {
            Optional<Decision> says = open.map(Suggestion::decision);
            boolean call = says.filter(d -> d == Decision.CALL).isPresent();
            boolean tooMuch = open.filter(o -> o.cause().restsTheStep()).isPresent();
            switch (act) {
                case PRACTISE -> practise();
                case ALARM -> {
                    alarm = true;
                    judge();
                }
                case DAY -> {
                    day = day.plusDays(1);
                    stopped = false;
                }
                case ACCEPT -> {
                    if (call || says.isEmpty()) {
                        return false;
                    }
                    switch (says.get()) {
                        case UP -> moveTo(standing + 1, false);
                        case BACK -> moveTo(standing - 1, tooMuch);
                        default -> open = Optional.empty();
                    }
                }
                case REST -> {
                    if (!call) {
                        return false;
                    }
                    open = Optional.empty();
                    rested = true;
                    follow();
                }
                case BACK -> {
                    if (!call || standing == 0) {
                        return false;
                    }
                    moveTo(standing - 1, tooMuch);
                }
                case GO_ON -> {
                    if (!call) {
                        return false;
                    }
                    open = Optional.empty();
                }
                case OVERRULE_UP -> {
                    if (says.isEmpty() || call || standing == steps - 1) {
                        return false;
                    }
                    moveTo(standing + 1, false);
                }
                case SPLIT -> {
                    if (says.filter(d -> d == Decision.SPLIT || d == Decision.CALL).isEmpty()) {
                        return false;
                    }
                    int asked = sheet.orElse(-1);
                    steps++;
                    // The new step goes in below: what was asked for stands one higher now.
                    sheet = asked < 0 || asked < standing ? sheet : OptionalInt.of(asked + 1);
                    moveTo(standing, tooMuch);
                }
                case PUT_ON -> {
                    rested = false;
                    moveTo(random.nextInt(steps), false);
                }
                case TAKE_UP -> rested = false;
                case PARK -> parked = !parked;
                case ANSWER_ALARM -> {
                    if (!alarm) {
                        return false;
                    }
                    alarm = false;
                }
                case ISSUE -> sheet = permit(standing, false).step();
                case UNDO_BACK -> {
                    if (standing == steps - 1 || !visit.isEmpty()) {
                        return false;
                    }
                    moveTo(standing + 1, false);
                }
            }
            return true;
        }

        /** Owners practise most of the time, days pass, alarms are rare, and a trainer who finds something resting mostly sees to it. */
        Act next() {
            int roll = random.nextInt(10);
            if (roll < 3) {
                return Act.PRACTISE;
            }
            if (roll < 5) {
                return Act.DAY;
            }
            if (roll < 8 && phone().isEmpty()) {
                return alarm ? Act.ANSWER_ALARM : parked ? Act.PARK : rested ? Act.TAKE_UP : sheet.isEmpty() ? Act.ISSUE : open.isPresent() ? Act.values()[Act.ACCEPT.ordinal() + random.nextInt(6)] : Act.DAY;
            }
            Act any = Act.values()[random.nextInt(Act.values().length)];
            return (any == Act.ALARM || any == Act.PARK) && random.nextInt(3) > 0 ? Act.PRACTISE : any;
        }

        private void practise() {
            OptionalInt asked = phone();
            List<Rep> reps = new ArrayList<>();
            Instant at = day.atTime(9 + random.nextInt(9), 0).toInstant(ZoneOffset.UTC);
            double tooMuch = random.nextInt(4) == 0 ? 0.4 : 0;
            int over = 0;
            for (int i = 0; i < 6; i++) {
                Outcome outcome = random.nextDouble() < tooMuch ? Outcome.TOO_MUCH : random.nextDouble() < 0.8 ? Outcome.CLEAN : Outcome.MISSED;
                over += outcome == Outcome.TOO_MUCH ? 1 : 0;
                reps.add(new Rep(new UUID(random.nextLong(), random.nextLong()), at.plusSeconds(30L * i), outcome, Role.WORK));
            }
            stopped |= over >= (kind == TrackKind.COMFORT ? 1 : 2);
            // Also what should have rested is practised now and then, and counts where it was tapped.
            if (asked.isPresent() && asked.getAsInt() == standing || asked.isEmpty() && random.nextInt(5) == 0) {
                visit.add(new Session("Dele", "hall", day, false, reps));
                judge();
            }
        }
    }

    @Test
    void thePhoneNeverAsksWhatRestsAndNeverClimbsByItself() {
        int asks = 0;
        int rests = 0;
        int downs = 0;
        for (long seed = 0; seed < RUNS; seed++) {
            Household home = new Household(seed);
            for (int i = 0; i < ACTS; i++) {
                Act act = home.next();
                OptionalInt before = home.phone();
                OptionalInt sheetBefore = home.sheet;
                boolean stoppedBefore = home.stopped;
                int stoodBefore = home.standing;
                int stepsBefore = home.steps;
                boolean done = home.act(act);
                OptionalInt now = home.phone();
                String where = "seed " + seed + ", act " + i + ", " + act;
                if (now.isPresent()) {
                    asks++;
                    assertThat(home.alarm || home.rested || home.parked || home.stopped).as(where).isFalse();
                    assertThat(home.open.filter(o -> o.cause() == Cause.ALARM).isPresent()).as(where).isFalse();
                    assertThat(now.getAsInt()).as(where).isLessThanOrEqualTo(home.standing);
                    boolean resting = home.open.filter(o -> o.cause().restsTheStep()).isPresent();
                    assertThat(resting && now.getAsInt() == home.standing).as("%s: the step that was too much", where).isFalse();
                    assertThat(now.getAsInt()).as("%s: what a person put there", where).isLessThanOrEqualTo(home.sheet.orElseThrow());
                    int grown = act == Act.SPLIT && done ? home.steps - stepsBefore : 0;
                    if (!act.mayRaise() && before.isPresent()) {
                        assertThat(now.getAsInt()).as("%s: no higher than before", where).isLessThanOrEqualTo(before.getAsInt() + grown);
                    }
                    if (!act.isTrainers() && before.isEmpty()) {
                        assertThat(act == Act.DAY && stoppedBefore).as("%s: only a new day ends a day's stop", where).isTrue();
                    }
                }
                if (act != Act.ISSUE) {
                    int grown = act == Act.SPLIT && done ? home.steps - stepsBefore : 0;
                    assertThat(home.sheet.orElse(-1)).as("%s: a sheet climbs only when it is sent", where).isLessThanOrEqualTo(sheetBefore.orElse(-1) + grown);
                }
                if (now.isEmpty()) {
                    rests++;
                }
                boolean down = done && home.standing < stoodBefore && before.isPresent() && before.getAsInt() == stoodBefore;
                if (down) {
                    downs++;
                    assertThat(now.isEmpty() || now.getAsInt() <= home.standing).as("%s: the phone follows down at once", where).isTrue();
                }
            }
        }
        assertThat(asks).as("the phone asked often enough to test anything").isGreaterThan(10_000);
        assertThat(rests).isGreaterThan(10_000);
        assertThat(downs).isGreaterThan(200);
    }

    @ParameterizedTest
    @CsvSource({"2, 1, false, MOVES", "1, 2, false, STANDS", "1, 2, true, MOVES", "1, 1, true, STANDS", "1, 1, false, STANDS"})
    void aSheetFollowsDownAndUpOnlyWhereItIsAskedFor(int asked, int standing, boolean up, Following does) {
        Permit permit = Permit.of(Situation.ofStep(Topic.EVERYDAY, TrackKind.SKILL, asked, standing));
        assertThat(Following.of(permit, asked, standing, up)).isEqualTo(does);
        Permit rests = Permit.of(Situation.ofStep(Topic.EVERYDAY, TrackKind.SKILL, asked, standing).decided(Optional.empty(), true));
        assertThat(Following.of(rests, asked, standing, up)).isEqualTo(Following.RESTS);
    }
}
