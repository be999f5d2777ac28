package cahier.core.rehearse;

import cahier.core.coach.Advice;
import cahier.core.coach.Coach;
import cahier.core.coach.CoachTable;
import cahier.core.decide.Decision;
import cahier.core.decide.Refresh;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;

/** One made-up household on its way up a plan, day by day: they practise as the coach says, the rules judge what was tapped, the trainer answers (docs/rules.md 40). */
public final class Walk {

    private static final double COACHED = 2.0 / 3;
    private static final Map<TrackKind, CoachTable> COACHES = Arrays.stream(TrackKind.values()).collect(Collectors.toMap(kind -> kind, CoachTable::of));
    private static final RandomGeneratorFactory<RandomGenerator> RANDOM = RandomGeneratorFactory.of("L64X128MixRandom");

    private final Owners owners;
    private final Answering answering;
    private final Rules rules;
    private final Dog dog;
    private final Ladder ladder;
    private final Log log;
    private final CoachTable coach;
    private final RandomGenerator calendar;
    private final RandomGenerator luck;
    private final double taps;
    private final double handicap;
    private final Map<String, Double> handicaps = new HashMap<>();
    private final Tally tally = new Tally();
    private int day;

    /** Before the first day. The same seed, the same days and moods, whatever the rules make of them. */
    public Walk(Plan plan, Owners owners, Answering answering, Rules rules, Traits traits, long seed) {
        this(plan, 0, owners, answering, rules, new Dog(traits), traits.taps(), seed);
    }

    /** With a dog that has learnt something already and stands on a step, 0-based. */
    Walk(Plan plan, int from, Owners owners, Answering answering, Rules rules, Dog dog, double taps, long seed) {
        this.owners = owners;
        this.answering = answering;
        this.rules = rules;
        this.dog = dog;
        this.taps = taps;
        this.handicap = owners.handicap();
        this.ladder = new Ladder(plan, from);
        this.log = new Log(plan.kind(), ladder, rules);
        this.coach = Objects.requireNonNull(COACHES.get(plan.kind()));
        this.calendar = RANDOM.create(seed);
        this.luck = RANDOM.create(~seed);
        owners.people().forEach(p -> handicaps.put(p.name(), p.handicap()));
    }

    /** Until the goal or so many days are over. */
    public Walked until(int days) {
        while (day < days && !tally.isDone()) {
            day();
        }
        return tally.walked(ladder, day);
    }

    /** The next day: a lesson, if it is one, then practice, then a night. */
    void day() {
        if (answering.hasLesson(day)) {
            answer();
        }
        boolean practised = owners.practise(day, calendar);
        for (int nth = 0; nth < owners.sessions(); nth++) {
            Owners.Person who = owners.who(calendar);
            String where = owners.where(calendar);
            double mood = Traits.SESSION * calendar.nextGaussian();
            boolean forgot = calendar.nextDouble() < owners.forgets();
            if (practised && !tally.isDone()) {
                dog.begin(where, handicaps.getOrDefault(who.name(), 0.0), mood);
                log.begin(day, nth, who.name(), where);
                practise(!forgot);
            }
        }
        dog.night(practised);
        tally.day(day, ladder.step().level(), log.repsToday());
        day++;
    }

    private void practise(boolean logged) {
        if (log.rests()) {
            rest();
            return;
        }
        Refresh how = log.refresh();
        int dose = how == null ? ladder.step().reps() : how.dose(ladder.step().reps());
        boolean beginsEasier = how == Refresh.EASIER;
        int row = 0;
        for (int done = 0; ; done++) {
            Advice says = coach.advice(row, done >= dose);
            Role role = Coach.next(says, coach.rows().get(row).easy(), dose, 0, beginsEasier);
            if (says == Advice.STOP || says == Advice.END && role != Role.WIN) {
                break;
            }
            Outcome outcome = rep(role, logged);
            row = coach.next(row, outcome);
            beginsEasier &= outcome != Outcome.CLEAN;
            if (Coach.ends(role, outcome, false)) {
                break;
            }
            if (logged && role == Role.WORK) {
                goOnWithin();
            }
        }
        log.close();
        if (logged && log.practisedToday()) {
            judge();
        }
    }

    private Outcome rep(Role role, boolean logged) {
        double level = role == Role.WORK ? ladder.step().level() : ladder.easier();
        boolean mastered = role == Role.WORK && trueRate() >= Tally.MASTERED;
        Outcome outcome = dog.rep(level, luck);
        tally.rep(outcome, mastered);
        if (mastered) {
            ladder.needless();
        }
        Outcome tapped = luck.nextDouble() >= taps || outcome == Outcome.TOO_MUCH ? outcome : outcome == Outcome.CLEAN ? Outcome.MISSED : Outcome.CLEAN;
        if (logged) {
            log.add(tapped, role);
        }
        return tapped;
    }

    private double trueRate() {
        return dog.rate(ladder.step().level(), handicap);
    }

    /** Somebody must decide first: they practise one step easier, on the first step nothing. */
    private void rest() {
        if (ladder.isFirst()) {
            return;
        }
        for (int i = 0; i < ladder.step().reps() && dog.rep(ladder.easier(), luck) != Outcome.TOO_MUCH; i++) {
            tally.easier();
        }
    }

    /** Up within the session, where somebody moves the dog on there; down only as it closes. */
    private void goOnWithin() {
        if (rules.eachRep() && answering.isPrompt() && !ladder.isLast() && log.goesUp()) {
            log.judge();
            carryOut();
        }
    }

    /** Judges the session that closes, and carries out what is carried out at once. */
    private void judge() {
        log.judge();
        carryOut();
    }

    private void carryOut() {
        if (answering.atOnce()) {
            answer();
        } else if (answering.ownerMoves() && log.appliesByItself()) {
            move(log.decision(), false);
        }
    }

    private void answer() {
        if (!log.isOpen()) {
            return;
        }
        log.gap().ifPresent(person -> handicaps.computeIfPresent(person, (name, logits) -> logits * COACHED));
        move(log.decision(), true);
    }

    private void move(Decision decision, boolean byTrainer) {
        double rate = trueRate();
        Log.Move move = log.answered(decision, byTrainer);
        switch (move) {
            case UP -> {
                tally.up(rate);
                if (ladder.isLast()) {
                    tally.done(day);
                } else {
                    ladder.up();
                }
            }
            case BACK -> ladder.back();
            case SPLIT -> ladder.split();
            case NONE -> {
                return;
            }
        }
        log.enter();
    }

    int today() {
        return day;
    }

    Ladder ladder() {
        return ladder;
    }

    Tally tally() {
        return tally;
    }

    /** Reps of each day so far, those without practice too. */
    List<Integer> repsOfDay() {
        return new ArrayList<>(tally.repsOfDay());
    }
}
