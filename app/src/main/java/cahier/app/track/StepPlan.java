package cahier.app.track;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.climb.Unit;
import cahier.core.decide.TrackKind;
import cahier.core.measure.Measure;
import cahier.core.pass.PassRule;
import cahier.core.pass.Reach;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.pay.Feeding;
import cahier.core.rep.Aid;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * What a step asks for, as the trainer wrote it: criterion, pass rule, dose, and what to do when it does not work.
 *
 * @param how one sentence the owner can follow
 * @param distanceM metres, 0 to 1000
 * @param durationS seconds, 0 to 4 h
 * @param who lead and company: "lead held", "no lead", "a friend comes in"
 * @param aid the most aid a CLEAN may have
 * @param word what is said; empty while the word is not spoken
 * @param pass when it is passed; a run unless something else was chosen
 * @param run CLEAN in a row to pass, 1 to 100, for a run
 * @param reps reps a session
 * @param sessions sessions a day
 * @param minutes longest session
 * @param spread over how much of life a pass must be spread; none is what is usual for the kind of track
 */
public record StepPlan(String title, String how, String place, @Nullable Double distanceM, @Nullable Double durationS,
                       String distraction, String who, Aid aid, String word, PassChoice pass, int run, int reps, int sessions, int minutes,
                       String onMiss, String cautions, Teaching teaching, @Nullable Spread spread) {

    private static final Map<Aid, String> AID_WORDS = Map.of(Aid.FULL_LURE, "with a lure", Aid.HAND, "with an empty hand", Aid.POINT, "with a small sign", Aid.PROP, "with a prop");

    public StepPlan {
        pass = pass == null ? PassChoice.RUN : pass; // sheets issued before rules could be chosen
        aid = aid == null ? Aid.NONE : aid;
        how = orEmpty(how);
        place = orEmpty(place);
        distraction = orEmpty(distraction);
        who = orEmpty(who);
        word = orEmpty(word);
        onMiss = orEmpty(onMiss);
        cautions = orEmpty(cautions);
        teaching = Teaching.orNone(teaching);
    }

    /** A step with the spread that is usual for its track. */
    public StepPlan(String title, String how, String place, @Nullable Double distanceM, @Nullable Double durationS, String distraction, String who, Aid aid, String word,
                    PassChoice pass, int run, int reps, int sessions, int minutes, String onMiss, String cautions, Teaching teaching) {
        this(title, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, null);
    }

    public StepPlan withTitle(String other) {
        return new StepPlan(other, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    /** The same, measuring this. */
    public StepPlan measuring(@Nullable Measure other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching.measuring(other), spread);
    }

    /** The same with every text changed so. */
    public StepPlan reading(UnaryOperator<String> change) {
        return new StepPlan(change.apply(title), change.apply(how), change.apply(place), distanceM, durationS, change.apply(distraction), change.apply(who), aid, change.apply(word), pass, run, reps, sessions, minutes,
                change.apply(onMiss), change.apply(cautions), teaching.reading(change), spread);
    }

    /** The same in one session of so many reps. */
    public StepPlan once(int other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, other, 1, minutes, onMiss, cautions, teaching, spread);
    }

    public StepPlan withPlace(String other) {
        return new StepPlan(title, how, other, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    public StepPlan withDistance(@Nullable Double metres) {
        return new StepPlan(title, how, place, metres, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    public StepPlan withDuration(@Nullable Double seconds) {
        return new StepPlan(title, how, place, distanceM, seconds, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    /** The same passed in another way. */
    public StepPlan passedBy(PassChoice other, int inARow, @Nullable Spread over) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word, other, inARow, reps, sessions, minutes, onMiss, cautions, teaching, over);
    }

    /** With the rule that {@link PassChoice#RHYTHM} means where it is practised so often; the same where another was chosen. */
    StepPlan settled(TrackKind kind, boolean often) {
        if (pass != PassChoice.RHYTHM) {
            return this;
        }
        return passedBy(often ? PassChoice.ODDS : PassChoice.RUN, Run.DEFAULT, PassChoice.spread(kind, spread, often));
    }

    public StepPlan withDistraction(String other) {
        return new StepPlan(title, how, place, distanceM, durationS, other, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    public StepPlan withWho(String other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, other, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    public StepPlan withWord(String other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, other, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    /** The same with so much aid. */
    public StepPlan aided(Aid other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, other, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
    }

    /** The same chain of events, or none. */
    public StepPlan chained(List<String> events) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching.chained(events), spread);
    }

    /** This step made easier half-way to the one below: each figure that differs at a handy value strictly between (docs/rules.md 4, SPLIT). */
    public StepPlan halfWayTo(StepPlan below) {
        return withDistance(halfWay(Unit.METRES, below.distanceM, distanceM)).withDuration(halfWay(Unit.SECONDS, below.durationS, durationS));
    }

    /** The same half-way to the one below, under its name; itself where nothing numeric lies between. */
    public StepPlan between(StepPlan below) {
        StepPlan between = halfWayTo(below);
        return between.equals(this) ? this : between.withTitle(titledHalfWay().title());
    }

    /** The same under the name of what lies before it. */
    public StepPlan titledHalfWay() {
        return withTitle(Words.say("track.StepPlan.half-way-to", Character.toLowerCase(title.charAt(0)), title.substring(1)));
    }

    private static @Nullable Double halfWay(Unit unit, @Nullable Double below, @Nullable Double here) {
        if (below == null || here == null || below.equals(here)) {
            return here;
        }
        OptionalDouble between = unit.halfWay(below, here);
        return between.isPresent() ? between.getAsDouble() : here;
    }

    /** Whether the time from the cue to the answer is kept: not where it lasts or is a chain, for a rep keeps one time. */
    @JsonIgnore
    public boolean isAnswerTimed() {
        return teaching.has(Trait.ANSWER_TIMED) && durationS == null && teaching.events().isEmpty() && teaching.measure() == null;
    }

    /** "with a lure"; empty when the dog gets none. */
    public static String words(Aid aid) {
        return AID_WORDS.getOrDefault(aid, "");
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }

    /** "1 m (3 ft)", empty when no distance is set. */
    @JsonIgnore
    public String distance() {
        return distanceM == null ? "" : Measures.distance(distanceM);
    }

    /** "5 s", empty when no duration is set. */
    @JsonIgnore
    public String duration() {
        return durationS == null ? "" : Measures.duration(durationS);
    }

    /** What it takes to pass, as the core asks it. */
    public PassRule rule(TrackKind kind) {
        return rule(kind, true);
    }

    /** The same where it is said whether it is practised three times a week or more. */
    public PassRule rule(TrackKind kind, boolean often) {
        if (teaching.measure() != null) {
            return new Reach(teaching.measure(), spread != null ? spread : kind == TrackKind.COMFORT ? Spread.COMFORT : Spread.NONE);
        }
        return pass.rule(run, durationS, kind, spread, often);
    }

    /** "5 clean in a row", "5 clean in a row, on 2 days, in 2 places". */
    @JsonIgnore
    public String passWords() {
        return (teaching.measure() == null ? pass.words(run) : MeasureWords.pass(teaching.measure())) + (spread == null ? "" : SpreadWords.after(spread));
    }

    /** "8 reps, twice a day, 5 min at most". */
    @JsonIgnore
    public String dose() {
        String often = switch (sessions) {
            case 1 -> Words.say("track.StepPlan.once-a-day");
            case 2 -> Words.say("track.StepPlan.twice-a-day");
            default -> Words.say("track.StepPlan.times-a-day", sessions);
        };
        if (teaching.has(Trait.UNTIL_CLEAN) && reps > 1) {
            return Words.say("track.StepPlan.until-one-is-clean-reps", reps, often, minutes);
        }
        return Words.say("track.StepPlan.min-at-most", reps, often, minutes);
    }

    /** Place, distance, duration, distraction, who, word, in one line: what the criterion depends on. */
    @JsonIgnore
    public String setting() {
        List<String> parts = new ArrayList<>();
        parts.add(place);
        parts.add(distance());
        parts.add(duration());
        parts.add(distraction);
        parts.add(who);
        parts.add(words(aid));
        parts.add(word.isEmpty() ? "" : Words.say("track.StepPlan.say", word));
        parts.removeIf(String::isEmpty);
        return String.join(", ", parts);
    }

    /** Minutes a day, when every session takes its longest. */
    @JsonIgnore
    public int minutesADay() {
        return minutes * sessions;
    }

    /** The same, fed so often. */
    public StepPlan fed(Feeding other) {
        return new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes, onMiss, cautions, teaching.fed(other), spread);
    }

    /** How and how often to pay, in words; empty where nothing was said and every rep is fed. */
    @JsonIgnore
    public String payWords() {
        String often = teaching.fed() == Feeding.EVERY_TIME ? "" : "Food: " + PayWords.of(teaching.fed()) + ".";
        return teaching.pay().isEmpty() || often.isEmpty() ? teaching.pay() + often : teaching.pay() + (teaching.pay().endsWith(".") ? " " : ". ") + often;
    }

    /** Pieces a day, one for each rep that is fed. */
    @JsonIgnore
    public int piecesADay() {
        return teaching.fed().pieces(repsADay());
    }

    /** How many reps a day it asks for. */
    @JsonIgnore
    public int repsADay() {
        return reps * sessions;
    }
}
