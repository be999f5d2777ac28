package cahier.app.household;

import cahier.app.language.Words;
import cahier.app.scope.Ids;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import cahier.app.web.StaleEdit;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Households and their facts, kept and changed. What the database refuses of a fact is taken back alone, so that the page can say it beside the field. */
@Service
@Transactional
public class Households {

    private static final ObjectMapper ROWS = JsonMapper.builder().addModule(new JavaTimeModule()).propertyNamingStrategy(PropertyNamingStrategies.SNAKE_CASE).build();

    /** As many as a tab lane has room for. */
    private static final int IN_THE_LANE = 8;
    /** More than this nobody looks through. */
    public static final int TO_CHOOSE = 60;
    /** Of those to come and of those that were, on one page with the week drawn. */
    private static final int LESSONS = 20;
    private static final Duration OPENED_SINCE = Duration.ofDays(120);

    private final HouseholdMapper households;
    private final FactMapper facts;
    private final ApplicationEventPublisher events;

    Households(HouseholdMapper households, FactMapper facts, ApplicationEventPublisher events) {
        this.events = events;
        this.households = households;
        this.facts = facts;
    }

    /** Those the practice works with, by name. */
    public List<Household> all(PracticeId practice) {
        return households.everOne(practice).stream().filter(h -> !h.isClosed()).toList();
    }

    /** Those that are closed, by name. */
    public List<Household> closed(PracticeId practice) {
        return households.closed(practice);
    }

    /** Those a trainer opened last, latest first, as many as a tab lane has room for; it stands half a minute after. */
    public List<Household> lastOpened(TrainerUser me, Instant now) {
        return households.opened(me.practice(), me.signature(), now.minus(OPENED_SINCE), false, IN_THE_LANE);
    }

    /** Households to choose from, by name: all, or of very many those the trainer opened last; and the one that is chosen already. */
    public List<Household> toChoose(TrainerUser me, @Nullable Long chosen, Instant now) {
        List<Household> offered = households.opened(me.practice(), me.signature(), now.minus(OPENED_SINCE), true, TO_CHOOSE);
        Stream<Household> also = chosen == null || offered.stream().anyMatch(h -> h.id() == chosen) ? Stream.of() : Stream.of(get(me.practice(), chosen));
        return Stream.concat(offered.stream(), also).sorted(Comparator.comparing(h -> h.name().toLowerCase(Locale.ROOT))).toList();
    }

    /** Some of all that ever were, by id: those that a page names. */
    public Map<Long, Household> these(PracticeId practice, Collection<Long> ids) {
        return households.these(practice, Ids.of(ids)).stream().collect(Collectors.toMap(Household::id, Function.identity()));
    }

    /** All that ever were, by id: for what still names them. */
    public Map<Long, Household> byId(PracticeId practice) {
        return households.everOne(practice).stream().collect(Collectors.toMap(Household::id, Function.identity()));
    }

    /** Changes of home and season that were noted, oldest first. */
    @Transactional(readOnly = true)
    public List<LifeChange> changes(PracticeId practice, long household) {
        return households.changes(practice, household);
    }

    /** Notes that the season or the home changed on a day; the same twice is one. */
    public void change(PracticeId practice, long household, LocalDate day, LifeChange.What what, String by, Instant now) {
        get(practice, household);
        households.change(practice, household, day, what, now, by);
    }

    /** It was noted by mistake. */
    public void forgetChange(PracticeId practice, long household, long id) {
        if (households.forgetChange(practice, household, id) == 0) {
            throw new NotFound("change " + id);
        }
    }

    /** Whose household an address is about; none where the practice has no such thing. */
    @Transactional(readOnly = true)
    public Optional<Long> ofAddress(PracticeId practice, Addressed address) {
        return address.kind() == Addressed.Kind.HOUSEHOLD ? households.itself(practice, address.id()) : households.ofPart(practice, address.kind(), address.id());
    }

    /** Closes a household, or works with it again where {@code at} is null. */
    public void close(PracticeId practice, long household, @Nullable Instant at) {
        if (households.setClosed(practice, household, at) == 0) {
            throw new NotFound("household " + household);
        }
    }

    /** A dog is not there any more, or is again where {@code how} is null; DuplicateKeyException where another has its name meanwhile. */
    @Transactional(propagation = Propagation.NESTED)
    public void gone(PracticeId practice, long household, long dog, GoneDog.@Nullable How how, Instant now) {
        if (facts.setGone(practice, household, dog, how == null ? null : now, how) == 0) {
            throw new NotFound("dog " + dog);
        }
        facts.unplan(practice, household, dog, null);
    }

