package cahier.app.outbox;

import cahier.app.ask.Question;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homework;
import cahier.app.sheet.SheetItem;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import cahier.app.wording.TextKind;
import cahier.app.wording.Wording;
import cahier.app.wording.Wordings;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the mails of a practice to its owners and keeps them; {@link TrainerMail} writes to the trainers, {@link Postman} carries. */
@Service
@Transactional
public class Outbox {


    private final MailMapper mails;
    private final Wordings wordings;
    private final Households households;

    Outbox(MailMapper mails, Wordings wordings, Households households) {
        this.mails = mails;
        this.wordings = wordings;
        this.households = households;
    }

    /** Who gets mail: everyone with an address who is not a child. */
    public static List<Person> readers(Facts facts) {
        return facts.people().stream().filter(p -> !p.email().isEmpty() && !p.isChild()).toList();
    }

    /** Whom a mail is from. */
    private record From(String name, String address, String practice) {

        static From of(TrainerUser trainer) {
            return new From(trainer.name(), trainer.email(), trainer.practiceName());
        }

        /** Whom an earlier mail was from. */
        static From of(Mail mail, String practice) {
            String suffix = ", " + practice;
            return new From(mail.fromName().endsWith(suffix) ? mail.fromName().substring(0, mail.fromName().length() - suffix.length()) : mail.fromName(), mail.replyTo(), practice);
        }

        String shown() {
            return name + ", " + practice;
        }
    }

    /**
     * Tells the household that homework was issued, with the sheet to print; once for each sheet.
     *
     * @param site where the application is reached, "https://cahier.example"
     */
    public void homework(TrainerUser trainer, Homework sheet, String site, Instant now) {
        if (!mails.isMailed(trainer.practice(), sheet.id())) {
            Facts facts = households.facts(trainer.practice(), sheet.householdId());
            write(trainer.practice(), From.of(trainer), facts, readers(facts), TextKind.HOMEWORK, () -> values(facts, sheet, now), sheet.id(), site, now);
        }
    }

    private static Map<String, String> values(Facts facts, Homework sheet, Instant now) {
        return Map.of("number", Integer.toString(sheet.number()), "tracks", sheet.items().isEmpty() ? Words.say("mail.rests") : sheet.items().stream().map(SheetItem::trackTitle).collect(Collectors.joining(", ")),
                "next", facts.lessonAfter(now).map(l -> l.when(facts.household().zone())).orElse(Words.say("mail.no-lesson")));
    }

    /** Whether a mail tells of this sheet, gone or waiting. */
    @Transactional(readOnly = true)
    public boolean isMailed(PracticeId practice, long sheet) {
        return mails.isMailed(practice, sheet);
    }

    /** A newer sheet is out: mails of earlier ones that still wait are withdrawn. One that only follows goes to those who were still waiting. */
    public void superseded(PracticeId practice, Homework newer, Instant now) {
        List<Mail> old = mails.superseded(practice, newer.householdId(), newer.id());
        old.forEach(m -> mails.withdraw(practice, m.id(), Words.say("outbox.Outbox.homework-took-its-place", newer.number())));
        if (newer.follows() && !old.isEmpty()) {
            Facts facts = households.facts(practice, newer.householdId());
            Map<String, Mail> byAddress = old.stream().collect(Collectors.toMap(Mail::toAddress, m -> m, (a, b) -> b));
            readers(facts).stream().filter(p -> byAddress.containsKey(p.email())).forEach(p -> {
                Mail m = Objects.requireNonNull(byAddress.get(p.email()));
                write(practice, From.of(m, wordings.practice(practice)), facts, List.of(p), TextKind.HOMEWORK, () -> values(facts, newer, now), newer.id(), m.site(), now);
            });
        }
    }

    /** A sheet was taken back: what of it still waits does not go. */
    public void withdrawn(PracticeId practice, long sheet) {
        mails.withdrawSheet(practice, sheet, Words.say("outbox.Outbox.the-sheet-was-taken-back"));
    }

    /** The household is closed: what still waits does not go. */
    public void closed(PracticeId practice, long household) {
        mails.withdrawHousehold(practice, household, Words.say("outbox.Outbox.the-household-was-closed"));
    }

    /** Sends the answer to a question. */
    public void answer(TrainerUser trainer, Question question, String answer, String site, Instant now) {
        Facts facts = households.facts(trainer.practice(), question.householdId());
        write(trainer.practice(), From.of(trainer), facts, readers(facts), TextKind.ANSWER, () -> Map.of("question", question.words(), "answer", answer), null, site, now);
    }

    private void write(PracticeId practice, From from, Facts facts, List<Person> readers, TextKind kind, Supplier<Map<String, String>> more, @Nullable Long homework, String site, Instant now) {
        if (!facts.household().isClosed()) { // nothing is written to a household that has finished
            facts.household().reads().speaking(() -> written(practice, from, facts, readers, kind, more.get(), homework, site, now)).forEach(m -> mails.insert(practice, m));
        }
    }

    private List<Mail> written(PracticeId practice, From from, Facts facts, List<Person> readers, TextKind kind, Map<String, String> more, @Nullable Long homework, String site, Instant now) {
        Map<String, String> values = new HashMap<>(more);
        values.put("trainer", from.name());
        values.put("practice", from.practice());
        values.put("dogs", Wordings.dogs(facts));
        Wording wording = wordings.of(practice, kind);
        List<Mail> written = new ArrayList<>();
        for (Person person : readers) {
            values.put("name", person.name());
            Wording filled = wording.with(values);
            written.add(new Mail(0, facts.household().id(), kind, homework, null, from.shown(), from.address(), person.name(), person.email(), filled.subject(), filled.body(), site,
                    Mail.State.WAITING, 0, now, now, null, ""));
        }
        return written;
    }

    /** The newest mails of the practice. */
    @Transactional(readOnly = true)
    public Paged<Mail> page(PracticeId practice, int page) {
        return Paged.read(page, (most, after) -> mails.newest(practice, most, after));
    }

    @Transactional(readOnly = true)
    public int failed(PracticeId practice) {
        return mails.count(practice, Mail.State.FAILED);
    }

    public void again(PracticeId practice, long id, Instant now) {
        changed(mails.again(practice, id, now), id);
    }

    public void drop(PracticeId practice, long id) {
        changed(mails.drop(practice, id), id);
    }

    private static void changed(int rows, long id) {
        if (rows == 0) {
            throw new NotFound("mail " + id + " that can still be sent");
        }
    }
}
