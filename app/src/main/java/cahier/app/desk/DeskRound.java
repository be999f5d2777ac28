package cahier.app.desk;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import java.util.List;
import java.util.Objects;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Each night holds what the desk sorts by to what it rests on. It never differs while every change goes through the database's own triggers; where it does, somebody shall know, and the desk is right again. */
@Component
public class DeskRound {

    private static final Logger LOG = LoggerFactory.getLogger(DeskRound.class);

    private final DeskMapper mapper;
    private final TransactionTemplate transactions;

    DeskRound(DeskMapper mapper, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.transactions = new TransactionTemplate(transactions);
    }

    @Scheduled(cron = "${cahier.desk.check}")
    @SchedulerLock(name = "desk")
    void bySchedule() {
        round();
    }

    /** Returns how many households stood wrong on a desk, of all practices. */
    public int round() {
        List<PracticeId> practices = Objects.requireNonNull(transactions.execute(t -> mapper.practices()));
        return practices.stream().mapToInt(practice -> PracticeScope.within(practice, () -> check(practice))).sum();
    }

    private int check(PracticeId practice) {
        try {
            List<Long> wrong = Objects.requireNonNull(transactions.execute(t -> mapper.wrong(practice)));
            wrong.forEach(household -> transactions.executeWithoutResult(t -> mapper.mend(practice, household)));
            if (!wrong.isEmpty()) {
                LOG.error("{} households of practice {} stood on the desk as they were not, and are put right", wrong.size(), practice);
            }
            return wrong.size();
        } catch (RuntimeException e) {
            LOG.error("the desk of practice {} could not be checked: {}", practice, Failure.of(e));
            return 0;
        }
    }
}
