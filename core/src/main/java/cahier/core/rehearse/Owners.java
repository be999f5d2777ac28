package cahier.core.rehearse;

import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Who practises, how often and where (docs/rules.md 40).
 *
 * @param days share of days with practice, above 0, at most 1
 * @param regular whether those days come evenly, as once a week on a Saturday; else each day is as likely as another
 * @param sessions on a day with practice, 1 or more
 * @param people who practises, at least one
 * @param places where, at least one; the first is home
 * @param forgets share of sessions that are practised and never logged, 0 to 1
 */
public record Owners(double days, boolean regular, int sessions, List<Person> people, List<String> places, double forgets) {

    private static final double USUAL_FORGETS = 0.03;

    /**
     * One of the people.
     *
     * @param share of the sessions
     * @param handicap by how many logits the dog goes worse with them
     */
    public record Person(String name, double share, double handicap) {
    }

    public Owners {
        people = List.copyOf(people);
        places = List.copyOf(places);
        if (!(days > 0 && days <= 1) || sessions < 1 || people.isEmpty() || places.isEmpty() || !(forgets >= 0 && forgets <= 1)) {
            throw new IllegalArgumentException("days must be above 0 and at most 1, sessions 1 or more, people and places at least one; were " + days + ", " + sessions + ", " + people.size() + ", " + places.size());
        }
    }

    /** One person at home, on so many days. */
    public static Owners one(double days) {
        return new Owners(days, false, 1, List.of(new Person("1", 1, 0)), List.of("home"), USUAL_FORGETS);
    }

    /** One person at home, every seventh day. */
    public static Owners weekly() {
        return new Owners(1.0 / 7, true, 1, List.of(new Person("1", 1, 0)), List.of("home"), USUAL_FORGETS);
    }

    /** Two people at home, the second in four sessions of ten, with whom it goes so many logits worse. */
    public static Owners two(double days, double handicap) {
        return new Owners(days, false, 1, List.of(new Person("1", 0.6, 0), new Person("2", 0.4, handicap)), List.of("home"), USUAL_FORGETS);
    }

    boolean practise(int day, RandomGenerator calendar) {
        double drawn = calendar.nextDouble();
        return regular ? Math.floor((day + 1) * days + 1e-9) > Math.floor(day * days + 1e-9) : drawn < days;
    }

    Person who(RandomGenerator calendar) {
        double drawn = calendar.nextDouble() * people.stream().mapToDouble(Person::share).sum();
        int at = 0;
        while (at < people.size() - 1 && drawn >= people.get(at).share()) {
            drawn -= people.get(at++).share();
        }
        return people.get(at);
    }

    String where(RandomGenerator calendar) {
        return places.get(calendar.nextInt(places.size()));
    }

    /** What it goes worse with them on average. */
    double handicap() {
        return people.stream().mapToDouble(p -> p.share() * p.handicap()).sum() / people.stream().mapToDouble(Person::share).sum();
    }
}
