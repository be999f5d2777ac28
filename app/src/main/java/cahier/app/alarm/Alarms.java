package cahier.app.alarm;

import cahier.app.account.PracticeId;
import cahier.app.account.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Alarms of a household, open until the trainer answers. */
@Service
@Transactional
public class Alarms {

    private final AlarmMapper alarms;

    Alarms(AlarmMapper alarms) {
        this.alarms = alarms;
    }

    /** Keeps one; raised twice with the same id it is still one. False when it was known. */
    public boolean raise(PracticeId practice, Alarm alarm, Instant now) {
        return alarms.insert(practice, alarm, now) > 0;
    }

    /** The open ones of a household, newest first. */
    public List<Alarm> open(PracticeId practice, long household) {
        return alarms.open(practice, household);
    }

    /** The open ones of the whole practice, newest first. */
    public List<Alarm> open(PracticeId practice) {
        return alarms.allOpen(practice);
    }

    /** Whether something of this dog waits for the trainer. */
    public boolean isOpen(PracticeId practice, long dog) {
        return alarms.isOpen(practice, dog);
    }

    /** The trainer has spoken with the household. Answered twice, the first answer stands. */
    public Alarm answer(TrainerUser trainer, long household, UUID id, String answer, Instant now) {
        Alarm alarm = alarms.find(trainer.practice(), id).filter(a -> a.householdId() == household).orElseThrow(() -> new NotFound("alarm " + id));
        alarms.answer(trainer.practice(), id, trainer.signature(), answer, now);
        return alarm;
    }
}
