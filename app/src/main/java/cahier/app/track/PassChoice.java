package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Hold;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import org.jspecify.annotations.Nullable;

/** The pass rules a trainer chooses from, with their usual figures (docs/rules.md 3). */
public enum PassChoice {

    RUN, RATE_80, RATE_90, BLOCKS, CALM, ODDS, HOLD,
    /** Odds where it is practised three times a week or more; else five in a row and the latest cold rep clean. */
    RHYTHM;

    /** Whether it counts reps in a row, as many as the step says. */
    public boolean isRun() {
        return this == RUN || this == HOLD;
    }

    /** Reps that a calm session has at least. */
    public static final int CALM_REPS = Calm.usual(Spread.NONE).m();
    public static final String NEEDS_DURATION = "must be given where a hold is to be passed, such as 20 s";
    private static final int RATE_REPS = 10;
    private static final Spread LATEST_COLD = new Spread(0, 0, 0, 0, 1, 1);

    /** The choice that a household's method makes. */
    public static PassChoice of(Choice pass) {
        return switch (pass) {
            case PASS_80_OF_10 -> RATE_80;
            case PASS_BLOCKS -> BLOCKS;
            case PASS_CALM -> CALM;
            case PASS_ODDS -> ODDS;
            case PASS_BY_RHYTHM -> RHYTHM;
            default -> RUN;
        };
    }

    /** This one, or five in a row where its dose can never hold it: a calm session has {@link #CALM_REPS} reps or more (docs/rules.md 35). */
    public PassChoice fitting(int reps) {
        return fits(reps) ? this : RUN;
    }

    /** Whether a step of this length can be passed by it: a hold says how long. */
    public boolean fitsDuration(@Nullable Double lasts) {
        return this != HOLD || lasts != null;
    }

    /** Whether sessions of so many reps can ever pass by it. */
    public boolean fits(int reps) {
        return this != CALM || reps >= CALM_REPS;
    }

    /**
     * As the core asks it.
     *
     * @param often whether it is practised three times a week or more, for {@link #RHYTHM}
     * @param run CLEAN in a row, for {@link #RUN} and {@link #HOLD}; on a COMFORT track five at least
     * @param lasts seconds that each must have lasted, for {@link #HOLD}; without it a hold is an ordinary run
     * @param asked the spread the step asks for; none is what is usual for the kind of track
     */
    public PassRule rule(int run, @Nullable Double lasts, TrackKind kind, @Nullable Spread asked, boolean often) {
        return this == RHYTHM ? (often ? ODDS : RUN).rule(Run.DEFAULT, lasts, kind, spread(kind, asked, often)) : rule(run, lasts, kind, asked);
    }

    /** The spread of {@link #RHYTHM}: with so few reps the latest cold one is asked for too. */
    static @Nullable Spread spread(TrackKind kind, @Nullable Spread asked, boolean often) {
        return asked != null || often || kind == TrackKind.COMFORT ? asked : LATEST_COLD;
    }

    private PassRule rule(int run, @Nullable Double lasts, TrackKind kind, @Nullable Spread asked) {
        boolean comfort = kind == TrackKind.COMFORT;
        int k = comfort ? Math.max(run, Run.COMFORT_LEAST) : run;
        Spread spread = asked != null ? asked : comfort ? Spread.COMFORT : Spread.NONE;
        return switch (this) {
            case RUN -> new Run(k, spread);
            case HOLD -> lasts == null ? new Run(k, spread) : new Hold(lasts, k, Hold.Direction.UP, spread);
            case RATE_80 -> new Rate(0.8, RATE_REPS, spread);
            case RATE_90 -> new Rate(0.9, RATE_REPS, spread);
            case BLOCKS -> Block.usual(spread);
            case CALM -> Calm.usual(spread);
            case ODDS, RHYTHM -> Odds.usual(spread);
        };
    }

    /** As it usually is on a SKILL track. */
    public PassRule usual() {
        return rule(Run.DEFAULT, null, TrackKind.SKILL, null);
    }

    /** What it costs on made-up dogs (docs/rules.md 40), in one sentence; empty where that was not tried. */
    public String cost() {
        return switch (this) {
            case RUN -> tried(Words.say("track.PassChoice.1-step-in-37"), "9.4");
            case RATE_80 -> tried(Words.say("track.PassChoice.1-step-in-83"), "9.7");
            case RATE_90 -> tried(Words.say("track.PassChoice.1-step-in-333"), "10.2");
            case BLOCKS -> tried(Words.say("track.PassChoice.1-step-in-23"), "9.2");
            case CALM -> tried(Words.say("track.PassChoice.hardly-a-step"), "11.5");
            case ODDS -> tried(Words.say("track.PassChoice.1-step-in-1000"), "10.2");
            case RHYTHM -> Words.say("track.PassChoice.three-times-a-week-or");
            case HOLD -> "";
        };
    }

    private static String tried(String tooEarly, String weeks) {
        return Words.say("track.PassChoice.on-made-up-dogs-it", tooEarly, weeks);
    }

    /** "5 clean in a row", "8 of the last 10 clean": for owners and trainers alike. */
    public String words(int run) {
        return switch (this) {
            case RUN -> Words.say("track.PassChoice.clean-in-a-row", run);
            case HOLD -> Words.say("track.PassChoice.in-a-row-held-to", run);
            case RATE_80 -> Words.say("track.PassChoice.8-of-the-last-10");
            case RATE_90 -> Words.say("track.PassChoice.9-of-the-last-10");
            case BLOCKS -> Words.say("track.PassChoice.4-of-a-block-of");
            case CALM -> Words.say("track.PassChoice.2-calm-sessions-of-5");
            case ODDS -> Words.say("track.PassChoice.about-9-of-10-clean");
            case RHYTHM -> Words.say("track.PassChoice.by-how-often-it-is");
        };
    }
}
