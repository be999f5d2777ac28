package cahier.app.alarm;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Alarms of a household, open until the trainer answers. */
@Service
@Transactional
public class Alarms {

    private static final int SHOWN = 100;

    private final AlarmMapper alarms;
    private final ApplicationEventPublisher events;

    Alarms(AlarmMapper alarms, ApplicationEventPublisher events) {
        this.alarms = alarms;
        this.events = events;
    }

    /** Keeps one; raised twice with the same id it is still one. False when it was known. */
    public boolean raise(PracticeId practice, Alarm alarm, Instant now) {
        boolean fresh = alarms.insert(practice, alarm, now) > 0;
        if (fresh) {
            events.publishEvent(new AlarmChanged(practice, alarm.householdId(), alarm.dogId(), now));
        }
        return fresh;
    }

    /** The open ones of a household, newest first. */
    public List<Alarm> open(PracticeId practice, long household) {
        return history(practice, household).stream().filter(Alarm::isOpen).toList();
    }

    /** Everything that happened in a household, answered or not, newest first. */
    public List<Alarm> history(PracticeId practice, long household) {
        return alarms.history(practice, household, SHOWN).stream().sorted(Comparator.comparing(Alarm::happenedAt).reversed()).toList();
    }

    /** One of the practice's, or the page for what does not exist. */
    public Alarm get(PracticeId practice, UUID id) {
        return alarms.find(practice, id).orElseThrow(() -> new NotFound("alarm " + id));
    }

    /** A trainer has read it. True the first time. */
    public boolean opened(PracticeId practice, UUID id, Instant now) {
        return alarms.opened(practice, get(practice, id).id(), now) > 0;
    }

    /** The trainer has spoken with the household. Answered twice, the first answer stands; false then. */
    public boolean answer(TrainerUser trainer, UUID id, String with, String answer, Instant now) {
        Alarm alarm = get(trainer.practice(), id);
        boolean first = alarms.answer(trainer.practice(), alarm.id(), trainer.signature(), with, answer, now) > 0;
        if (first) {
            events.publishEvent(new AlarmChanged(trainer.practice(), alarm.householdId(), alarm.dogId(), now));
        }
        return first;
    }
}