    /** Somebody does not belong to the household any more, or does again where {@code left} is false; DuplicateKeyException as for a dog. */
    @Transactional(propagation = Propagation.NESTED)
    public void left(PracticeId practice, long household, long person, boolean left, Instant now) {
        if (facts.setLeft(practice, household, person, left ? now : null) == 0) {
            throw new NotFound("person " + person);
        }
        facts.unplan(practice, household, null, person);
        events.publishEvent(new PeopleChanged(practice, household, now));
    }

    /** The household, or the page for what does not exist. */
    public Household get(PracticeId practice, long id) {
        return whole(practice, id).household(); // the same question as facts asks: a page that needs both asks once
    }

    private FactMapper.Whole whole(PracticeId practice, long id) {
        return facts.whole(practice, id).orElseThrow(() -> new NotFound("household " + id));
    }

    /** The household with its facts; past and coming lessons, latest first. */
    public Facts facts(PracticeId practice, long id) {
        FactMapper.Whole lists = whole(practice, id);
        return new Facts(lists.household(), read(lists.people(), Person.class), read(lists.dogs(), Dog.class), read(lists.places(), Place.class),
                read(lists.words(), Word.class), read(lists.lessons(), Lesson.class), read(lists.gone(), GoneDog.class), read(lists.left(), LeftPerson.class));
    }

    /** Sections of its book that something is about: "distances", "alone", "handling". */
    public Set<String> needs(PracticeId practice, long id) {
        return Set.of(whole(practice, id).needs().split(" "));
    }

    private static <F> List<F> read(String rows, Class<F> type) {
        try {
            return ROWS.readerForListOf(type).readValue(rows);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("rows of " + type.getSimpleName() + " cannot be read", e);
        }
    }

    /** The lessons of the practice that start within the half-open interval, in order. */
    public List<Lesson> lessonsBetween(PracticeId practice, Instant startInclusive, Instant endExclusive) {
        return facts.lessonsBetween(practice, null, startInclusive, endExclusive);
    }

    /** Those of them that a trainer gives, and those that are nobody's in particular; all where nobody is named. */
    public List<Lesson> lessonsOf(PracticeId practice, @Nullable Long trainer, Instant startInclusive, Instant endExclusive) {
        return facts.lessonsBetween(practice, trainer, startInclusive, endExclusive);
    }

    /** A page of the same, in order. */
    public Paged<Lesson> firstLessons(PracticeId practice, @Nullable Long trainer, Instant startInclusive, Instant endExclusive, int page) {
        return Paged.read(page, LESSONS, (most, after) -> facts.firstLessons(practice, trainer, startInclusive, endExclusive, most, after));
    }

    /** A page of the same, latest first. */
    public Paged<Lesson> lastLessons(PracticeId practice, @Nullable Long trainer, Instant startInclusive, Instant endExclusive, int page) {
        return Paged.read(page, LESSONS, (most, after) -> facts.lastLessons(practice, trainer, startInclusive, endExclusive, most, after));
    }

    /** The same lesson, not kept yet, with who would give it. */
    public Lesson given(PracticeId practice, Lesson planned) {
        Lesson l = planned;
        return new Lesson(l.id(), l.householdId(), l.startsAt(), l.minutes(), l.plan(), l.travelMinutes(), l.state(), l.version(), l.givenBy(), facts.gives(practice, l.householdId(), l.givenBy(), l.startsAt()));
    }

    /** The same of some households. */
    public List<Lesson> lessonsBetween(PracticeId practice, Collection<Long> of, Instant startInclusive, Instant endExclusive) {
        return facts.lessonsOfThese(practice, Ids.of(of), startInclusive, endExclusive);
    }

    /** The dogs of a household. */
    public List<Dog> dogs(PracticeId practice, long household) {
        return facts(practice, household).dogs();
    }

    /** Keeps a new household and returns its id. */
    public long add(Household household) {
        return households.insert(household);
    }

    /** Saves an edit, unless someone saved another meanwhile. */
    public void save(Household edited) {
        if (households.update(edited) == 0) {
            Household saved = get(edited.practiceId(), edited.id());
            throw new StaleEdit(saved.name(), "/households/" + saved.id() + "/edit", List.of(
                    new StaleEdit.Difference("Name", saved.name(), edited.name()),
                    new StaleEdit.Difference("Home", saved.home(), edited.home()),
                    new StaleEdit.Difference(Words.say("household.Households.time-zone"), saved.zoneId(), edited.zoneId()),
                    new StaleEdit.Difference("Cautions", saved.cautions(), edited.cautions()),
                    new StaleEdit.Difference(Words.say("household.Households.in-an-emergency"), saved.emergency(), edited.emergency()),
                    new StaleEdit.Difference("Language", saved.reads().name(), edited.reads().name()),
                    new StaleEdit.Difference(Words.say("household.Households.its-telephone"), saved.emergencyPhoneShown(), edited.emergencyPhoneShown())));
        }
    }

