package cahier.app.call;

import cahier.app.account.AccountService.Trainer;
import cahier.app.alarm.Alarm;
import cahier.app.household.Facts;
import cahier.app.judge.Decided;
import cahier.app.track.TrackSteps;
import cahier.core.rest.Why;
import java.time.LocalDate;
import java.util.List;

/**
 * An alarm as a trainer reads and answers it.
 *
 * @param calls tracks of the dog that wait for what comes next
 * @param earlier what happened with this dog before, newest first
 */
record AlarmPage(Alarm alarm, Facts facts, List<Call> calls, List<Alarm> earlier, List<Trainer> trainers, LocalDate today) {

    /** The longest answer, in characters. */
    static final int LONGEST = 1000;

    /** One track that rests for {@link Why#UNDECIDED} as soon as the alarm is answered. */
    record Call(TrackSteps map, Decided decided) {

        public long track() {
            return map.track().id();
        }

        public boolean hasBelow() {
            return map.below().isPresent();
        }
    }
}
