package cahier.app.household;

import cahier.app.account.AccountService.PracticeSettings;
import cahier.app.account.AccountService.Trainer;
import cahier.app.language.Words;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import cahier.core.rest.Handler;
import cahier.core.words.Signal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** What is typed on the loose leaves. An id of 0 makes a new one. */
public final class FactForms {

    private static final int NAME = 60;
    private static final int TEXT = 400;

    private FactForms() {
    }

    private static @Nullable String ticked(boolean value) {
        return value ? "on" : null;
    }

    public record PersonForm(long id, int version, @Nullable String name, @Nullable String age, @Nullable String mayHandle, @Nullable String confident,
                      @Nullable String pace, @Nullable String note, @Nullable String email, @Nullable String phone, @Nullable String adult, @Nullable String consent) {

        public static final PersonForm EMPTY = new PersonForm(0, 0, "", "", "on", null, "", "", "", "", "", null);

        public static PersonForm of(Person p) {
            return new PersonForm(p.id(), p.version(), p.name(), p.age() == null ? "" : p.age().toString(), ticked(p.mayHandle()), ticked(p.confident()),
                    p.paceCm() == null ? "" : Words.say("household.FactForms.cm", p.paceCm()), p.note(), p.email(), p.phoneShown(), p.adultId() == null ? "" : p.adultId().toString(), ticked(p.consented()));
        }

        /**
         * @param people of the household, one of whom may be the adult of a child
         * @param country for a telephone number that is typed without one
         */
        public Person read(Check check, List<Person> people, String country) {
            OptionalInt years = check.optionalWhole("age", age, 0, 120);
            OptionalDouble metres = check.measure("pace", pace, Measures::metres);
            if (metres.isPresent() && (metres.getAsDouble() < 0.2 || metres.getAsDouble() > 1.5)) {
                check.refuse("pace", Words.say("household.FactForms.must-be-from-20-cm", pace));
            }
            Integer old = years.isPresent() ? years.getAsInt() : null;
            Long with = people.stream().filter(p -> !p.isChild() && p.id() != id).map(Person::id).filter(p -> p.toString().equals(adult)).findFirst().orElse(null);
            if (Handler.needsAdult(old) && mayHandle != null && with == null) {
                check.refuse("adult", Words.say("household.FactForms.must-name-the-adult-who", Handler.ALONE_FROM, old));
            }
            boolean child = !Handler.isAdult(old);
            if (child && consent == null) {
                check.refuse("consent", Words.say("household.FactForms.must-be-ticked-for-anyone"));
            }
            return new Person(id, check.text("name", name, NAME), old, mayHandle != null, confident != null,
                    metres.isPresent() ? (int) Math.round(100 * metres.getAsDouble()) : null, check.optional("note", note, TEXT), check.email("email", email), check.phone("phone", phone, country),
                    Handler.needsAdult(old) ? with : null, child && consent != null, version);
        }
    }

    /** @param sure the weight the trainer was asked about and has sent again as it was */
    public record DogForm(long id, int version, @Nullable String name, @Nullable String looks, @Nullable String born, @Nullable String weight,
                   @Nullable String sure) {

        private static final double POUNDS_IN_A_KILOGRAM = 2.2046;
        private static final double ALIKE = 0.06;
        public static final DogForm EMPTY = new DogForm(0, 0, "", "", "", "", "");

        public static DogForm of(Dog d) {
            return new DogForm(d.id(), d.version(), d.name(), d.looks(), d.born() == null ? "" : d.born().toString(),
                    d.weightG() == null ? "" : Words.say("household.FactForms.kg", Measures.plain(d.weightG() / 1000.0, 2)), "");
        }

        /** @param before what the dog weighed when it was last saved, in grams */
        public Dog read(Check check, LocalDate today, @Nullable Integer before) {
            LocalDate birth = check.date("born", born);
            if (birth != null && (birth.isAfter(today) || birth.isBefore(today.minusYears(30)))) {
                check.refuse("born", Words.say("household.FactForms.must-be-within-the-last", born));
            }
            OptionalDouble grams = check.measure("weight", weight, Measures::grams);
            grams.ifPresent(g -> askBack(check, g, before));
            return new Dog(id, check.text("name", name, NAME), check.optional("looks", looks, NAME), birth,
                    grams.isPresent() ? (int) Math.round(grams.getAsDouble()) : null, version);
        }

        /** A bare number may be pounds; so may one that is 2.2 times what the dog weighed. Sent again as it was, it is believed. */
        private void askBack(Check check, double grams, @Nullable Integer before) {
            String typed = weight == null ? "" : weight.strip();
            if (typed.equals(sure)) {
                return;
            }
            String inPounds = Measures.weight(grams / POUNDS_IN_A_KILOGRAM);
            if (typed.matches("[0-9.,]+")) {
                check.refuse("weight", "must say its unit: " + typed + " kg, or " + typed + " lb, which is " + inPounds + "?");
            } else if (before != null && typed.endsWith("kg") && Math.abs(grams / before / POUNDS_IN_A_KILOGRAM - 1) < ALIKE) {
                check.refuse("weight", "was " + Measures.weight(before) + " before, and " + typed.replace("kg", "lb") + " is " + inPounds
                        + ". Pounds? Save again if it is " + typed + ".");
            }
        }
    }

