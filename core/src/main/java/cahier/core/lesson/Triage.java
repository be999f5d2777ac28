package cahier.core.lesson;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** Who needs the trainer first (docs/rules.md 20). */
public final class Triage {

    /** Share of the lesser reasons that is added to the highest. */
    public static final double REST_SHARE = 0.1;
    /** The lesser reasons count up to this. */
    public static final double REST_MOST = 60;

    private Triage() {
    }

    /** Why a household may need a look. */
    public enum Code {
        ALARM(200), CALL(100), BACK_TOO_MUCH(80), SPLIT_TOO_MUCH(80), BACK(60), TOO_MUCH_RECENT(45), SILENT(50), LESSON_SOON(40),
        QUESTION(35), UP(30), DONE(30), SPLIT(25), REOPENED(30), REFRESH(20), PERSON_GAP(15);

        private final int points;

        Code(int points) {
            this.points = points;
        }
    }

    /**
     * One reason; decisions one for each track.
     *
     * @param days only for SILENT: calendar days without a rep, under {@link #SILENT_FROM} it weighs nothing
     * @param track the track it speaks of, 0 when none in particular
     */
    public record Reason(Code code, long days, long track) {

        /** Days without a rep from which silence counts. */
        public static final long SILENT_FROM = 5;
        private static final int A_DAY = 5;
        private static final int SILENT_MOST = 70;

        public Reason {
            Objects.requireNonNull(code, "code");
            if (days < 0) {
                throw new IllegalArgumentException("days must be 0 or more, was " + days);
            }
        }

        /** Its weight, 0 to 200. */
        public double points() {
            if (code != Code.SILENT) {
                return code.points;
            }
            return days < SILENT_FROM ? 0 : Math.min(SILENT_MOST, code.points + A_DAY * (days - SILENT_FROM));
        }
    }

    /** How much a household needs the trainer: the highest reason and a tenth of the rest. 0 without any. */
    public static double points(List<Reason> reasons) {
        List<Reason> ordered = strongest(reasons);
        if (ordered.isEmpty()) {
            return 0;
        }
        double rest = ordered.stream().skip(1).mapToDouble(Reason::points).sum();
        return ordered.get(0).points() + REST_SHARE * Math.min(REST_MOST, rest);
    }

    /** The reasons that weigh something, strongest first. */
    public static List<Reason> strongest(List<Reason> reasons) {
        return reasons.stream().filter(r -> r.points() > 0).sorted(Comparator.comparingDouble(Reason::points).reversed()).toList();
    }
}
