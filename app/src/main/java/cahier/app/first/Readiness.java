package cahier.app.first;

import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Households;
import cahier.app.household.Word;
import cahier.app.intake.Equipment;
import cahier.app.intake.Intakes;
import cahier.app.language.Words;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.SheetItem;
import cahier.app.track.Helper;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.track.Trait;
import cahier.app.web.NotFound;
import cahier.core.roadmap.Lacking;
import cahier.core.roadmap.Lacking.Help;
import cahier.core.roadmap.Lacking.Lack;
import cahier.core.words.Signal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is still missing before homework goes out, and the words that are agreed with it (docs/rules.md 41). */
@Service
@Transactional
public class Readiness {

    private static final Map<Equipment, Lack> THINGS = Map.of(Equipment.HARNESS, Lack.HARNESS, Equipment.LONG_LINE, Lack.LONG_LINE, Equipment.MUZZLE, Lack.MUZZLE, Equipment.CRATE, Lack.CRATE, Equipment.MAT, Lack.MAT);

    private final Households households;
    private final Intakes intakes;
    private final Baselines baselines;
    private final Tracks tracks;
    private final RepLog log;

    Readiness(Households households, Intakes intakes, Baselines baselines, Tracks tracks, RepLog log) {
        this.households = households;
        this.intakes = intakes;
        this.baselines = baselines;
        this.tracks = tracks;
        this.log = log;
    }

    /** Asks for all that {@link #of} needs beside the facts. */
    public void askFor(PracticeId practice, long household) {
        intakes.get(practice, household);
        tracks.ofHousehold(practice, household);
        baselines.ofHousehold(practice, household);
        log.days(practice, household);
    }

    /** @param items that would go out */
    public Ready of(PracticeId practice, long household, List<SheetItem> items) {
        Facts facts = households.facts(practice, household);
        Lacking.Home home = home(practice, household);
        List<SheetItem> worked = items.stream().filter(i -> !i.forUpkeep()).toList();
        Map<Long, TrackSteps> maps = tracks.ofHousehold(practice, household).stream().collect(Collectors.toMap(m -> m.track().id(), m -> m));
        return new Ready(worked.stream().flatMap(i -> lacks(i, home).stream()).toList(), unagreed(facts, worked, maps), starts(practice, household, worked, maps));
    }

    /** What a household has. */
    public Lacking.Home home(PracticeId practice, long household) {
        Facts facts = households.facts(practice, household);
        Set<Lack> things = intakes.get(practice, household).items().stream().filter(THINGS::containsKey).map(THINGS::get).collect(Collectors.toSet());
        return new Lacking.Home(things, facts.handlers().size(), facts.places().stream().map(p -> new Lacking.Place(p.name(), p.outdoors(), p.enclosed())).toList());
    }

    /** "a long line and a second person who practises": what a step asks for and they do not have; empty where that is nothing. */
    public static String needs(StepPlan plan, Lacking.Home home) {
        return String.join(" and ", lacks(plan, home));
    }

    /** The same one by one. */
    public static List<String> lacks(StepPlan plan, Lacking.Home home) {
        Help help = switch (plan.teaching().helper()) {
            case NOBODY -> Help.NOBODY;
            case HOUSEHOLD -> Help.HOUSEHOLD;
            case FRIEND, STRANGER -> Help.OUTSIDE;
        };
        return Lacking.of(new Lacking.Step(plan.place(), plan.who(), plan.teaching().equipment(), help, plan.teaching().has(Trait.OFF_LEAD)), home, HomeKind.isOutdoors(plan.place()))
                .stream().map(l -> words(l, plan.teaching().helper())).toList();
    }

    private static Optional<String> lacks(SheetItem item, Lacking.Home home) {
        return Optional.of(needs(item.plan(), home)).filter(n -> !n.isEmpty()).map(n -> Words.say("first.Readiness.step-needs", item.trackTitle(), item.number(), n));
    }

    private static String words(Lack lack, Helper helper) {
        return switch (lack) {
            case HARNESS -> Words.say("first.Readiness.a-harness");
            case LONG_LINE -> Words.say("first.Readiness.a-long-line");
            case MUZZLE -> Words.say("first.Readiness.a-basket-muzzle");
            case CRATE -> Words.say("first.Readiness.a-crate");
            case MAT -> Words.say("first.Readiness.a-mat");
            case SECOND_PERSON -> Words.say("first.Readiness.a-second-person-who-practises");
            case HELPER -> Words.say("first.Readiness.to-help", helper.words());
            case ENCLOSED -> Words.say("first.Readiness.an-enclosed-place-for-it");
        };
    }

    private static List<Ready.Unagreed> unagreed(Facts facts, List<SheetItem> items, Map<Long, TrackSteps> maps) {
        Map<String, Ready.Unagreed> found = new LinkedHashMap<>();
        for (SheetItem item : items) {
            String word = item.plan().word().strip();
            TrackSteps map = maps.get(item.trackId());
            if (map != null && !word.isEmpty() && facts.words().stream().noneMatch(w -> isAgreed(w, word, map.track()))) {
                found.putIfAbsent(word.toLowerCase(Locale.ROOT), new Ready.Unagreed(word, item.trackId(), Words.say("first.Readiness.is-said-in-and-not", word, item.trackTitle())));
            }
        }
        return List.copyOf(found.values());
    }

    private static boolean isAgreed(Word known, String word, Track track) {
        return known.word().equalsIgnoreCase(word) && (known.dogId() == null || known.dogId() == track.dogId());
    }

    private List<Ready.Further> starts(PracticeId practice, long household, List<SheetItem> items, Map<Long, TrackSteps> maps) {
        List<Baseline> known = baselines.ofHousehold(practice, household);
        Set<Long> practised = log.days(practice, household).stream().map(d -> d.trackId()).collect(Collectors.toSet());
        List<Ready.Further> starts = new ArrayList<>();
        for (SheetItem item : items) {
            TrackSteps map = maps.get(item.trackId());
            if (map != null) {
                Startings.proposed(map, known, practised.contains(item.trackId())).ifPresent(s -> starts.add(new Ready.Further(item.trackId(), map.steps().get(s.at()).id(), Words.say("first.Readiness.may-start-at-step-by", item.trackTitle(), (s.at() + 1), s.by()))));
            }
        }
        return starts;
    }

    /** A word that a track says is agreed, for its dog, with what the track is about as its meaning; nothing happens where it is agreed already. */
    public void agree(PracticeId practice, long household, long track, String word) {
        Track of = tracks.ofHousehold(practice, household).stream().map(TrackSteps::track).filter(t -> t.id() == track).findFirst().orElseThrow(() -> new NotFound("track " + track));
        boolean said = tracks.get(practice, track).steps().stream().anyMatch(s -> s.plan().word().strip().equalsIgnoreCase(word));
        if (said && households.facts(practice, household).words().stream().noneMatch(w -> isAgreed(w, word, of))) {
            households.put(practice, household, new Word(0, word, of.title() + ".", of.dogId(), Signal.VOICE, Word.Role.CUE, 0));
        }
    }
}
