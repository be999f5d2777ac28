package cahier.app.lesson;

import cahier.app.household.Lesson;
import cahier.app.scope.PracticeId;
import java.io.Reader;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When the trainer is busy otherwise, from a calendar file (.ics), and which lessons clash with it. */
@Service
@Transactional
public class BusyTimes {

    private final BusyMapper busy;

    BusyTimes(BusyMapper busy) {
        this.busy = busy;
    }

    /**
     * Takes the place of what was read before; a file that is refused leaves that as it was.
     *
     * @param zone of entries that name none, and of whole days
     * @return how many times were kept
     */
    public int read(PracticeId practice, Reader file, ZoneId zone, Instant now) {
        List<Busy> times = CalendarFile.busy(file, zone, now);
        busy.clear(practice);
        times.forEach(b -> busy.insert(practice, b));
        return times.size();
    }

    public void clear(PracticeId practice) {
        busy.clear(practice);
    }

    @Transactional(readOnly = true)
    public int count(PracticeId practice) {
        return busy.count(practice);
    }

    /** What the trainer has on while a lesson, or the way to it, takes place. */
    @Transactional(readOnly = true)
    public List<Busy> clashing(PracticeId practice, Lesson lesson) {
        return busy.between(practice, leaves(lesson), lesson.endsAt());
    }

    /** The same for each of many lessons, by their number. */
    @Transactional(readOnly = true)
    public Map<Long, List<Busy>> clashing(PracticeId practice, List<Lesson> lessons) {
        if (lessons.isEmpty()) {
            return Map.of();
        }
        List<Busy> all = busy.between(practice, lessons.stream().map(BusyTimes::leaves).min(Instant::compareTo).orElseThrow(), lessons.stream().map(Lesson::endsAt).max(Instant::compareTo).orElseThrow());
        return lessons.stream().collect(Collectors.toMap(Lesson::id, l -> all.stream().filter(b -> b.endsAt().isAfter(leaves(l)) && b.startsAt().isBefore(l.endsAt())).toList()));
    }

    private static Instant leaves(Lesson lesson) {
        return lesson.startsAt().minus(Duration.ofMinutes(lesson.travelMinutes()));
    }
}
