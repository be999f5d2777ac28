package cahier.app.support;

import cahier.app.judge.JudgingRound;
import cahier.app.scope.PracticeScope;
import cahier.app.week.WeekRound;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.servlet.HandlerInterceptor;

/**
 * What the schedule does all the time, done for the practice that asks before each page: a test moves the clock by days, and no real seconds
 * pass in which a round could run. Other practices are left as they are, the demo above all. As the schedule does, it works on another thread.
 */
final class RoundsRun implements HandlerInterceptor {

    private final JudgingRound judging;
    private final WeekRound weeks;
    private final MovableClock clock;

    RoundsRun(JudgingRound judging, WeekRound weeks, MovableClock clock) {
        this.judging = judging;
        this.weeks = weeks;
        this.clock = clock;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        PracticeScope.current().ifPresent(practice -> {
            Instant now = clock.instant();
            CompletableFuture.runAsync(() -> {
                judging.round(practice, now);
                weeks.round(practice, now);
            }).join();
        });
        return true;
    }
}
