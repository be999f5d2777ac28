package cahier.app.baseline;

import cahier.app.draw.WatchLine;
import cahier.app.language.Words;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.web.Measures;
import cahier.core.alone.AloneReading;
import cahier.core.alone.Spell;
import cahier.core.baseline.FoodTest;
import cahier.core.baseline.Measured;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Topic;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One baseline of a dog.
 *
 * @param about the cue, the trigger, the arrangement or the place
 * @param closedAt when it was complete; none while it is being taken
 */
public record Baseline(long id, long householdId, long dogId, Kind kind, String about, Findings findings, Instant begunAt, @Nullable Instant closedAt,
                       String takenBy) {

    public boolean isOpen() {
        return closedAt == null;
    }

    /** Whether this sign is going on in a watch. */
    public boolean isOn(Findings.Sign sign) {
        return findings.spellsOrNone().stream().anyMatch(s -> s.sign() == sign && s.to() == null);
    }

    /** As the rules read it; empty for a baseline that cannot say where to start, or is still being taken. */
    public Optional<Measured> measured() {
        if (isOpen()) {
            return Optional.empty();
        }
        return switch (kind) {
            case COLD_TEST -> Optional.of(new Measured.ColdTest((int) findings.clean(), findings.triesOrNone().size()));
            case DISTANCE -> Optional.ofNullable(findings.metres()).map(Measured.Distance::new);
            case WATCH -> Optional.ofNullable(findings.watchedSeconds()).filter(seconds -> !findings.isLoudThroughout()).map(seconds -> new Measured.Quiet(
                    findings.spellsOrNone().stream().mapToDouble(Findings.Spell::from).min().orElse(seconds)));
            case FOOD, ZONES, LIES -> Optional.empty();
        };
    }

    /** Whether it says something about this track of the same dog. */
    public boolean concerns(Track track, List<StepPlan> steps) {
        if (track.dogId() != dogId) {
            return false;
        }
        String cue = about.toLowerCase(Locale.ROOT);
        return switch (kind) {
            case COLD_TEST -> track.title().toLowerCase(Locale.ROOT).contains(cue) || steps.stream().anyMatch(s -> s.word().equalsIgnoreCase(about));
            case DISTANCE -> Trigger.valueOf(about).topic() == track.topic();
            case WATCH -> track.topic() == Topic.ALONE;
            case ZONES -> track.topic() == Topic.HANDLING;
            case FOOD, LIES -> false;
        };
    }

    /** What a watch that is over says (docs/rules.md 14): every sign is distress, silent ones too. */
    public Optional<AloneReading> reading() {
        Integer seconds = findings.watchedSeconds();
        return kind != Kind.WATCH || seconds == null ? Optional.empty()
                : Optional.of(AloneReading.of(findings.spellsOrNone().stream().map(s -> new Spell(s.from(), s.to() == null ? seconds : s.to())).toList(), seconds));
    }

    /** A watch as it is drawn; one that goes on up to now. */
    public WatchLine.Watch drawn(Instant now) {
        Integer watched = findings.watchedSeconds();
        int gone = watched != null ? watched : (int) Math.min(Baselines.FULL_WATCH_SECONDS, Duration.between(begunAt, now).toSeconds());
        return new WatchLine.Watch(gone, findings.spellsOrNone().stream()
                .map(s -> new WatchLine.Mark(s.sign().name().toLowerCase(Locale.ROOT), s.from(), s.to() == null ? gone : s.to())).toList(),
                findings.levels() == null ? List.of() : findings.levels());
    }

    /** "9 of 10 clean": what it found, in words. */
    public String result() {
        return switch (kind) {
            case COLD_TEST -> Words.say("baseline.Baseline.of-clean", findings.clean(), findings.triesOrNone().size());
            case DISTANCE -> findings.metres() == null ? "" : Measures.distance(findings.metres());
            case FOOD -> food();
            case ZONES -> findings.zones() == null ? "" : findings.zones().entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()
                    .thenComparing(Map.Entry.comparingByKey())).map(e -> e.getKey() + " " + e.getValue()).collect(Collectors.joining(", "));
            case LIES -> about;
            case WATCH -> watch();
        };
    }

    private String food() {
        FoodTest test = new FoodTest(Boolean.TRUE.equals(findings.fromTrainer()), Optional.ofNullable(findings.fromOwner()));
        return switch (test.reading()) {
            case AT_EASE -> Words.say("baseline.Baseline.took-it-from-you-at");
            case UNEASY_WITH_TRAINER -> Words.say("baseline.Baseline.took-it-from-the-owner");
            case UNEASY_HERE -> Words.say("baseline.Baseline.refused-both-uneasy-here-or");
        };
    }

    private String watch() {
        if (findings.watchedSeconds() == null) {
            return "";
        }
        String whole = Words.say("baseline.Baseline.in", Measures.duration(findings.watchedSeconds()));
        return findings.spellsOrNone().stream().mapToDouble(Findings.Spell::from).min().stream()
                .mapToObj(first -> Words.say("baseline.Baseline.first-sign-after", Measures.duration(first), findings.spellsOrNone().size(), whole))
                .findFirst().orElse(Words.say("baseline.Baseline.no-sign", whole));
    }
}
