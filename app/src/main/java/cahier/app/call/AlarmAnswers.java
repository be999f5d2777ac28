package cahier.app.call;

import cahier.app.account.AccountService;
import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.judge.Judgements;
import cahier.app.outbox.TrainerMail;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Cause;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** An alarm is opened, then answered: who was spoken with, what was agreed, and what comes next with each of the dog's tracks. */
@Service
@Transactional
class AlarmAnswers {

    private final Alarms alarms;
    private final Households households;
    private final Tracks tracks;
    private final Judgements judgements;
    private final Answers answers;
    private final TrainerMail mail;
    private final AccountService accounts;

    AlarmAnswers(Alarms alarms, Households households, Tracks tracks, Judgements judgements, Answers answers, TrainerMail mail, AccountService accounts) {
        this.alarms = alarms;
        this.households = households;
        this.tracks = tracks;
        this.judgements = judgements;
        this.answers = answers;
        this.mail = mail;
        this.accounts = accounts;
    }

    /** What comes next with one track, and why where it goes on. */
    record Choice(Answers.Next next, String why) {
    }

    @Transactional(readOnly = true)
    public AlarmPage page(PracticeId practice, UUID id, Instant now) {
        Alarm alarm = alarms.get(practice, id);
        Facts facts = households.facts(practice, alarm.householdId());
        List<Alarm> earlier = alarms.history(practice, alarm.householdId()).stream().filter(a -> a.dogId() == alarm.dogId() && a.happenedAt().isBefore(alarm.happenedAt())).toList();
        return new AlarmPage(alarm, facts, calls(practice, alarm).toList(), earlier, accounts.working(practice), now.atZone(facts.household().zone()).toLocalDate());
    }

    private Stream<AlarmPage.Call> calls(PracticeId practice, Alarm alarm) {
        return ofDog(practice, alarm).flatMap(m -> judgements.open(practice, m.track().id()).filter(d -> d.cause() == Cause.ALARM).map(d -> new AlarmPage.Call(m, d)).stream());
    }

    private Stream<TrackSteps> ofDog(PracticeId practice, Alarm alarm) {
        return tracks.ofHousehold(practice, alarm.householdId()).stream().filter(m -> m.track().dogId() == alarm.dogId() && m.visit().isPresent());
    }

    /** A trainer has read it: it is not mailed again, and the owner's page says so. */
    public void opened(PracticeId practice, UUID id, Instant now) {
        if (alarms.opened(practice, id, now)) {
            mail.alarmOpened(practice, id);
        }
    }

    /**
     * The trainer has spoken with them. A track for which nothing was chosen rests until something is.
     *
     * @param choices by track
     */
    public void answer(TrainerUser trainer, UUID id, String with, String agreed, Map<Long, Choice> choices, Instant now) {
        PracticeId practice = trainer.practice();
        Alarm alarm = alarms.get(practice, id);
        if (!alarms.answer(trainer, id, with, agreed, now)) {
            return;
        }
        mail.alarmOpened(practice, id);
        calls(practice, alarm).forEach(call -> {
            Choice choice = choices.get(call.track());
            if (choice != null) {
                answers.call(trainer, call.decided().id(), call.decided().version(), choice.next(), choice.why(), now);
            }
        });
    }
}
