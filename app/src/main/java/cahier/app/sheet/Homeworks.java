package cahier.app.sheet;

import cahier.app.account.PracticeId;
import cahier.app.account.TrainerUser;
import cahier.app.gate.Gates;
import cahier.app.household.Households;
import cahier.app.intake.Intakes;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.track.Roadmap;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Issues homework and keeps what was issued. */
@Service
@Transactional
public class Homeworks {

    private final HomeworkMapper homeworks;
    private final Households households;
    private final Tracks tracks;
    private final Judgements judgements;
    private final Gates gates;
    private final Intakes intakes;
    private final ObjectMapper json;

    Homeworks(HomeworkMapper homeworks, Households households, Tracks tracks, Judgements judgements, Gates gates, Intakes intakes, ObjectMapper json) {
        this.homeworks = homeworks;
        this.households = households;
        this.tracks = tracks;
        this.judgements = judgements;
        this.gates = gates;
        this.intakes = intakes;
        this.json = json;
    }

    /** What an issue would put on the sheet now: the current step of each track that has one and is not shut by a red flag. */
    public List<SheetItem> next(PracticeId practice, long household) {
        List<SheetItem> items = new ArrayList<>();
        for (Roadmap roadmap : tracks.ofHousehold(practice, household)) {
            if (!isShut(roadmap.track())) {
                roadmap.current().ifPresent(step -> items.add(item(roadmap, step)));
            }
        }
        return items;
    }

    private boolean isShut(Track track) {
        return !gates.shutting(track.practiceId(), track.householdId(), track.dogId(), track.topic()).isEmpty();
    }

    private static SheetItem item(Roadmap roadmap, Step step) {
        SheetItem.Below below = roadmap.below().map(s -> new SheetItem.Below(s.id(), s.plan())).orElse(null);
        return new SheetItem(roadmap.track().id(), step.id(), roadmap.track().title(), roadmap.track().dogName(), roadmap.number(),
                roadmap.steps().size(), step.plan(), below, roadmap.track().plan());
    }

    /** Issues the current steps as the household's next sheet; empty when there is nothing to practise. */
    public Optional<Homework> issue(TrainerUser trainer, long household, Instant now) {
        PracticeId practice = trainer.practice();
        households.get(practice, household);
        List<SheetItem> items = next(practice, household);
        if (items.isEmpty()) {
            return Optional.empty();
        }
        long id = homeworks.insert(practice, household, now, trainer.signature(), String.join("\n", intakes.onSheet(practice, household)));
        for (int i = 0; i < items.size(); i++) {
            homeworks.insertItem(practice, household, id, i, items.get(i).trackId(), items.get(i).stepId(), write(items.get(i)));
        }
        return Optional.of(get(practice, id));
    }

    public Homework get(PracticeId practice, long id) {
        return homeworks.find(practice, id).map(r -> filled(practice, r)).orElseThrow(() -> new NotFound("sheet " + id));
    }

    /** The sheet the household practises from. */
    public Optional<Homework> latest(PracticeId practice, long household) {
        return homeworks.latest(practice, household).map(r -> filled(practice, r));
    }

    /** The newest sheets of the practice without their items, newest first. */
    public List<Homework> newest(PracticeId practice) {
        return homeworks.newest(practice).stream()
                .map(r -> new Homework(r.id(), r.householdId(), r.number(), r.issuedAt(), r.issuedBy(), List.of(), List.of())).toList();
    }

    /** Every step this household was ever given to practise, with its track: reps of others are refused. */
    public Map<Long, Long> issuedSteps(PracticeId practice, long household) {
        return homeworks.issuedSteps(practice, household).stream()
                .collect(Collectors.toMap(HomeworkMapper.StepOf::stepId, HomeworkMapper.StepOf::trackId, (a, b) -> a));
    }

    /** What the owner practises now: while a too-much decision is open, the step below, or nothing on the first step. */
    public List<Assignment> assignments(PracticeId practice, Homework homework) {
        return homework.items().stream().map(item -> {
            boolean shut = isShut(tracks.get(practice, item.trackId()).track());
            boolean rests = judgements.open(practice, item.trackId()).filter(d -> d.stepId() == item.stepId())
                    .filter(Homeworks::restsTheStep).isPresent();
            return new Assignment(item, rests, shut);
        }).toList();
    }

    private static boolean restsTheStep(Decided open) {
        return open.cause().restsTheStep() && open.grounds().suggestion().staysOpen();
    }

    /**
     * One track of the sheet as it is to be practised now.
     *
     * @param rests the step of the sheet rests until the trainer has answered
     * @param shut a red flag has shut the track since the sheet was issued
     */
    public record Assignment(SheetItem item, boolean rests, boolean shut) {

        /** Whether there is a step to practise at all. */
        public boolean isPractised() {
            return !shut && (!rests || item.below() != null);
        }

        public long stepId() {
            return rests && item.below() != null ? item.below().stepId() : item.stepId();
        }

        public StepPlan plan() {
            return rests && item.below() != null ? item.below().plan() : item.plan();
        }

        public int number() {
            return rests && item.below() != null ? item.number() - 1 : item.number();
        }
    }

    private Homework filled(PracticeId practice, HomeworkMapper.Row row) {
        List<SheetItem> items = homeworks.items(practice, row.id()).stream().map(this::read).toList();
        return new Homework(row.id(), row.householdId(), row.number(), row.issuedAt(), row.issuedBy(),
                row.firstOfAll().lines().toList(), items);
    }

    private SheetItem read(String body) {
        try {
            return json.readValue(body, SheetItem.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a sheet item cannot be read", e);
        }
    }

    private String write(SheetItem item) {
        try {
            return json.writeValueAsString(item);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a sheet item cannot be written", e);
        }
    }
}
