package cahier.app.household;

import cahier.app.language.Words;
import java.util.Arrays;
import java.util.List;

/** The kind of home, from which a first list of places is made; the trainer edits it. */
public enum HomeKind {

    HOUSE(List.of(in("living room", 0, "carpet"), in("kitchen", 0, "tiles"), in("hall", 1, ""), yard("garden", 2, "grass", true),
            out("front path", 3, "paving", "neighbours"), out("street", 4, "pavement", "people, dogs, cars"), out("park", 5, "grass", "dogs, runners"))),
    TERRACE(List.of(in("living room", 0, ""), in("kitchen", 0, ""), in("hall", 1, ""), yard("yard", 2, "paving", true),
            out("front door", 3, "", "neighbours, post"), out("pavement", 4, "pavement", "people, dogs, cars"), out("park", 5, "grass", "dogs, runners"))),
    FLAT(List.of(in("living room", 0, ""), in("kitchen", 0, ""), in("hall", 1, ""), shared("landing", 3, "neighbours, lift"),
            shared("entrance", 3, "neighbours, post"), out("pavement", 4, "pavement", "people, dogs, cars"), out("park", 5, "grass", "dogs, runners"))),
    FARM(List.of(in("kitchen", 0, ""), in("barn", 1, "straw"), yard("orchard", 1, "grass", true), yard("yard", 2, "gravel", false),
            out("field path", 3, "grass", "livestock"), out("lane", 4, "tarmac", "tractors, walkers")));

    private final List<Place> places;

    HomeKind(List<Place> places) {
        this.places = places;
    }

    private static Place in(String name, int difficulty, String surface) {
        return new Place(0, name, difficulty, surface, "", true, true, "", false, "", 0);
    }

    private static Place yard(String name, int difficulty, String surface, boolean enclosed) {
        return new Place(0, name, difficulty, surface, "", enclosed, true, "", true, "", 0);
    }

    /** Ways of a house that others use too: not enclosed, and yet no sun reaches them. */
    private static Place shared(String name, int difficulty, String passers) {
        return new Place(0, name, difficulty, "", passers, false, true, "", false, "", 0);
    }

    private static Place out(String name, int difficulty, String surface, String passers) {
        return new Place(0, name, difficulty, surface, passers, false, true, "", true, "", 0);
    }

    /** Whether a place of that name usually lies outdoors; of a name nobody knows it is assumed, because heat hurts and shade does not. */
    public static boolean isOutdoors(String name) {
        return Arrays.stream(values()).flatMap(k -> k.places.stream()).filter(p -> p.name().equalsIgnoreCase(name.strip())).findFirst().map(Place::outdoors).orElse(true);
    }

    public String words() {
        return Words.say("household.HomeKind." + name());
    }

    /** From easiest to hardest. */
    public List<Place> places() {
        return places;
    }
}
