package cahier.app.book;

import cahier.app.household.Dog;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.household.Word;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** What is typed on the loose leaves. An id of 0 makes a new one. */
final class FactForms {

    private static final int NAME = 60;
    private static final int TEXT = 400;

    private FactForms() {
    }

    record PersonForm(long id, int version, @Nullable String name, @Nullable String age, @Nullable String note) {

        static final PersonForm EMPTY = new PersonForm(0, 0, "", "", "");

        static PersonForm of(Person p) {
            return new PersonForm(p.id(), p.version(), p.name(), p.age() == null ? "" : p.age().toString(), p.note());
        }

        Person read(Check check) {
            OptionalInt years = check.optionalWhole("age", age, 0, 120);
            return new Person(id, check.text("name", name, NAME), years.isPresent() ? years.getAsInt() : null,
                    check.optional("note", note, TEXT), version);
        }
    }

    record DogForm(long id, int version, @Nullable String name, @Nullable String looks, @Nullable String born, @Nullable String weight) {

        static final DogForm EMPTY = new DogForm(0, 0, "", "", "", "");

        static DogForm of(Dog d) {
            return new DogForm(d.id(), d.version(), d.name(), d.looks(), d.born() == null ? "" : d.born().toString(),
                    d.weightG() == null ? "" : Measures.plain(d.weightG() / 1000.0, 2) + " kg");
        }

        Dog read(Check check, LocalDate today) {
            LocalDate birth = check.date("born", born);
            if (birth != null && (birth.isAfter(today) || birth.isBefore(today.minusYears(30)))) {
                check.refuse("born", "must be within the last 30 years and not after today, was “" + born + "”");
            }
            OptionalDouble grams = check.measure("weight", weight, Measures::grams);
            return new Dog(id, check.text("name", name, NAME), check.optional("looks", looks, NAME), birth,
                    grams.isPresent() ? (int) Math.round(grams.getAsDouble()) : null, version);
        }
    }

    record PlaceForm(long id, int version, @Nullable String name, @Nullable String difficulty, @Nullable String note) {

        static final PlaceForm EMPTY = new PlaceForm(0, 0, "", "0", "");

        static PlaceForm of(Place p) {
            return new PlaceForm(p.id(), p.version(), p.name(), Integer.toString(p.difficulty()), p.note());
        }

        Place read(Check check) {
            return new Place(id, check.text("name", name, NAME), check.whole("difficulty", difficulty, 0, 5),
                    check.optional("note", note, TEXT), version);
        }
    }

    record WordForm(long id, int version, @Nullable String word, @Nullable String meaning) {

        static final WordForm EMPTY = new WordForm(0, 0, "", "");

        static WordForm of(Word w) {
            return new WordForm(w.id(), w.version(), w.word(), w.meaning());
        }

        Word read(Check check) {
            return new Word(id, check.text("word", word, 30), check.text("meaning", meaning, TEXT), version);
        }
    }

    record LessonForm(long id, int version, @Nullable String startsAt, @Nullable String minutes, @Nullable String plan) {

        static final LessonForm EMPTY = new LessonForm(0, 0, "", "60", "");

        static LessonForm of(Lesson l, ZoneId zone) {
            return new LessonForm(l.id(), l.version(), Dates.input(l.startsAt(), zone), Integer.toString(l.minutes()), l.plan());
        }

        Lesson read(Check check, long household, ZoneId zone) {
            return new Lesson(id, household, start(check, zone), check.whole("minutes", minutes, 15, 240),
                    check.optional("plan", plan, TEXT), version);
        }

        private Instant start(Check check, ZoneId zone) {
            try {
                return LocalDateTime.parse(startsAt == null ? "" : startsAt.strip()).atZone(zone).toInstant();
            } catch (DateTimeException e) {
                check.refuse("startsAt", "must be a date and time such as 2026-06-18T09:15, was “" + startsAt + "”");
                return Instant.EPOCH;
            }
        }
    }
}
