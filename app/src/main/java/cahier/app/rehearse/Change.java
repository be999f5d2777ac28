package cahier.app.rehearse;

import cahier.app.track.PassChoice;
import cahier.core.pass.Run;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Plan;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * What shall be otherwise, as the form sends it; what is left empty or is none of the choices stays as it is. Nothing of it is kept.
 *
 * @param week sessions a week, 1 to 21
 * @param reps a session, 1 to 50
 * @param pass the rule of every step, a {@link PassChoice}
 * @param answers when the trainer answers, an {@link Answering}
 * @param who the person who practises alone, by number
 * @param step "out-3" leaves the third step out, "split-3" puts one in below it
 */
record Change(@Nullable String week, @Nullable String reps, @Nullable String pass, @Nullable String answers, @Nullable String who, @Nullable String step) {

    static final Change NONE = new Change(null, null, null, null, null, null);

    private static final int MOST_SESSIONS = 21;
    private static final int MOST_REPS = 50;

    boolean isNone() {
        return sessions().isEmpty() && dose().isEmpty() && rule().isEmpty() && answering().isEmpty() && person().isEmpty() && numbered("out-").isEmpty() && numbered("split-").isEmpty();
    }

    OptionalInt sessions() {
        return whole(week, MOST_SESSIONS);
    }

    OptionalInt dose() {
        return whole(reps, MOST_REPS);
    }

    Optional<PassChoice> rule() {
        return Arrays.stream(PassChoice.values()).filter(c -> c != PassChoice.HOLD && c.name().equals(pass)).findFirst();
    }

    Optional<Answering> answering() {
        return Arrays.stream(Answering.values()).filter(a -> a.name().equals(answers)).findFirst();
    }

    Optional<String> person() {
        return Optional.ofNullable(who).filter(w -> w.matches("\\d{1,18}"));
    }

    /** The plan with its steps, rule and dose otherwise. */
    Plan of(Plan plan, boolean often) {
        Plan other = plan;
        OptionalInt out = numbered("out-");
        OptionalInt split = numbered("split-");
        if (out.isPresent() && out.getAsInt() <= plan.steps().size() && plan.steps().size() > 1) {
            other = other.without(out.getAsInt() - 1);
        } else if (split.isPresent() && split.getAsInt() <= plan.steps().size()) {
            other = other.splitAt(split.getAsInt() - 1);
        }
        if (dose().isPresent()) {
            other = other.dosed(dose().getAsInt());
        }
        Optional<PassChoice> by = rule();
        if (by.isPresent()) {
            other = other.passedBy(by.get().rule(Run.DEFAULT, null, plan.kind(), null, often));
        }
        return other;
    }

    /** On which step they begin, 0-based, where they began on another before the change. */
    int from(int before) {
        int out = numbered("out-").orElse(Integer.MAX_VALUE) - 1;
        int split = numbered("split-").orElse(Integer.MAX_VALUE) - 1;
        return out < before ? before - 1 : split <= before && split < Integer.MAX_VALUE - 1 ? before + (split < before ? 1 : 0) : before;
    }

    private OptionalInt numbered(String what) {
        return step != null && step.startsWith(what) ? whole(step.substring(what.length()), 999) : OptionalInt.empty();
    }

    private static OptionalInt whole(@Nullable String typed, int most) {
        String text = Objects.requireNonNullElse(typed, "").strip();
        int value = text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        return value >= 1 && value <= most ? OptionalInt.of(value) : OptionalInt.empty();
    }
}
