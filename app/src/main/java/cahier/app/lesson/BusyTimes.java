package cahier.app.lesson;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import java.io.Reader;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When a trainer is busy otherwise, from a calendar file (.ics). */
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
    public int read(TrainerUser me, Reader file, ZoneId zone, Instant now) {
        List<Busy> times = CalendarFile.busy(file, zone, now);
        busy.clear(me.practice(), me.id());
        times.forEach(b -> busy.insert(me.practice(), me.id(), b));
        return times.size();
    }

    public void clear(TrainerUser me) {
        busy.clear(me.practice(), me.id());
    }

    /** Of all trainers. */
    @Transactional(readOnly = true)
    public List<Busy> between(PracticeId practice, Instant from, Instant to) {
        return busy.between(practice, from, to);
    }

    @Transactional(readOnly = true)
    public int count(TrainerUser me) {
        return busy.count(me.practice(), me.id());
    }
}
