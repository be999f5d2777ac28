package cahier.app.week;

import cahier.app.scope.Failure;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.core.week.Span;
import cahier.core.week.Week;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekPlanner;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Plans by schedule every week that somebody asked for or that no longer holds. The weather is asked and the plan searched for outside of any
 * transaction; it is kept if nothing changed meanwhile, else made again.
 */
@Component
public class WeekRound {

    private static final Logger LOG = LoggerFactory.getLogger(WeekRound.class);
    /** A week that cannot be planned holds up no other, and is tried again after this. */
    private static final Duration PUT_OFF = Duration.ofMinutes(10);
    private static final int TRIES = 3;

    private final Weeks weeks;
    private final Sky sky;
    private final Clock clock;
    private final WeekPlanner planner;

    WeekRound(Weeks weeks, Sky sky, Clock clock, @Value("${cahier.week.steps}") int steps) {
        this.weeks = weeks;
        this.sky = sky;
        this.clock = clock;
        this.planner = new WeekPlanner(steps, WeekPlanner.LONGEST);
    }

    @Scheduled(initialDelayString = "${cahier.week.every-ms}", fixedDelayString = "${cahier.week.every-ms}")
    @SchedulerLock(name = "weeks")
    void bySchedule() {
        Instant now = Instant.now(clock);
        weeks.practicesDue(now).forEach(practice -> round(practice, now));
    }

    /** Every week of one practice that is due. */
    public void round(PracticeId practice, Instant now) {
        PracticeScope.within(practice, () -> {
            List<Long> due = weeks.due(practice, now);
            due.forEach(household -> look(practice, household, now));
            return due;
        });
    }

    private void look(PracticeId practice, long household, Instant now) {
        try {
            boolean settled = false;
            for (int i = 0; i < TRIES && !settled; i++) {
                Optional<WeekDraft> draft = weeks.draft(practice, household, now);
                settled = draft.isEmpty() || keep(draft.get());
            }
        } catch (RuntimeException e) {
            LOG.error("the week of household {} of practice {} could not be planned, and is tried again in {} min: {}", household, practice, PUT_OFF.toMinutes(), Failure.of(e));
            weeks.putOff(practice, household, now.plus(PUT_OFF));
        }
    }

    private boolean keep(WeekDraft draft) {
        Optional<List<Span>> hot = sky.hot(draft.desk().facts().household().zone(), draft.desk().today(), Week.DAYS);
        WeekPlan plan = planner.plan(draft.week(hot.orElse(List.of())));
        return weeks.keep(draft, plan, hot);
    }
}
