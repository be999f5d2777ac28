package cahier.app.exposure;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Learns by schedule how sharply the dogs of each practice turn (docs/rules.md 9), where something was met since yesterday. */
@Component
public class SteepnessRound {

    private static final Logger LOG = LoggerFactory.getLogger(SteepnessRound.class);
    private static final Duration SINCE = Duration.ofDays(1);
    private static final Duration KEPT = Duration.ofDays(3 * 365);

    private final SteepnessMapper mapper;
    private final Clock clock;
    private final TransactionTemplate transactions;

    SteepnessRound(SteepnessMapper mapper, Clock clock, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    @Scheduled(initialDelayString = "${cahier.learn.every-ms}", fixedDelayString = "${cahier.learn.every-ms}")
    @SchedulerLock(name = "steepness")
    void bySchedule() {
        round();
    }

    /** Every practice where something was met. */
    public void round() {
        Instant now = Instant.now(clock);
        List<PracticeId> practices = Objects.requireNonNull(transactions.execute(t -> mapper.practicesThatMeasured(now.minus(SINCE))));
        practices.forEach(practice -> PracticeScope.within(practice, () -> {
            learn(practice, now);
            return practice;
        }));
    }

    /** Weighing them runs in no transaction. */
    private void learn(PracticeId practice, Instant now) {
        try {
            Map<String, List<Exposure>> dogs = new LinkedHashMap<>();
            Objects.requireNonNull(transactions.execute(t -> mapper.answers(practice, now.minus(KEPT), WorkingDistance.MOST)))
                    .forEach(a -> dogs.computeIfAbsent(a.of(), of -> new ArrayList<>()).add(new Exposure(a.metres(), a.response())));
            Steepness learnt = Steepness.learnt(List.copyOf(dogs.values()));
            if (learnt.dogs() > 0) {
                transactions.executeWithoutResult(t -> mapper.keep(practice, learnt, now));
            }
        } catch (RuntimeException e) {
            LOG.error("how sharply the dogs of practice {} turn could not be learnt: {}", practice, Failure.of(e));
        }
    }
}
