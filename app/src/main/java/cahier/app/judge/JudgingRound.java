package cahier.app.judge;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Judges by schedule every track whose session has closed or whose day has passed (docs/rules.md 4), whoever looks or does not: a track a
 * transaction, those that somebody is changing just now left for the next round.
 */
@Component
public class JudgingRound {

    private static final Logger LOG = LoggerFactory.getLogger(JudgingRound.class);
    /** A track that cannot be judged holds up no other, and is tried again after this. */
    private static final Duration PUT_OFF = Duration.ofMinutes(10);

    private final DecisionMapper decisions;
    private final Judgements judgements;
    private final Clock clock;
    private final TransactionTemplate transactions;

    JudgingRound(DecisionMapper decisions, Judgements judgements, Clock clock, PlatformTransactionManager transactions) {
        this.decisions = decisions;
        this.judgements = judgements;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    @Scheduled(initialDelayString = "${cahier.judge.every-ms}", fixedDelayString = "${cahier.judge.every-ms}")
    @SchedulerLock(name = "judging")
    void bySchedule() {
        round();
    }

    /** Every practice with something due. */
    public void round() {
        Instant now = Instant.now(clock);
        List<PracticeId> due = transactions.execute(t -> {
            decisions.announceRound();
            return decisions.practicesDue(now);
        });
        due.forEach(practice -> round(practice, now));
    }

    /** Every track of one practice that is due. */
    public void round(PracticeId practice, Instant now) {
        PracticeScope.within(practice, () -> {
            List<Long> due = transactions.execute(t -> decisions.due(practice, now));
            due.forEach(track -> judge(practice, track, now));
            return due;
        });
    }

    /** One track, due or not: for a past that is told within one transaction, where no round comes by. */
    public void track(PracticeId practice, long track, Instant now) {
        judgements.judge(practice, track, now);
    }

    private void judge(PracticeId practice, long track, Instant now) {
        try {
            transactions.executeWithoutResult(t -> decisions.takeDue(practice, track, now).ifPresent(taken -> judgements.judge(practice, taken, now)));
        } catch (RuntimeException e) {
            LOG.error("track {} of practice {} could not be judged, and is tried again in {} min: {}", track, practice, PUT_OFF.toMinutes(), Failure.of(e));
            transactions.executeWithoutResult(t -> decisions.putOff(practice, track, now.plus(PUT_OFF)));
        }
    }
}
