package cahier.core.roadmap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** What a step asks for that a household does not have, said before it goes out (docs/rules.md 41). */
public final class Lacking {

    private static final Pattern OFF_LEAD = Pattern.compile("\\b(off[ -]lead|no lead|off the lead)\\b", Pattern.CASE_INSENSITIVE);

    private Lacking() {
    }

    /** What may be missing. */
    public enum Lack {
        HARNESS("harness"), LONG_LINE("long line"), MUZZLE("muzzle"), CRATE("crate"), MAT("mat"),
        /** Somebody else of the household must help, and one person alone practises. */
        SECOND_PERSON(""),
        /** A friend or a stranger must help: to be arranged. */
        HELPER(""),
        /** It is done off lead out of doors, and the place is not enclosed, or none is known that is. */
        ENCLOSED("");

        private final Pattern word;

        Lack(String thing) {
            this.word = Pattern.compile(thing.isEmpty() ? "(?!)" : "\\b" + thing + "\\b", Pattern.CASE_INSENSITIVE);
        }

        private boolean isNamedIn(String text) {
            return word.matcher(text).find();
        }
    }

    /** Who is needed beside the one who practises. */
    public enum Help { NOBODY, HOUSEHOLD, OUTSIDE }

    /**
     * What a step asks for.
     *
     * @param who lead and company, as they are written
     * @param equipment as it is written
     * @param freed whether it is done off lead whatever the words say
     */
    public record Step(String place, String who, String equipment, Help help, boolean freed) {
    }

    /**
     * What a household has.
     *
     * @param things of the first five of {@link Lack}
     * @param handlers who practise, 0 or more
     */
    public record Home(Set<Lack> things, int handlers, List<Place> places) {

        public Home {
            if (handlers < 0) {
                throw new IllegalArgumentException("handlers must be 0 or more, was " + handlers);
            }
            things = things.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(things));
            places = List.copyOf(places);
        }
    }

    /** One of its places. */
    public record Place(String name, boolean outdoors, boolean enclosed) {
    }

    /**
     * What is missing, in the order of {@link Lack}.
     *
     * @param outdoors whether a place that the household does not know by this name is out of doors
     */
    public static List<Lack> of(Step step, Home home, boolean outdoors) {
        List<Lack> lacks = new ArrayList<>();
        for (Lack lack : Lack.values()) {
            boolean missing = switch (lack) {
                case SECOND_PERSON -> step.help() == Help.HOUSEHOLD && home.handlers() < 2;
                case HELPER -> step.help() == Help.OUTSIDE;
                case ENCLOSED -> (step.freed() || OFF_LEAD.matcher(step.who()).find()) && !isSafe(step.place(), home, outdoors);
                default -> !home.things().contains(lack) && (lack.isNamedIn(step.equipment()) || lack.isNamedIn(step.who()));
            };
            if (missing) {
                lacks.add(lack);
            }
        }
        return lacks;
    }

    private static boolean isSafe(String name, Home home, boolean outdoors) {
        return home.places().stream().filter(p -> p.name().equalsIgnoreCase(name.strip())).findFirst().map(p -> !p.outdoors() || p.enclosed())
                .orElseGet(() -> !outdoors || home.places().stream().anyMatch(p -> p.outdoors() && p.enclosed()));
    }
}
