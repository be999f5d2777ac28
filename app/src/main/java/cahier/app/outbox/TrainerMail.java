package cahier.app.outbox;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.Trainer;
import cahier.app.account.Credentials;
import cahier.app.alarm.Alarm;
import cahier.app.ask.Question;
import cahier.app.ask.Questions;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Language;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Dates;
import cahier.app.wording.TextKind;
import cahier.app.wording.Wording;
import cahier.app.wording.Wordings;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes to the trainers of a practice: an alarm at once and again until it was opened, questions once a day at most. */
@Service
@Transactional
public class TrainerMail {

    /** An alarm goes out at once, and again after these waits while nobody has opened it. */
    private static final List<Duration> AGAIN = List.of(Duration.ZERO, Duration.ofMinutes(15), Duration.ofHours(1));
    private static final Duration QUESTIONS_EVERY = Duration.ofDays(1);
    private static final int MOST_QUESTIONS = 20;

    private final MailMapper mails;
    private final Wordings wordings;
    private final Households households;
    private final AccountService accounts;
    private final Questions questions;
    private final MailServer server;

    TrainerMail(MailMapper mails, Wordings wordings, Households households, AccountService accounts, Questions questions, MailServer server) {
        this.mails = mails;
        this.wordings = wordings;
        this.households = households;
        this.accounts = accounts;
        this.questions = questions;
        this.server = server;
    }

    /** Whether a mail goes out at all: a server is named and a trainer has an address. */
    @Transactional(readOnly = true)
    public boolean goesOut(PracticeId practice) {
        return server.isSet() && accounts.working(practice).stream().anyMatch(t -> !t.email().isEmpty());
    }

    /** Tells those who answer for the household of an alarm at once; all who work with households while nobody has opened it. */
    public void alarm(PracticeId practice, Alarm alarm, String site, Instant now) {
        Facts facts = households.facts(practice, alarm.householdId());
        Set<Long> first = accounts.answering(practice, alarm.householdId(), now).stream().map(Trainer::id).collect(Collectors.toSet());
        for (Trainer trainer : accounts.working(practice)) {
            AGAIN.stream().filter(wait -> !wait.isZero() || first.contains(trainer.id()))
                    .forEach(wait -> write(practice, trainer, TextKind.ALARM, () -> of(alarm, facts, trainer, site, now), alarm.householdId(), alarm.id(), site, now.plus(wait), now));
        }
    }

    private static Map<String, String> of(Alarm alarm, Facts facts, Trainer to, String site, Instant now) {
        Household home = facts.household();
        List<String> phones = facts.reachable().stream().map(p -> p.called() + " " + p.phoneShown()).toList();
        return Map.of("household", home.name(), "dog", alarm.dogName(), "happened", alarm.kind().words() + "." + (alarm.what().isEmpty() ? "" : " " + alarm.what()),
                "when", Dates.moment(alarm.happenedAt(), home.zone(), now.atZone(home.zone()).toLocalDate()),
                "phones", phones.isEmpty() ? Words.say("outbox.TrainerMail.no-telephone-number-is-kept") : String.join(", ", phones),
                "emergency", home.hasEmergency() ? (home.emergency() + " " + home.emergencyPhoneShown()).strip() : Words.say("outbox.TrainerMail.nobody-is-named"), "page", site + "/alarms/" + alarm.id(),
                "name", to.name(), "own", to.phone().isEmpty() ? Words.say("outbox.TrainerMail.none-add-yours-in-settings") : to.phoneShown());
    }

    /** Somebody has read the alarm: it is not sent again. */
    public void alarmOpened(PracticeId practice, UUID alarm) {
        mails.withdrawAlarm(practice, alarm, Words.say("outbox.TrainerMail.it-was-opened"));
    }

    /** A question came in: all that are open go to the trainers in one mail, a day after the last at the earliest. */
    public void questions(PracticeId practice, String site, Instant now) {
        mails.withdrawQuestions(practice, Words.say("outbox.TrainerMail.one-more-question-came-all"));
        List<Question> all = questions.open(practice);
        Map<Long, Set<Long>> answering = all.stream().map(Question::householdId).distinct()
                .collect(Collectors.toMap(h -> h, h -> accounts.answering(practice, h, now).stream().map(Trainer::id).collect(Collectors.toSet())));
        accounts.working(practice).stream().filter(Trainer::questionsByMail)
                .forEach(t -> questions(practice, t, all.stream().filter(q -> answering.getOrDefault(q.householdId(), Set.of()).contains(t.id())).toList(), site, now));
    }

