package cahier.app.owner;

import cahier.app.alarm.Alarm;
import cahier.app.household.Facts;
import cahier.app.language.Words;
import cahier.app.log.Help;
import cahier.app.log.KeptRep;
import cahier.app.roadmap.ParkedItem;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.SheetItem;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.decide.Refresh;
import cahier.core.measure.Measure;
import cahier.core.rest.Work;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The owner's first page: each track of the sheet with what is done and what is left today.
 *
 * @param later tracks that wait or rest
 * @param alarms those the trainer has not answered yet
 * @param putAway things that rest, a sentence each
 * @param beside work beside the steps that belongs to what the tracks are about
 */
record Today(Facts facts, LocalDate day, Optional<Homework> sheet, List<Task> tasks, List<Later> later, List<Alarm> alarms, List<String> putAway, Set<Work> beside) {

    private static final double TIMED_FROM_S = 5;

    /** A track that is not practised yet, and why. */
    record Later(String title, String why) {
    }

    /**
     * One track today.
     *
     * @param sittings the reps of each of today's sittings, oldest first
     * @param news why the dog was moved on without the trainer, where that is new; empty otherwise
     */
    record Task(Assignment assignment, List<List<KeptRep>> sittings, String news) {

        public SheetItem item() {
            return assignment.item();
        }

        public StepPlan plan() {
            return assignment.plan();
        }

        public long stepId() {
            return assignment.stepId();
        }

        /** How the session begins after a pause; once one was begun today, the next is an ordinary one. */
        public Optional<Refresh> refresh() {
            return sittings.isEmpty() ? assignment.refresh() : Optional.empty();
        }

        /** Reps of the next session. */
        public int reps() {
            return refresh().map(r -> r.dose(plan().reps())).orElse(plan().reps());
        }

        public boolean isPractised() {
            return assignment.isPractised();
        }

        /** Where today's walk goes that goes place by place; empty on every other step. */
        public List<String> places() {
            return assignment.worked().map(Assignment.Worked::places).orElse(List.of());
        }

        /** Where it is done, behind the address of the link: what measures has pages of its own. */
        public String page() {
            Measure measure = plan().teaching().measure();
            return measure == null || !isPractised() ? "/practice/" + stepId() : page(measure);
        }

        private String page(Measure measure) {
            String dog = "#dog=" + assignment.dogId(); // chosen by the page itself, so that one page is kept for places without signal
            return switch (measure.kind()) {
                case DISTANCE -> "/met" + dog + "&kind=" + measure.about();
                case NOISE -> "/met" + dog + "&kind=NOISE";
                case ALONE -> "/alone" + dog;
                case ZONE -> "/touch" + dog;
                case SITTING -> "/watch" + dog;
                case WALK -> (measure.placeByPlace().isPresent() ? "/way" : "/out") + dog;
            };
        }

        public boolean isDone() {
            return sittings.size() >= plan().sessions();
        }

        /** The reps of the latest sitting, as the small strip on the page shows them. */
        public List<KeptRep> latest() {
            return sittings.isEmpty() ? List.of() : sittings.get(sittings.size() - 1);
        }

        /** Whether the page keeps the time of a rep: a hold of a second or two is over before a thumb finds the button. */
        public boolean isTimed() {
            Double lasts = plan().durationS();
            return lasts != null && (lasts >= TIMED_FROM_S || plan().pass() == PassChoice.HOLD);
        }

        /** Whether it keeps the time from the cue to the answer. */
        public boolean isAnswerTimed() {
            return plan().isAnswerTimed();
        }

        /** Whether the page has a clock at all: a chain is timed from its first event to its last, if somebody presses Start. */
        public boolean isMeasured() {
            return isTimed() || isAnswerTimed() || !plan().teaching().events().isEmpty();
        }

        /** What may have helped a rep that counts as helped: at most four, and nothing that the step allows. */
        public List<Help> helps() {
            return Help.beyond(plan().aid(), !plan().word().isEmpty());
        }

        /** Dots for the reps that are still to do in the first sitting. */
        public int toDo() {
            return sittings.isEmpty() ? Math.min(reps(), 12) : 0;
        }
    }

    /**
     * A step of which a session is typed in from paper.
     *
     * @param number from 1; 0 of one that was removed since
     * @param practised whether it is asked for now
     */
    record OnPaper(long trackId, long stepId, String title, int number, boolean practised) {
    }

    /**
     * One exercise of the minutes there are now.
     *
     * @param reps as many as fit
     */
    record Turn(Task task, int reps) {

        public String words() {
            return reps + (reps == 1 ? " rep" : " reps");
        }
    }

    static Today of(Facts facts, LocalDate day, Optional<Homework> sheet, List<Assignment> assignments, List<KeptRep> todaysReps, List<Later> later, List<Alarm> alarms,
                    List<String> putAway, List<RoadmapTrack> ways, Function<Long, String> news) {
        List<Task> tasks = assignments.stream().map(a -> new Task(a, sittings(todaysReps, a.stepId()), news.apply(a.item().trackId()))).toList();
        return new Today(facts, day, sheet, tasks, later, alarms, putAway, beside(ways));
    }

    /** By the topic of each track that is not done, and by what its steps measure. */
    private static Set<Work> beside(List<RoadmapTrack> ways) {
        List<RoadmapTrack> going = ways.stream().filter(w -> !w.track().isDone()).toList();
        return Stream.of(Work.values()).filter(work -> going.stream().anyMatch(w -> work.belongsTo(w.track().topic())
                || w.roadmap().steps().stream().anyMatch(s -> s.measure().filter(m -> work.isMeasuredBy(m, w.track().topic())).isPresent()))).collect(Collectors.toCollection(() -> EnumSet.noneOf(Work.class)));
    }

    private static List<List<KeptRep>> sittings(List<KeptRep> reps, long step) {
        Map<UUID, List<KeptRep>> bySitting = reps.stream().filter(r -> r.stepId() == step)
                .collect(Collectors.groupingBy(KeptRep::sittingId, LinkedHashMap::new, Collectors.toList()));
        return new ArrayList<>(bySitting.values());
    }

    /** The one to do next: the first that is practised and not done. */
    public Optional<Task> next() {
        return tasks.stream().filter(t -> t.isPractised() && !t.isDone()).findFirst();
    }

    /** "Also today: Recall, Settle on a mat."; empty when this is the only one left. */
    public String others(Task task) {
        List<String> others = tasks.stream().filter(t -> t.isPractised() && !t.isDone() && t.stepId() != task.stepId()).map(t -> t.item().trackTitle()).toList();
        return others.isEmpty() ? "" : Words.say("owner.Today.also-today", String.join(", ", others));
    }

    /** What comes before any exercise: as the sheet says it, and what is put away as it is now. */
    public List<String> first() {
        return Stream.concat(sheet.stream().flatMap(s -> s.firstOfAll().stream()).filter(f -> !ParkedItem.isSaid(f)), putAway.stream()).toList();
    }

    /** Whether there is nothing to practise, done or not. */
    public boolean allRest() {
        return tasks.stream().noneMatch(Task::isPractised);
    }

    /** When the sheet was issued. */
    public Optional<Instant> issued() {
        return sheet.map(Homework::issuedAt);
    }
}
