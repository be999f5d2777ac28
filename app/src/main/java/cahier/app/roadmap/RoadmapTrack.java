package cahier.app.roadmap;

import cahier.app.language.Words;
import cahier.app.rest.Allowed;
import cahier.app.rest.Moment;
import cahier.app.rest.RestWords;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.web.Dates;
import cahier.core.gate.RedFlag;
import cahier.core.rest.Handler;
import cahier.core.rest.Permit;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One track in the roadmap of its household.
 *
 * @param waits every need of the track, met or not, in the order of its steps
 * @param allowed what is allowed to the household, which answers {@link #permit}
 * @param upkeep when a cold rep is asked for; none while the goal is not reached
 */
public record RoadmapTrack(TrackSteps roadmap, List<Wait> waits, List<Apart> apart, Allowed allowed, Optional<Due> upkeep) {

    /** What the trainer puts on a sheet on purpose: it is not held back by what held it back then (docs/rules.md 38). */
    public record Despite(@Nullable LocalDate parkedUntil, List<Long> needs) {

        public static final Despite NOTHING = new Despite(null, List.of());

        public Despite {
            needs = needs == null ? List.of() : List.copyOf(needs);
        }
    }

    /** What can be done with it, the first that holds. */
    public enum State {
        DONE, EMPTY, SHUT, RESTS, PARKED, WAITS, OPEN;

        public String word() {
            return switch (this) {
                case DONE -> "done";
                case EMPTY -> Words.say("roadmap.RoadmapTrack.no-step-yet");
                case SHUT -> "shut";
                case RESTS -> "rests";
                case PARKED -> "parked";
                case WAITS -> "waits";
                case OPEN -> "open";
            };
        }
    }

    public Track track() {
        return roadmap.track();
    }

    /**
     * The one answer for a step of this track.
     *
     * @param asked 0-based index of the step
     */
    public Permit permit(int asked, Despite despite, Moment moment, Handler who) {
        boolean parked = track().isParked(allowed.today()) && !Objects.equals(track().parkedUntil(), despite.parkedUntil());
        int needs = (int) unmet(asked).stream().filter(w -> !despite.needs().contains(w.id())).count();
        return allowed.step(roadmap, asked, parked, needs + allowed.stepWaitsFor(roadmap, worked(asked)).size(), moment, who);
    }

    /** What is asked for never lies above where the dog stands. */
    private int worked(int asked) {
        return Math.min(asked, roadmap.currentIndex().orElse(asked));
    }

    /** The answer for the step the dog stands on, for the days to come. */
    public Permit permit() {
        return permit(roadmap.currentIndex().orElse(0), Despite.NOTHING, Moment.DAYS, Handler.ANYONE);
    }

    /** Why it is not practised as it is, in a sentence; empty when nothing holds it back. */
    public String why(Permit permit) {
        return RestWords.of(permit, new RestWords.Names(track().dogName(), shutBy(), track().parkedUntil(), unmet().stream().findFirst().map(Wait::forWhat)
                .or(() -> allowed.stepWaitsFor(roadmap, worked(roadmap.currentIndex().orElse(0))).stream().findFirst()).orElse(Words.say("roadmap.RoadmapTrack.another-step"))));
    }

    /**
     * Cold reps of what was reached.
     *
     * @param next from when the next one is asked for
     * @param cameToday one was asked for and came today
     */
    public record Due(LocalDate next, boolean cameToday) {
    }

    /** Whether a cold rep of the upkeep is asked for by this day, and may be. */
    public boolean isUpkeepDue(LocalDate by) {
        return upkeep.filter(due -> !due.next().isAfter(by)).isPresent() && permit(lastStep(), Despite.NOTHING, Moment.DAYS, Handler.ANYONE).isPractised();
    }

    /** Whether it stands on today's page, done or not. */
    public boolean isUpkeepToday() {
        return upkeep.filter(Due::cameToday).isPresent() || isUpkeepDue(today());
    }

    /** From when a sheet of today asks for it: what is overdue is asked for from today. */
    public LocalDate upkeepFrom() {
        LocalDate next = upkeep.orElseThrow().next();
        return next.isBefore(today()) ? today() : next;
    }

    /** "Next cold rep Thursday 4 December."; empty while the goal is not reached. */
    public String upkeepWords() {
        return upkeep.map(Due::next).map(day -> (day.isAfter(today()) ? Words.say("roadmap.RoadmapTrack.next-cold-rep") : Words.say("roadmap.RoadmapTrack.a-cold-rep-is-due")) + Dates.longDate(day) + ".").orElse("");
    }

    /** 0-based index of the last step, on which what was reached is looked at again. */
    public int lastStep() {
        return roadmap.steps().size() - 1;
    }

    public LocalDate today() {
        return allowed.today();
    }

    public String why() {
        return why(permit());
    }

    /** Red flags that shut it. */
    public List<RedFlag> shutBy() {
        return allowed.shutBy(track().dogId(), track().topic());
    }

    public State state() {
        if (track().isDone()) {
            return State.DONE;
        }
        if (roadmap.current().isEmpty()) {
            return State.EMPTY;
        }
        Permit permit = permit();
        if (permit.isPractised()) {
            return State.OPEN;
        }
        return switch (permit.why().get(0)) {
            case RED_FLAG -> State.SHUT;
            case PARKED -> State.PARKED;
            case WAITS -> State.WAITS;
            default -> State.RESTS;
        };
    }

    /** Whether it goes on a sheet by itself. */
    public boolean isOpen() {
        return state() == State.OPEN;
    }

    /** Whether it can be put on a sheet on purpose: what is parked or waits can, nothing else that rests. */
    public boolean canBeIssued() {
        return roadmap.current().isPresent() && permit(roadmap.currentIndex().orElseThrow(), onPurpose(), Moment.DAYS, Handler.ANYONE).isPractised();
    }

    /** What holds it back today and would not, were it put on a sheet today. */
    public Despite onPurpose() {
        return new Despite(track().isParked(allowed.today()) ? track().parkedUntil() : null, unmet().stream().map(Wait::id).toList());
    }

    /** What keeps the current step from being worked. */
    public List<Wait> unmet() {
        return unmet(roadmap.currentIndex().orElse(0));
    }

    private List<Wait> unmet(int step) {
        return waits.stream().filter(w -> !w.met() && w.number() <= step + 1).toList();
    }

    /** Whether the step after the one the dog stands on waits, for another track or by itself. */
    public boolean nextWaits() {
        int next = roadmap.number(); // 0-based, of the step after the current one
        return later().stream().anyMatch(w -> w.number() <= next + 1) || !allowed.stepWaitsFor(roadmap, next).isEmpty();
    }

    /** What will keep a later step from being worked. */
    public List<Wait> later() {
        return waits.stream().filter(w -> !w.met() && w.number() > roadmap.currentIndex().orElse(0) + 1).toList();
    }

    public List<Apart> apartStill() {
        return apart.stream().filter(Apart::still).toList();
    }
}