    /** Those of the households a trainer answers for. */
    private void questions(PracticeId practice, Trainer trainer, List<Question> open, String site, Instant now) {
        if (open.isEmpty()) {
            return;
        }
        Instant last = mails.questionsSent(practice, trainer.email());
        Instant at = last == null || last.plus(QUESTIONS_EVERY).isBefore(now) ? now : last.plus(QUESTIONS_EVERY);
        Map<Long, Household> homes = households.these(practice, open.stream().map(Question::householdId).toList());
        write(practice, trainer, TextKind.QUESTIONS, () -> of(open, homes, trainer, site), null, null, site, at, now);
    }

    private static Map<String, String> of(List<Question> open, Map<Long, Household> homes, Trainer to, String site) {
        String all = open.stream().limit(MOST_QUESTIONS).map(q -> {
            Household home = Objects.requireNonNull(homes.get(q.householdId()));
            return home.name() + ", " + Dates.longDate(q.askedAt().atZone(home.zone()).toLocalDate()) + ": " + q.words();
        }).collect(Collectors.joining("\n\n"));
        return Map.of("count", open.size() == 1 ? Words.say("outbox.TrainerMail.one-question") : Words.say("outbox.TrainerMail.questions", open.size()),
                "questions", all + (open.size() > MOST_QUESTIONS ? Words.say("outbox.TrainerMail.and-more", open.size() - MOST_QUESTIONS) : ""), "page", site + "/", "name", to.name());
    }

    /** Somebody is asked to join the practice: the link is made as the mail goes out. */
    public void invited(TrainerUser by, Trainer who, String site, Instant now) {
        write(by.practice(), who, TextKind.INVITED, () -> Map.of("name", who.name(), "inviter", by.name(), "practice", by.practiceName(), "role", who.role().words(), "link", "{link}", "days", Long.toString(Credentials.INVITED_FOR.toDays())),
                null, null, site, now, now);
    }

    /** A household is theirs now. */
    public void handedOver(TrainerUser by, Trainer to, Household home, String note, String site, Instant now) {
        handedOver(by, to, home.name(), home.id(), note, site + "/households/" + home.id(), site, now);
    }

    /** Several households are. */
    public void handedOver(TrainerUser by, Trainer to, int households, String note, String site, Instant now) {
        handedOver(by, to, households == 1 ? Words.say("outbox.TrainerMail.a-household") : Words.say("outbox.TrainerMail.households", households), null, note, site + "/", site, now);
    }

    private void handedOver(TrainerUser by, Trainer to, String what, @Nullable Long household, String note, String page, String site, Instant now) {
        write(by.practice(), to, TextKind.HANDED_OVER, () -> Map.of("name", to.name(), "from", by.name(), "household", what, "note", note.isEmpty() ? Words.say("outbox.TrainerMail.there-is-no-note") : note, "page", page), household, null, site, now, now);
    }

    /** A trainer has lost the password: a link goes to their address, made as the mail goes out. */
    public void password(TrainerUser trainer, String site, Instant now) {
        write(trainer.practice(), Trainer.of(trainer), TextKind.PASSWORD, () -> Map.of("name", trainer.name(), "page", site, "link", "{link}", "minutes", Long.toString(Credentials.GOOD_FOR.toMinutes())), null, null, site, now, now);
    }

    /** The trainer wants to see that mail arrives. False where no mail goes out at all. */
    public boolean tryOut(TrainerUser trainer, String site, Instant now) {
        if (server.isSet()) {
            write(trainer.practice(), Trainer.of(trainer), TextKind.TRIED, () -> Map.of("name", trainer.name(), "page", site), null, null, site, now, now);
        }
        return server.isSet();
    }

    /** Whether a server is named that takes mail. */
    public boolean isSet() {
        return server.isSet();
    }

    private void write(PracticeId practice, Trainer to, TextKind kind, Supplier<Map<String, String>> values, @Nullable Long household, @Nullable UUID alarm, String site, Instant at, Instant now) {
        Language reads = Language.of(to.language() != null ? to.language() : accounts.settings(practice).language()); // not what whoever pressed or asked does
        Wording filled = reads.speaking(() -> wordings.of(practice, kind).with(values.get()));
        mails.insert(practice, new Mail(0, household, kind, null, alarm, accounts.name(practice), to.email(), to.name(), to.email(), filled.subject(), filled.body(), site, Mail.State.WAITING, 0, at, now,
                null, ""));
    }
}
