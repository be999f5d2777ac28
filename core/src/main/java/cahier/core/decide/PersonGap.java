package cahier.core.decide;

import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One person whose reps pull a step down that goes well with the others: that person needs the coaching, not the dog a step back
 * (docs/rules.md 4, line 2).
 *
 * @param person who
 * @param othersClean CLEAN among the last {@link #REPS} reps of the others
 */
public record PersonGap(String person, int othersClean) {

    static final int REPS = 10;
    static final int CLEAN = 8;
    static final int WITHIN_DAYS = 14;
    /** The third session close in a row that finds the same person is a CALL. */
    static final int CALL_AT = 3;

    /**
     * How often in a row the gap was found before.
     *
     * @param person the person it was found for, empty when none
     * @param times session closes in a row, 0 or more
     */
    public record Before(Optional<String> person, int times) {

        /** It was not found at the last session close. */
        public static final Before NONE = new Before(Optional.empty(), 0);

        public Before {
            if (times < 0) {
                throw new IllegalArgumentException("times must be 0 or more, was " + times);
            }
        }

        /** The count including today's find; a find for another person starts anew. */
        public int with(PersonGap found) {
            boolean same = person.isEmpty() || person.get().equals(found.person());
            return same ? times + 1 : 1;
        }

        /** The count with which the next session close goes on. */
        Before after(PersonGap found) {
            return new Before(Optional.of(found.person()), with(found));
        }
    }

    /** The gap of the person without whom the others do best; of equals the first by name. Empty when nobody stands out. */
    static Optional<PersonGap> find(Visit visit) {
        List<String> people = visit.sessions().stream().filter(s -> !s.work().isEmpty()).map(Session::person)
                .distinct().sorted().toList();
        if (people.size() < 2) {
            return Optional.empty();
        }
        return people.stream().flatMap(p -> withoutPerson(visit, p).stream())
                .max(Comparator.comparingInt(PersonGap::othersClean)
                        .thenComparing(PersonGap::person, Comparator.reverseOrder()));
    }

    private static Optional<PersonGap> withoutPerson(Visit visit, String person) {
        var last = visit.sessions().get(visit.sessions().size() - 1).day();
        Visit others = visit.only(s -> !s.person().equals(person)
                && ChronoUnit.DAYS.between(s.day(), last) <= WITHIN_DAYS);
        List<Rep> reps = others.work();
        if (reps.size() < REPS) {
            return Optional.empty();
        }
        int clean = (int) reps.subList(reps.size() - REPS, reps.size()).stream().filter(Rep::isClean).count();
        return clean >= CLEAN ? Optional.of(new PersonGap(person, clean)) : Optional.empty();
    }
}
