package cahier.app.outbox;

import cahier.app.account.PracticeId;
import cahier.app.account.TrainerUser;
import cahier.app.ask.Question;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.sheet.Homework;
import cahier.app.sheet.SheetItem;
import cahier.app.web.NotFound;
import cahier.app.wording.TextKind;
import cahier.app.wording.Wording;
import cahier.app.wording.Wordings;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the mails of a practice and keeps them; {@link Postman} carries them. */
@Service
@Transactional
public class Outbox {

    private static final int SHOWN = 100;

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

    /**
     * Tells the household that homework was issued, with the sheet to print.
     *
     * @param site where the application is reached, "https://cahier.example"
     */
    public void homework(TrainerUser trainer, Homework sheet, String site, Instant now) {
        Facts facts = households.facts(trainer.practice(), sheet.householdId());
        Map<String, String> values = new HashMap<>();
        values.put("number", Integer.toString(sheet.number()));
        values.put("tracks", sheet.items().stream().map(SheetItem::trackTitle).collect(Collectors.joining(", ")));
        values.put("next", facts.lessonAfter(now).map(l -> l.when(facts.household().zone())).orElse("not planned yet"));
        write(trainer, facts, TextKind.HOMEWORK, values, sheet.id(), site, now);
    }

    /** Sends the answer to a question. */
    public void answer(TrainerUser trainer, Question question, String answer, String site, Instant now) {
        Facts facts = households.facts(trainer.practice(), question.householdId());
        write(trainer, facts, TextKind.ANSWER, Map.of("question", question.words(), "answer", answer), null, site, now);
    }

    private void write(TrainerUser trainer, Facts facts, TextKind kind, Map<String, String> more, @Nullable Long homework, String site, Instant now) {
        Map<String, String> values = new HashMap<>(more);
        values.put("trainer", trainer.name());
        values.put("practice", trainer.practiceName());
        values.put("dogs", Wordings.dogs(facts));
        for (Person person : readers(facts)) {
            values.put("name", person.name());
            Wording w = wordings.of(trainer.practice(), kind).with(values);
            mails.insert(trainer.practice(), new Mail(0, facts.household().id(), kind, homework, trainer.name() + ", " + trainer.practiceName(), trainer.email(), person.name(),
                    person.email(), w.subject(), w.body(), site, Mail.State.WAITING, 0, now, now, null, ""));
        }
    }

    /** The newest mails of the practice. */
    @Transactional(readOnly = true)
    public List<Mail> latest(PracticeId practice) {
        return mails.latest(practice, SHOWN);
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