    public record PlaceForm(long id, int version, @Nullable String name, @Nullable String difficulty, @Nullable String surface, @Nullable String passers,
                     @Nullable String enclosed, @Nullable String noSignal, @Nullable String outdoors, @Nullable String busy, @Nullable String note) {

        public static final PlaceForm EMPTY = new PlaceForm(0, 0, "", "0", "", "", null, null, null, "", "");

        public static PlaceForm of(Place p) {
            return new PlaceForm(p.id(), p.version(), p.name(), Integer.toString(p.difficulty()), p.surface(), p.passers(), ticked(p.enclosed()),
                    ticked(!p.signal()), ticked(p.outdoors()), p.busy(), p.note());
        }

        public Place read(Check check) {
            return new Place(id, check.text("name", name, NAME), check.whole("difficulty", difficulty, 0, 5),
                    check.optional("surface", surface, NAME), check.optional("passers", passers, NAME), enclosed != null, noSignal == null,
                    check.optional("note", note, TEXT), outdoors != null, hours(check), version);
        }

        private String hours(Check check) {
            try {
                return Hours.parse(busy == null ? "" : busy).words();
            } catch (IllegalArgumentException e) {
                check.refuse("busy", String.valueOf(e.getMessage()));
                return "";
            }
        }
    }

    public record WordForm(long id, int version, @Nullable String word, @Nullable String meaning, @Nullable String dog, @Nullable String signal,
                    @Nullable String role) {

        public static final WordForm EMPTY = new WordForm(0, 0, "", "", "", Signal.VOICE.name(), Word.Role.CUE.name());

        public static WordForm of(Word w) {
            return new WordForm(w.id(), w.version(), w.word(), w.meaning(), w.dogId() == null ? "" : w.dogId().toString(), w.signal().name(), w.role().name());
        }

        /** @param dogs of the household, one of which may be named */
        public Word read(Check check, List<Dog> dogs) {
            Long dogId = dogs.stream().map(Dog::id).filter(d -> d.toString().equals(dog)).findFirst().orElse(null);
            if (dogId == null && dog != null && !dog.isEmpty()) {
                check.refuse("dog", Words.say("household.FactForms.must-be-one-of-the"));
            }
            return new Word(id, check.text("word", word, 30), check.text("meaning", meaning, TEXT), dogId, check.choice("signal", signal, Signal.class),
                    check.choice("role", role, Word.Role.class), version);
        }
    }

    /** @param givenBy the number of a trainer; empty for whoever answers for the household on that day */
    public record LessonForm(long id, int version, @Nullable String startsAt, @Nullable String minutes, @Nullable String plan, @Nullable String travel, @Nullable String givenBy, @Nullable String sure) {

        /** Whether it was said already that the trainer has something else on at that time. */
        public boolean isSure() {
            return sure != null && sure.equals(startsAt);
        }

        /** A lesson as the practice usually gives it, so many days after the last one at the same hour; without one, no day is proposed. */
        public static LessonForm usual(PracticeSettings usual, Optional<Lesson> last, ZoneId zone) {
            String next = last.map(l -> Dates.input(l.startsAt().atZone(zone).plusDays(usual.rhythmDays()).toInstant(), zone)).orElse("");
            return new LessonForm(0, 0, next, Integer.toString(usual.lessonMinutes()), "", usual.travelMinutes() == 0 ? "" : Integer.toString(usual.travelMinutes()), "", null);
        }

        public static LessonForm of(Lesson l, ZoneId zone) {
            return new LessonForm(l.id(), l.version(), Dates.input(l.startsAt(), zone), Integer.toString(l.minutes()), l.plan(),
                    l.travelMinutes() == 0 ? "" : Integer.toString(l.travelMinutes()), l.givenBy() == null ? "" : l.givenBy().toString(), null);
        }

        /** @param team those who may give it */
        public Lesson read(Check check, long household, ZoneId zone, List<Trainer> team) {
            Long giver = team.stream().map(Trainer::id).filter(t -> t.toString().equals(givenBy)).findFirst().orElse(null);
            if (giver == null && givenBy != null && !givenBy.isEmpty()) {
                check.refuse("givenBy", Words.say("household.FactForms.must-be-a-trainer-of"));
            }
            return new Lesson(id, household, start(check, zone), check.whole("minutes", minutes, 15, 240),
                    check.optional("plan", plan, TEXT), check.optionalWhole("travel", travel, 0, 300).orElse(0), Lesson.State.PLANNED, version, giver, null);
        }

        private Instant start(Check check, ZoneId zone) {
            return Dates.parsedTime(startsAt == null ? "" : startsAt).map(t -> t.atZone(zone).toInstant()).orElseGet(() -> {
                check.refuse("startsAt", Words.say("household.FactForms.must-be-a-date-and", startsAt));
                return Instant.EPOCH;
            });
        }
    }
}
