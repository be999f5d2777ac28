package cahier.app.exchange;

import cahier.app.exchange.RoadmapFile.FileNeed;
import cahier.app.exchange.RoadmapFile.FileStop;
import cahier.app.exchange.RoadmapFile.FileTrack;
import cahier.app.first.Readiness;
import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.language.Words;
import cahier.app.roadmap.Apart;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.Wait;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.School;
import cahier.app.shelf.TemplateStep;
import cahier.app.shelf.Templates;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.roadmap.Lacking;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a household's roadmap into a file, and takes one in: all of it or nothing. */
@Service
@Transactional
public class RoadmapExchange {

    private final Roadmaps roadmaps;
    private final Households households;
    private final Tracks tracks;
    private final Templates templates;
    private final Answers answers;
    private final Readiness readiness;

    RoadmapExchange(Roadmaps roadmaps, Households households, Tracks tracks, Templates templates, Answers answers, Readiness readiness) {
        this.readiness = readiness;
        this.roadmaps = roadmaps;
        this.households = households;
        this.tracks = tracks;
        this.templates = templates;
        this.answers = answers;
    }

    /** The open tracks that have steps, as a file. */
    public String export(PracticeId practice, long household, Instant now) {
        List<RoadmapTrack> ways = roadmaps.of(practice, household, now).stream().filter(w -> !w.track().isDone() && !w.roadmap().steps().isEmpty()).toList();
        List<Long> ids = ways.stream().map(w -> w.track().id()).toList();
        List<FileNeed> needs = new ArrayList<>();
        List<List<Integer>> apart = new ArrayList<>();
        for (RoadmapTrack way : ways) {
            int number = ids.indexOf(way.track().id()) + 1;
            for (Wait wait : way.waits()) {
                if (ids.contains(wait.firstTrackId())) {
                    needs.add(new FileNeed(new FileStop(number, wait.number()), new FileStop(ids.indexOf(wait.firstTrackId()) + 1, wait.firstNumber())));
                }
            }
            for (Apart other : way.apart()) {
                int theirs = ids.indexOf(other.trackId()) + 1;
                if (theirs > number) {
                    apart.add(List.of(number, theirs));
                }
            }
        }
        return new RoadmapFile(RoadmapFile.FORMAT, ways.stream().map(RoadmapExchange::fileTrack).toList(), needs, apart).write();
    }

    private static FileTrack fileTrack(RoadmapTrack way) {
        Track t = way.track();
        boolean ships = !t.template().isEmpty();
        Method school = School.read(t.school());
        return new FileTrack(t.dogName(), t.title(), t.goal(), t.plan(), t.kind(), t.topic(), Math.max(1, way.roadmap().number()), ships ? t.template() : null,
                ships ? Arrays.stream(Question.values()).map(school::of).toList() : null,
                way.roadmap().steps().stream().map(s -> TemplateStep.fixed(s.templateKey().isEmpty() ? null : s.templateKey(), s.written())).toList());
    }

    /** Whose tracks a file holds, and what this household lacks for them. */
    @Transactional(readOnly = true)
    public List<Arrival> arrivals(PracticeId practice, long household, String text) {
        RoadmapFile file = RoadmapFile.read(text);
        List<Dog> dogs = households.dogs(practice, household);
        Lacking.Home home = readiness.home(practice, household);
        Map<String, List<FileTrack>> byDog = file.tracks().stream().collect(Collectors.groupingBy(FileTrack::dog, LinkedHashMap::new, Collectors.toList()));
        return byDog.entrySet().stream().map(e -> {
            long usual = dogs.stream().filter(d -> d.name().equalsIgnoreCase(e.getKey())).findFirst().map(Dog::id).orElse(dogs.size() == 1 && byDog.size() == 1 ? dogs.get(0).id() : 0L);
            return new Arrival(e.getKey(), usual, e.getValue().stream().map(FileTrack::title).toList(), e.getValue().stream().flatMap(t -> lacks(t, home).stream()).toList());
        }).toList();
    }

    private static Optional<String> lacks(FileTrack track, Lacking.Home home) {
        List<String> needs = track.steps().stream().flatMap(s -> Readiness.lacks(s.asWritten(), home).stream()).distinct().toList();
        return needs.isEmpty() ? Optional.empty() : Optional.of(Words.say("exchange.RoadmapExchange.needs", track.title(), String.join(", ", needs)));
    }

    /**
     * Adds the tracks of a file.
     *
     * @param whose the household's dog who gets the tracks of each dog of the file; those of the others are left out
     * @return the ids of the new tracks
     * @throws cahier.app.shelf.BadFile when something in it does not fit
     */
    public List<Long> read(TrainerUser me, long household, String text, Map<String, Long> whose, Instant now) {
        RoadmapFile file = RoadmapFile.read(text);
        List<Dog> dogs = households.dogs(me.practice(), household);
        Map<Integer, List<Step>> made = new TreeMap<>();
        for (int i = 0; i < file.tracks().size(); i++) {
            FileTrack track = file.tracks().get(i);
            int number = i + 1;
            dogs.stream().filter(d -> Objects.equals(whose.get(track.dog()), d.id())).findFirst().ifPresent(dog -> made.put(number, add(me, household, dog, track, now)));
        }
        for (FileNeed need : file.needs()) {
            if (made.keySet().containsAll(Set.of(need.from().track(), need.first().track()))) {
                roadmaps.addNeed(me.practice(), household, step(made, need.from()).id(), step(made, need.first()).id());
            }
        }
        for (List<Integer> pair : file.apart()) {
            if (made.keySet().containsAll(pair)) {
                roadmaps.keepApart(me.practice(), household, track(made, pair.get(0)), track(made, pair.get(1)), true);
            }
        }
        return made.values().stream().map(steps -> steps.get(0).trackId()).toList();
    }

    private List<Step> add(TrainerUser me, long household, Dog dog, FileTrack file, Instant now) {
        Optional<String> template = Optional.ofNullable(file.template()).filter(t -> templates.find(me, t).isPresent());
        String school = file.school() == null ? "" : file.school().stream().map(Enum::name).collect(Collectors.joining(","));
        Track track = Track.fresh(me.practice(), household, dog.id(), file.title(), or(file.goal()), or(file.plan()), file.kind(), file.topic(), template.orElse(""), school);
        List<KeyedPlan> steps = file.steps().stream().map(s -> new KeyedPlan(template.isPresent() && s.key() != null ? s.key() : "", s.asWritten())).toList();
        long id = tracks.add(me.practice(), track, steps, now);
        List<Step> made = tracks.get(me.practice(), id).steps();
        if (file.start() > 1) {
            answers.putOn(me, id, made.get(file.start() - 1).id(), now);
        }
        return made;
    }

    private static Step step(Map<Integer, List<Step>> made, FileStop stop) {
        return Objects.requireNonNull(made.get(stop.track())).get(stop.step() - 1);
    }

    private static long track(Map<Integer, List<Step>> made, int number) {
        return Objects.requireNonNull(made.get(number)).get(0).trackId();
    }

    private static String or(@Nullable String text) {
        return text == null ? "" : text;
    }
}
