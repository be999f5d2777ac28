package cahier.app.book;

import cahier.app.alarm.Alarm;
import cahier.app.ask.Question;
import cahier.app.household.AboutHousehold;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.incident.Incident;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.PractisedBeside;
import cahier.app.log.Sitting;
import cahier.app.rest.Taps;
import cahier.app.sheet.Homework;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One household's book, open at its tracks.
 *
 * @param beside when they last practised beside the steps, lately
 * @param behind in what the sheet that is out is behind the plan
 * @param marked what was tapped although it rested, lately
 * @param answered alarms of the last weeks that were answered, newest first
 */
public record Book(Facts facts, List<TrackRow> rows, Optional<Homework> sheet, Optional<Instant> linkMadeAt, Optional<KeptRep> lastRep, Optional<PractisedBeside.Beside> beside,
            List<Sitting> notes, List<Alarm> alarms, List<Question> questions, List<Incident> incidents, List<String> behind, List<Taps.Said> marked, List<Alarm> answered, Load load, LocalDate today, Instant now) implements AboutHousehold {

    @Override
    public Household household() {
        return facts.household();
    }

    public List<TrackRow> active() {
        return rows.stream().filter(r -> !r.track().isDone()).toList();
    }

    public List<TrackRow> done() {
        return rows.stream().filter(r -> r.track().isDone()).toList();
    }

    /** "Pim, terrier cross, 14 months, 8.4 kg (18.5 lb)." */
    public String dogs() {
        return facts.dogs().stream().map(d -> d.described(today)).collect(Collectors.joining(". "));
    }

    /** "Dele, Marit and Noor (9)". */
    public String people() {
        List<String> names = facts.people().stream().map(Person::called).toList();
        if (names.size() < 2) {
            return String.join("", names);
        }
        return Words.say("book.Book.and", String.join(", ", names.subList(0, names.size() - 1)), names.get(names.size() - 1));
    }

    public Optional<Lesson> nextLesson() {
        return household().isClosed() ? Optional.empty() : facts.lessons().stream().filter(l -> l.endsAt().isAfter(now) && !l.isOver()).reduce((a, b) -> b);
    }

    public String personName(@Nullable Long id) {
        return facts.personName(id);
    }

    public boolean hasTwoDogs() {
        return facts.dogs().stream().map(Dog::id).distinct().count() > 1;
    }

    /** Whether they practised beside the steps since their last rep. */
    public boolean isLastBeside() {
        return beside.filter(b -> lastRep.map(r -> b.at().isAfter(r.happenedAt())).orElse(true)).isPresent();
    }

    /** Whether some track has a step to send out. */
    public boolean canIssue() {
        return rows.stream().anyMatch(r -> r.step().isPresent());
    }
}
