package cahier.app.judge;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.household.Households;
import cahier.app.log.Ending;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.PassChoice;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Aid;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.event.ApplicationEvents;
import org.springframework.test.context.event.RecordApplicationEvents;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Whoever changes a track, a rep or an alarm, by whatever service: it is judged before that is kept, once, and nobody has to ask. */
@RecordApplicationEvents
class JudgeAtCommitTest extends AppTest {

    private static final StepPlan FOUR_IN_A_ROW = new StepPlan("Four in a row", "", "kitchen", 1.0, null, "", "", Aid.NONE, "", PassChoice.RUN, 4, 8, 2, 5, "", "", Teaching.NONE);

    @Autowired
    private ApplicationEvents events;
    @Autowired
    private Tracks tracks;
    @Autowired
    private RepLog log;
    @Autowired
    private Alarms alarms;
    @Autowired
    private Households households;
    @Autowired
    private Judgements judgements;
    @Autowired
    private PlatformTransactionManager transactions;

    private long judged(Home home) {
        return events.stream(Suggested.class).filter(s -> s.track() == home.track).count();
    }

    private void within(Runnable work) {
        asEdda(() -> new TransactionTemplate(transactions).execute(t -> {
            work.run();
            return t;
        }));
    }

    @Test
    void aTrackOnWhichMuchChangesAtOnceIsJudgedOnceAndNotBeforeItIsAsItWillBe() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 3);
        home.practise("cccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
        long before = judged(home);
        within(() -> {
            tracks.addSteps(edda().practice(), home.track, List.of(Home.step("A"), Home.step("B")), now());
            Step current = home.roadmap().current().orElseThrow();
            tracks.saveStep(edda().practice(), current.id(), current.version(), FOUR_IN_A_ROW, now());
            tracks.moveStep(edda().practice(), current.id(), 1, now());
            assertThat(judged(home)).isEqualTo(before);
        });
        assertThat(judged(home)).isEqualTo(before + 1);
        assertThat(asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow().suggested()).isEqualTo(Decision.UP);
    }

    @Test
    void whatIsTakenBackIsNotJudged() {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        long before = judged(home);
        asEdda(() -> new TransactionTemplate(transactions).execute(t -> {
            tracks.addSteps(edda().practice(), home.track, List.of(Home.step("A")), now());
            t.setRollbackOnly();
            return t;
        }));
        assertThat(judged(home)).isEqualTo(before);
        assertThat(home.roadmap().steps()).hasSize(2);
    }

    @Test
    void theTrainersVoidIsJudgedAtOnceAndTheOwnersWhenTheSessionHasClosed() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        home.practise("ccccc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.UP);
        KeptRep last = asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 1)).get(0);
        asEdda(() -> {
            log.voidRep(home.facts().household(), last, now(), null);
            return null;
        });
        assertThat(asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow().suggested()).as("the owner may still be at it").isEqualTo(Decision.UP);
        clock.pass(Duration.ofMinutes(31));
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.STAY);
        asEdda(() -> {
            log.putBack(home.facts().household(), last, now());
            return null;
        });
        assertThat(asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow().suggested()).isEqualTo(Decision.UP);
    }

    @Test
    void anAlarmStopsEveryTrackOfTheDogAndASittingThatEndsIsJudged() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        String sitting = UUID.randomUUID().toString();
        for (int i = 0; i < 5; i++) {
            home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), "CLEAN", now(), "Dele") + "]}");
        }
        assertThat(asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow().suggested()).isEqualTo(Decision.STAY);
        asEdda(() -> {
            log.end(home.facts().household(), UUID.fromString(sitting), now(), Ending.of(null, ""), now());
            return null;
        });
        assertThat(asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow().suggested()).isEqualTo(Decision.UP);
        Instant at = now();
        long dog = asEdda(() -> households.dogs(edda().practice(), home.id)).get(0).id();
        asEdda(() -> alarms.raise(edda().practice(), Alarm.raised(UUID.randomUUID(), home.id, dog, "Pim", Alarm.Kind.values()[0], "It froze", at), at));
        Decided open = asEdda(() -> judgements.open(edda().practice(), home.track)).orElseThrow();
        assertThat(open.suggested()).isEqualTo(Decision.CALL);
        assertThat(open.cause()).isEqualTo(Cause.ALARM);
    }
}
