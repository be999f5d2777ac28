package cahier.app.history;

import cahier.app.household.Addressed;
import cahier.app.household.Households;
import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who looked at which household. A page only says so here; it is written beside it, so that a GET writes nothing (docs/decisions/29). */
@Component
public class WhoLooked {

    private static final Logger LOG = LoggerFactory.getLogger(WhoLooked.class);
    /** As many pages as wait at most; more than a practice opens in the time between two rounds. */
    private static final int MOST = 20_000;
    private static final int END_S = 3;

    private final Map<Page, Seen> waiting = new ConcurrentHashMap<>();
    private final HistoryMapper mapper;
    private final Households households;
    private final TransactionTemplate transactions;

    WhoLooked(HistoryMapper mapper, Households households, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.households = households;
        this.transactions = new TransactionTemplate(transactions);
    }

    private record Page(PracticeId practice, Addressed address, String who) {
    }

    private record Seen(Instant first, Instant last, int times) {

        Seen and(Seen other) {
            return new Seen(first.isBefore(other.first) ? first : other.first, last.isAfter(other.last) ? last : other.last, times + other.times);
        }
    }

    void saw(PracticeId practice, Addressed address, String who, Instant at) {
        if (waiting.size() >= MOST) {
            LOG.error("more than {} pages wait to be written as looked at; what is looked at now is not kept", MOST);
            return;
        }
        waiting.merge(new Page(practice, address, who), new Seen(at, at, 1), Seen::and);
    }

    @Scheduled(initialDelayString = "${cahier.look.every-ms}", fixedDelayString = "${cahier.look.every-ms}")
    void bySchedule() {
        round();
    }

    /** At the end what waits is written too, unless the database is gone already: nobody waits for it. */
    @PreDestroy
    void atTheEnd() {
        if (!waiting.isEmpty()) {
            CompletableFuture.runAsync(this::round).completeOnTimeout(null, END_S, TimeUnit.SECONDS).exceptionally(e -> null).join();
        }
    }

    /** Writes what waits. */
    public void round() {
        Map<PracticeId, List<Page>> pages = waiting.keySet().stream().collect(Collectors.groupingBy(Page::practice));
        pages.forEach((practice, seen) -> PracticeScope.within(practice, () -> {
            write(practice, seen);
            return practice;
        }));
    }

    /** What could not be written waits again. */
    private void write(PracticeId practice, List<Page> pages) {
        Map<Page, Seen> taken = new ConcurrentHashMap<>();
        for (Page page : new ArrayList<>(pages)) {
            Seen seen = waiting.remove(page);
            if (seen != null) {
                taken.put(page, seen);
            }
        }
        try {
            transactions.executeWithoutResult(t -> taken.forEach((page, seen) -> households.ofAddress(practice, page.address())
                    .ifPresent(household -> mapper.look(practice, household, page.who(), seen.first(), seen.last(), seen.times()))));
        } catch (RuntimeException e) {
            taken.forEach((page, seen) -> waiting.merge(page, seen, Seen::and));
            LOG.error("who looked at households of practice {} could not be written, and is tried again: {}", practice, Failure.of(e));
        }
    }
}
