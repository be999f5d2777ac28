package cahier.app.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Track;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Judging by schedule: nobody looks, and the suggestion stands all the same. */
class JudgingRoundTest extends AppTest {

    @Autowired
    private JudgingRound round;
    @Autowired
    private Judgements judgements;
    @Autowired
    private PlatformTransactionManager transactions;

    private void tapWithoutFinishing(Home home, int reps) throws Exception {
        String sitting = UUID.randomUUID().toString();
        for (int i = 0; i < reps; i++) {
            home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), "CLEAN", now(), "Dele") + "]}");
        }
    }

    @Test
    void anOwnerIsMovedOnAlthoughNoTrainerLooksAndNobodyFinishedTheSession() throws Exception {
        Home home = homes.make(edda(), TrackKind.COMFORT, 3);
        Track t = home.roadmap().track();
        send("/tracks/" + home.track, "version", Integer.toString(t.version()), "title", t.title(), "goal", t.goal(), "plan", t.plan(), "kind", "COMFORT", "topic", t.topic().name(),
                "staleDays", "9", "movesOn", "OWNER");
        long first = home.stepNow();
        home.practise("cccc");
        clock.pass(Duration.ofDays(1));
        tapWithoutFinishing(home, 5);
        round.bySchedule();
        assertThat(home.stepNow()).as("the session may still go on, and fear goes up only as it closes").isEqualTo(first);
        clock.pass(Duration.ofMinutes(31));
        round.bySchedule();
        assertThat(home.stepNow()).isNotEqualTo(first);
        assertThat(home.history()).anyMatch(d -> d.state() == Decided.State.APPLIED);
    }

    @Test
    void aTrackThatSomebodyChangesIsLeftForTheNextRound() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 3);
        tapWithoutFinishing(home, 5);
        clock.pass(Duration.ofMinutes(31));
        CountDownLatch held = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        CompletableFuture<Void> changing = CompletableFuture.runAsync(() -> asEdda(() -> new TransactionTemplate(transactions).execute(s -> {
            judgements.judge(edda().practice(), home.track, now());
            s.setRollbackOnly();
            held.countDown();
            try {
                done.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return null;
        })));
        held.await();
        round.round(edda().practice(), now());
        assertThat(home.history()).as("skipped, not waited for").noneMatch(d -> d.suggested() == Decision.UP);
        done.countDown();
        changing.join();
        round.round(edda().practice(), now());
        assertThat(home.history().get(0).suggested()).isEqualTo(Decision.UP);
    }

    @Test
    void aTrackThatCannotBeJudgedHoldsUpNoOtherAndIsPutOff() {
        DecisionMapper decisions = mock();
        Judgements judging = mock();
        PracticeId practice = edda().practice();
        when(decisions.due(any(), any())).thenReturn(List.of(1L, 2L, 3L));
        when(decisions.takeDue(any(), eq(1L), any())).thenReturn(Optional.of(1L));
        when(decisions.takeDue(any(), eq(2L), any())).thenReturn(Optional.empty());
        when(decisions.takeDue(any(), eq(3L), any())).thenReturn(Optional.of(3L));
        doThrow(new IllegalStateException("grounds cannot be written")).when(judging).judge(any(), eq(1L), any());
        new JudgingRound(decisions, judging, clock, transactions).round(practice, now());
        verify(decisions).putOff(eq(practice), eq(1L), any());
        assertThat(Failure.of(new IllegalStateException("Key (name)=(Pim) already exists"))).startsWith("IllegalStateException in cahier.app.judge.JudgingRoundTest.").doesNotContain("Pim");
        verify(judging, never()).judge(any(), eq(2L), any());
        verify(judging).judge(eq(practice), eq(3L), any());
        verify(decisions, never()).putOff(any(), eq(3L), any());
    }
}
