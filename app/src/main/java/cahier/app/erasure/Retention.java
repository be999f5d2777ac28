package cahier.app.erasure;

import cahier.app.audit.Audited;
import cahier.app.erasure.Keeping.Kept;
import cahier.app.language.Words;
import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Lets go what is older than a practice keeps. Of reps the figures of each day stay, of a household's health notes nothing. */
@Component
public class Retention {

    private static final Logger LOG = LoggerFactory.getLogger(Retention.class);

    private final ErasureMapper mapper;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final TransactionTemplate transactions;

    Retention(ErasureMapper mapper, ApplicationEventPublisher events, Clock clock, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.events = events;
        this.clock = clock;
        this.transactions = new TransactionTemplate(transactions);
    }

    @Scheduled(initialDelayString = "${cahier.forget.every-ms}", fixedDelayString = "${cahier.forget.every-ms}")
    @SchedulerLock(name = "retention")
    void bySchedule() {
        round();
    }

    /** Every practice that keeps something for a time only. */
    public void round() {
        List<PracticeId> practices = Objects.requireNonNull(transactions.execute(t -> mapper.practicesThatForget()));
        practices.forEach(practice -> PracticeScope.within(practice, () -> {
            forget(practice, Instant.now(clock));
            return practice;
        }));
    }

    private void forget(PracticeId practice, Instant now) {
        try {
            transactions.executeWithoutResult(t -> {
                Kept kept = mapper.kept(practice).orElse(Kept.FOR_GOOD);
                List<String> went = new ArrayList<>();
                forget("REPS", kept.reps(), now, "logged", went);
                forget("HEALTH", kept.health(), now, Words.say("erasure.Retention.notes-on-health"), went);
                forget("QUESTIONS", kept.questions(), now, "questions", went);
                forget("MAIL", kept.mail(), now, "mails", went);
                if (!went.isEmpty()) {
                    events.publishEvent(new Audited(practice, Audited.What.FORGOTTEN, null, String.join(", ", went), now));
                }
            });
        } catch (RuntimeException e) {
            LOG.error("practice {} could not let go what is older than it keeps: {}", practice, Failure.of(e));
        }
    }

    private void forget(String what, @Nullable Integer months, Instant now, String words, List<String> went) {
        if (months != null) {
            long count = mapper.forget(what, now.atZone(ZoneOffset.UTC).minusMonths(months).toInstant());
            if (count > 0) {
                went.add(count + " " + words);
            }
        }
    }
}
