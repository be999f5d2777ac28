package cahier.app.erasure;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Erases what was asked to be erased, a household a transaction. */
@Component
public class ErasureRound {

    private static final Logger LOG = LoggerFactory.getLogger(ErasureRound.class);

    private final ErasureMapper mapper;
    private final Erasures erasures;
    private final Clock clock;
    private final TransactionTemplate transactions;

    ErasureRound(ErasureMapper mapper, Erasures erasures, Clock clock, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.erasures = erasures;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    @Scheduled(initialDelayString = "${cahier.erase.every-ms}", fixedDelayString = "${cahier.erase.every-ms}")
    @SchedulerLock(name = "erasures")
    void bySchedule() {
        round();
    }

    /** Every practice in which something waits. */
    public void round() {
        List<PracticeId> practices = Objects.requireNonNull(transactions.execute(t -> {
            mapper.announceRound();
            return mapper.practicesWaiting();
        }));
        practices.forEach(practice -> PracticeScope.within(practice, () -> {
            List<ErasureMapper.Row> waiting = Objects.requireNonNull(transactions.execute(t -> mapper.waiting(practice)));
            waiting.forEach(row -> erase(practice, row));
            return waiting;
        }));
    }

    /** What cannot be erased holds up nothing else, and is tried again. */
    private void erase(PracticeId practice, ErasureMapper.Row row) {
        try {
            erasures.carryOut(practice, row.id(), row.householdId(), Instant.now(clock));
        } catch (RuntimeException e) {
            LOG.error("household {} of practice {} could not be erased, and is tried again: {}", row.householdId(), practice, Failure.of(e));
        }
    }
}
