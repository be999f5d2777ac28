package cahier.app.track;

import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;

/** The pass rules a trainer chooses from, with their usual figures (docs/rules.md 3). */
public enum PassChoice {

    RUN, RATE_80, RATE_90, BLOCKS, CALM, ODDS;

    /** Reps that a calm session has at least. */
    public static final int CALM_REPS = Calm.usual(Spread.NONE).m();
    private static final int RATE_REPS = 10;

    /** The choice that a household's method makes. */
    public static PassChoice of(Choice pass) {
        return switch (pass) {
            case PASS_80_OF_10 -> RATE_80;
            case PASS_BLOCKS -> BLOCKS;
            case PASS_CALM -> CALM;
            case PASS_ODDS -> ODDS;
            default -> RUN;
        };
    }

    /** This one, or five in a row where its dose can never hold it: a calm session has {@link #CALM_REPS} reps or more (docs/rules.md 35). */
    public PassChoice fitting(int reps) {
        return fits(reps) ? this : RUN;
    }

    /** Whether sessions of so many reps can ever pass by it. */
    public boolean fits(int reps) {
        return this != CALM || reps >= CALM_REPS;
    }

    /**
     * As the core asks it.
     *
     * @param run CLEAN in a row, for {@link #RUN}; on a COMFORT track five at least
     */
    public PassRule rule(int run, TrackKind kind) {
        boolean comfort = kind == TrackKind.COMFORT;
        Spread spread = comfort ? Spread.COMFORT : Spread.NONE;
        return switch (this) {
            case RUN -> new Run(comfort ? Math.max(run, Run.COMFORT_LEAST) : run, spread);
            case RATE_80 -> new Rate(0.8, RATE_REPS, spread);
            case RATE_90 -> new Rate(0.9, RATE_REPS, spread);
            case BLOCKS -> Block.usual(spread);
            case CALM -> Calm.usual(spread);
            case ODDS -> Odds.usual(spread);
        };
    }

    /** "5 clean in a row", "8 of the last 10 clean": for owners and trainers alike. */
    public String words(int run) {
        return switch (this) {
            case RUN -> run + "\u00a0clean in a row";
            case RATE_80 -> "8 of the last 10 clean";
            case RATE_90 -> "9 of the last 10 clean";
            case BLOCKS -> "4 of a block of 5 clean";
            case CALM -> "2 calm sessions of 5 reps or more";
            case ODDS -> "80 in 100 odds that 7 of 10 are clean";
        };
    }
}
