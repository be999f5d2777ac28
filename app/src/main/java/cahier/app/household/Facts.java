package cahier.app.household;

import cahier.app.language.Words;
import cahier.app.web.NotFound;
import cahier.core.words.Clash;
import cahier.core.words.Clashes;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What every page about a household needs of it.
 *
 * @param people those who are there; who left is in {@code left}
 * @param dogs those that are there; the others are in {@code gone}
 */
public record Facts(Household household, List<Person> people, List<Dog> dogs, List<Place> places, List<Word> words, List<Lesson> lessons, List<GoneDog> gone, List<LeftPerson> left) implements AboutHousehold {

    /** The name of somebody, also of who left; empty for nobody. */
    public String personName(@Nullable Long id) {
        return personNames().getOrDefault(id == null ? 0L : id, "");
    }

    /** Everybody's name, also of those who left. */
    public Map<Long, String> personNames() {
        return Stream.concat(people.stream().map(p -> Map.entry(p.id(), p.name())), left.stream().map(p -> Map.entry(p.id(), p.name())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }


    /** The place of that name. */
    public Place placeNamed(String name) {
        return places.stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow(() -> new NotFound("place " + name));
    }

    /** The people who may practise. */
    public List<Person> handlers() {
        return people.stream().filter(Person::mayHandle).toList();
    }

    /** Those of them who are less sure with the dog than another of them: they are coached first. None where nobody or everybody is sure. */
    public List<Person> coachedFirst() {
        List<Person> unsure = handlers().stream().filter(p -> !p.confident()).toList();
        return unsure.size() == handlers().size() ? List.of() : unsure;
    }

    /** Those of them who may do what is not for anyone under 16. */
    public List<Person> grownUps() {
        return handlers().stream().filter(p -> !p.needsAdult()).toList();
    }

    /** The adults, who can be there when a child practises, also where they do not practise themselves. */
    public List<Person> adults() {
        return people.stream().filter(p -> !p.isChild()).toList();
    }

    /** One of its people; nobody where that is not one of them, or nobody is meant. */
    public Optional<Person> person(@Nullable Long id) {
        return people.stream().filter(p -> id != null && p.id() == id).findFirst();
    }

    /** One of its people, or the page for what does not exist. */
    public Person somebody(long id) {
        return person(id).orElseThrow(() -> new NotFound("person " + id));
    }

    /** One of its dogs, also one that is gone, or the page for what does not exist. */
    public Dog dog(long id) {
        return everyDog().filter(d -> d.id() == id).findFirst().orElseThrow(() -> new NotFound("dog " + id));
    }

    /** One of its places, or the page for what does not exist. */
    public Place place(long id) {
        return places.stream().filter(p -> p.id() == id).findFirst().orElseThrow(() -> new NotFound("place " + id));
    }

    /** "Dele, Marit, Noor (9) with Marit": who practises, and who is there when a child does. */
    public String practising() {
        return handlers().stream().map(p -> p.needsAdult() ? Words.say("household.Facts.with", p.called(), person(p.adultId()).map(Person::name).orElse(Words.say("household.Facts.an-adult"))) : p.name()).collect(Collectors.joining(", "));
    }

    /** Those who can be rung, in the order of the household. */
    public List<Person> reachable() {
        return people.stream().filter(p -> !p.phone().isEmpty()).toList();
    }

    /** The first lesson that begins after this moment. */
    public Optional<Lesson> lessonAfter(Instant moment) {
        return lessons.stream().filter(l -> l.startsAt().isAfter(moment)).min(Comparator.comparing(Lesson::startsAt));
    }

    /** Those that are there, then those that are gone. */
    public Stream<Dog> everyDog() {
        return Stream.concat(dogs.stream(), gone.stream().map(GoneDog::dog));
    }

    /** The name of a dog, or "every dog" for none. */
    public String dogName(@Nullable Long id) {
        return everyDog().filter(d -> id != null && d.id() == id).map(Dog::name).findFirst().orElse(Words.say("household.Facts.every-dog"));
    }

    /** What the dogs cannot tell apart in the words agreed (docs/rules.md 16). */
    public List<Clash> clashes() {
        List<String> names = Stream.concat(dogs.stream().map(Dog::name), people.stream().map(Person::name)).toList();
        return Clashes.among(words.stream().map(Word::toCue).toList(), names);
    }
}
