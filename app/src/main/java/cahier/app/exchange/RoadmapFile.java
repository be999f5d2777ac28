package cahier.app.exchange;

import cahier.app.language.Words;
import cahier.app.shelf.BadFile;
import cahier.app.shelf.Format;
import cahier.app.shelf.TemplateStep;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.pass.Run;
import cahier.core.pay.Feeding;
import cahier.core.roadmap.Need;
import cahier.core.roadmap.Prerequisites;
import cahier.core.roadmap.Stop;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The tracks of a household as a file. Tracks and steps are counted from 1.
 *
 * @param apart pairs of tracks
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
record RoadmapFile(String format, List<FileTrack> tracks, List<FileNeed> needs, List<List<Integer>> apart) {

    static final String FORMAT = "cahier-roadmap-1";
    private static final ObjectMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    /**
     * One track.
     *
     * @param at the number of the step the dog is on; the first where there is none
     * @param school the method its steps were written in
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record FileTrack(String dog, String title, @Nullable String goal, @Nullable String plan, TrackKind kind, Topic topic, @Nullable Integer at,
                     @Nullable String template, @Nullable List<Choice> school, List<TemplateStep> steps) {

        int start() {
            return at == null ? 1 : at;
        }
    }

    /** A step of a track, both counted from 1. */
    record FileStop(int track, int step) {

        Stop toCore() {
            return new Stop(track, step - 1);
        }
    }

    record FileNeed(FileStop from, FileStop first) {
    }

    RoadmapFile {
        tracks = List.copyOf(tracks);
        needs = needs == null ? List.of() : List.copyOf(needs);
        apart = apart == null ? List.of() : List.copyOf(apart);
    }

    /** Reads a file, or says everything that is wrong with it. */
    static RoadmapFile read(String text) {
        RoadmapFile file;
        try {
            file = JSON.treeToValue(Format.ROADMAP.parse(text), RoadmapFile.class);
        } catch (JsonProcessingException e) {
            throw new BadFile(List.of(Words.say("exchange.RoadmapFile.the-file", e.getOriginalMessage())));
        }
        List<String> findings = file.findings();
        if (!findings.isEmpty()) {
            throw new BadFile(findings);
        }
        return file;
    }

    String write() {
        try {
            return JSON.writeValueAsString(this);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a roadmap cannot be written", e);
        }
    }

    /** What a schema cannot say. */
    private List<String> findings() {
        List<String> findings = new ArrayList<>();
        for (int i = 0; i < tracks.size(); i++) {
            trackFindings("tracks[" + i + "].", tracks.get(i), findings);
        }
        for (int i = 0; i < needs.size(); i++) {
            stopFindings(Words.say("exchange.RoadmapFile.needs-from", i), needs.get(i).from(), findings);
            stopFindings(Words.say("exchange.RoadmapFile.needs-first", i), needs.get(i).first(), findings);
        }
        for (int i = 0; i < apart.size(); i++) {
            List<Integer> pair = apart.get(i);
            if (pair.get(0).equals(pair.get(1)) || pair.stream().anyMatch(t -> t > tracks.size())) {
                findings.add(Words.say("exchange.RoadmapFile.apart-must-be-two-different", i, tracks.size(), pair));
            }
        }
        if (findings.isEmpty()) {
            new Prerequisites(needs.stream().map(n -> new Need(n.from().toCore(), n.first().toCore())).toList()).cycle()
                    .ifPresent(round -> findings.add(Words.say("exchange.RoadmapFile.needs-must-not-go-round", round.stream() .map(s -> Words.say("exchange.RoadmapFile.track-step", s.track(), (s.step() + 1))).collect(Collectors.joining(" → ")))));
        }
        return findings;
    }

    private void stopFindings(String where, FileStop stop, List<String> findings) {
        if (stop.track() > tracks.size()) {
            findings.add(Words.say("exchange.RoadmapFile.track-must-be-from-1", where, tracks.size(), stop.track()));
        } else if (stop.step() > tracks.get(stop.track() - 1).steps().size()) {
            findings.add(Words.say("exchange.RoadmapFile.step-must-be-from-1", where, tracks.get(stop.track() - 1).steps().size(), stop.step()));
        }
    }

    private static void trackFindings(String where, FileTrack track, List<String> findings) {
        if (track.start() > track.steps().size()) {
            findings.add(Words.say("exchange.RoadmapFile.at-must-be-from-1", where, track.steps().size(), track.start()));
        }
        for (int i = 0; i < track.steps().size(); i++) {
            StepPlan step = track.steps().get(i).asWritten();
            String at = where + "steps[" + i + "].";
            if (!step.pass().fits(step.reps())) {
                findings.add(Words.say("exchange.RoadmapFile.reps-must-be-or-more", at, PassChoice.CALM_REPS, step.reps()));
            }
            if (!step.pass().fitsDuration(step.durationS())) {
                findings.add(at + "durationS: " + PassChoice.NEEDS_DURATION);
            }
            if (track.kind() == TrackKind.COMFORT && step.teaching().fed() != Feeding.EVERY_TIME) {
                findings.add(Words.say("exchange.RoadmapFile.feeding-must-be-every-time", at, step.teaching().fed()));
            }
            if (track.kind() == TrackKind.COMFORT && step.run() < Run.COMFORT_LEAST) {
                findings.add(Words.say("exchange.RoadmapFile.run-must-be-or-more", at, Run.COMFORT_LEAST, step.run()));
            }
            String asked = step.how() + " " + step.onMiss();
            Harm.in(asked, track.kind()).ifPresent(h -> findings.add(Words.say("exchange.RoadmapFile.text-must-not-ask-for", at, h.wordIn(asked).orElse(""))));
        }
    }
}