    /** Keeps a new person (id 0) or saves an edit. */
    @Transactional(propagation = Propagation.NESTED)
    public void put(PracticeId practice, long household, Person person) {
        if (person.id() == 0) {
            facts.insertPerson(practice, get(practice, household).id(), person);
        } else if (facts.updatePerson(practice, household, person) == 0) {
            throw stale(FactKind.PEOPLE, household, person.name(), facts.people(practice, household), Person::id, person, Person::called);
        }
    }

    /** Keeps a new dog (id 0) or saves an edit. */
    @Transactional(propagation = Propagation.NESTED)
    public void put(PracticeId practice, long household, Dog dog) {
        if (dog.id() == 0) {
            facts.insertDog(practice, get(practice, household).id(), dog);
        } else if (facts.updateDog(practice, household, dog) == 0) {
            throw stale(FactKind.DOGS, household, dog.name(), facts.dogs(practice, household), Dog::id, dog,
                    d -> d.name() + ", " + d.looks() + ", " + d.born() + ", " + d.weightG() + " g");
        }
    }

    /** Keeps a new place (id 0) or saves an edit. */
    @Transactional(propagation = Propagation.NESTED)
    public void put(PracticeId practice, long household, Place place) {
        if (place.id() == 0) {
            facts.insertPlace(practice, get(practice, household).id(), place);
        } else if (facts.updatePlace(practice, household, place) == 0) {
            throw stale(FactKind.PLACES, household, place.name(), facts.places(practice, household), Place::id, place,
                    p -> Words.say("household.Households.difficulty", p.name(), p.difficulty(), p.note()));
        }
    }

    /** The places such a home usually has, when the household has none yet. */
    public void startPlaces(PracticeId practice, long household, HomeKind kind) {
        if (facts.places(practice, get(practice, household).id()).isEmpty()) {
            kind.places().forEach(p -> facts.insertPlace(practice, household, p));
        }
    }

    /** Keeps a new word (id 0) or saves an edit. */
    @Transactional(propagation = Propagation.NESTED)
    public void put(PracticeId practice, long household, Word word) {
        if (word.id() == 0) {
            facts.insertWord(practice, get(practice, household).id(), word);
        } else if (facts.updateWord(practice, household, word) == 0) {
            throw stale(FactKind.WORDS, household, word.word(), facts.words(practice, household), Word::id, word,
                    w -> w.word() + ": " + w.meaning());
        }
    }

    /** Keeps a new lesson (id 0) or saves an edit. */
    @Transactional(propagation = Propagation.NESTED)
    public void put(PracticeId practice, Lesson lesson) {
        long household = lesson.householdId();
        if (lesson.id() == 0) {
            facts.insertLesson(practice, get(practice, household).id(), lesson);
        } else if (facts.updateLesson(practice, household, lesson) == 0) {
            throw stale(FactKind.LESSONS, household, "lesson", facts.lessons(practice, household), Lesson::id, lesson,
                    l -> Words.say("household.Households.min", l.startsAt(), l.minutes(), l.plan()));
        }
    }

    /** Removes a fact; what reps or tracks hang on cannot go (DataIntegrityViolationException). Returns the number to put it back by. */
    @Transactional(propagation = Propagation.NESTED)
    public long remove(FactKind kind, PracticeId practice, long household, long id) {
        Long removed = facts.keepRemoved(kind, practice, household, id);
        if (removed == null || facts.remove(kind, practice, household, id) == 0) {
            throw new NotFound(kind.getTable() + " " + id);
        }
        return removed;
    }

    /** Puts a removed fact back as it stood; one whose name was given again meanwhile cannot come (DuplicateKeyException). */
    @Transactional(propagation = Propagation.NESTED)
    public void putBack(FactKind kind, PracticeId practice, long household, long removed) {
        if (facts.putBack(kind, practice, household, removed) == 0) {
            throw new NotFound("removed " + kind.getTable() + " " + removed);
        }
        facts.forgetRemoved(practice, household, removed);
    }

    private static <F> RuntimeException stale(FactKind kind, long household, String name, List<F> saved, Function<F, Long> id, F edited,
                                              Function<F, String> words) {
        return saved.stream().filter(f -> id.apply(f).equals(id.apply(edited))).findFirst()
                .<RuntimeException>map(f -> new StaleEdit(name, "/households/" + household + "?facts=" + kind.path() + "&edit=" + id.apply(f),
                        List.of(new StaleEdit.Difference(name, words.apply(f), words.apply(edited)))))
                .orElseGet(() -> new NotFound(kind.getTable() + " " + id.apply(edited)));
    }
}
