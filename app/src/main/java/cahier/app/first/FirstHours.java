package cahier.app.first;

import cahier.app.baseline.Baselines;
import cahier.app.first.FirstHour.Line;
import cahier.app.first.FirstHour.State;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.intake.Dangers;
import cahier.app.intake.Intakes;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Homeworks;
import cahier.app.track.Tracks;
import java.time.Instant;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far the first hour with a household is: read off what is there, with what the trainer skipped or saw to. */
@Service
@Transactional
public class FirstHours {

    private final FirstMapper marks;
    private final Households households;
    private final Intakes intakes;
    private final Baselines baselines;
    private final Methods methods;
    private final Tracks tracks;
    private final Homeworks homeworks;

    FirstHours(FirstMapper marks, Households households, Intakes intakes, Baselines baselines, Methods methods, Tracks tracks, Homeworks homeworks) {
        this.marks = marks;
        this.households = households;
        this.intakes = intakes;
        this.baselines = baselines;
        this.methods = methods;
        this.tracks = tracks;
        this.homeworks = homeworks;
    }

    /** Empty once a sheet was sent, and for a household that is closed. */
    public Optional<FirstHour> of(PracticeId practice, long household) {
        Facts facts = households.facts(practice, household);
        if (facts.household().isClosed() || homeworks.latest(practice, household).isPresent()) {
            return Optional.empty();
        }
        Map<Part, State> byHand = marks.marks(practice, household).stream().collect(Collectors.toMap(FirstMapper.Mark::part, FirstMapper.Mark::state));
        return Optional.of(new FirstHour(Arrays.stream(Part.values()).map(p -> line(p, found(p, practice, facts), Optional.ofNullable(byHand.get(p)))).toList()));
    }

    private static Line line(Part part, String found, Optional<State> byHand) {
        return found.isEmpty() ? new Line(part, byHand.orElse(State.OPEN), "", byHand.isPresent()) : new Line(part, State.DONE, found, false);
    }

    /** What of this part is there, in a few words; empty while it is not done. */
    private String found(Part part, PracticeId practice, Facts facts) {
        long household = facts.household().id();
        return switch (part) {
            case DANGER -> seenTo(intakes.dangers(practice, household));
            case WISHES -> counted(intakes.wishes(practice, household).size(), "wish", "wishes");
            case PEOPLE -> facts.handlers().isEmpty() || lacksAdult(facts) ? ""
                    : counted(facts.people().size(), "person", "people");
            case DOGS -> facts.dogs().isEmpty() ? "" : facts.dogs().stream().map(d -> d.name()).collect(Collectors.joining(", "));
            case NOW -> counted((int) baselines.ofHousehold(practice, household).stream().filter(b -> !b.isOpen()).count(), "baseline", "baselines");
            case WORDS -> counted(facts.words().size(), "word", "words");
            case METHOD -> methods.isChosen(practice, household) ? Words.say("first.FirstHours.otherwise-than-your-usual") : "";
            case TRACKS -> counted(tracks.ofHousehold(practice, household).size(), "track", "tracks");
            case SHEET -> "";
        };
    }

    /** Done where there was something to see to and nothing is left of it. */
    private static String seenTo(Dangers dangers) {
        return dangers.open().isEmpty() ? counted(dangers.seenTo().size(), Words.say("first.FirstHours.seen-to"), Words.say("first.FirstHours.seen-to")) : "";
    }

    private static String counted(int n, String one, String many) {
        return n == 0 ? "" : n + " " + (n == 1 ? one : many);
    }

    /** Whether a child practises here and no grown-up is known who may be there. */
    private static boolean lacksAdult(Facts facts) {
        return facts.adults().isEmpty() && facts.people().stream().anyMatch(Person::needsAdult);
    }

    /** The trainer leaves a part out, has seen to it, or takes that back. */
    public void mark(PracticeId practice, long household, Part part, State state, Instant now) {
        households.get(practice, household);
        if (state == State.OPEN) {
            marks.unmark(practice, household, part);
        } else if (part.canBeSkipped()) {
            marks.mark(practice, household, part, state, now);
        }
    }
}
