package cahier.core.coach;

import cahier.core.rest.Work;
import java.util.List;

/** What a worried dog shows before it is too much, as owners tap it on the pages of fear work (docs/rules.md 5). */
public enum EarlySign {

    STIFF("Stiff"), HELD_BREATH("Held its breath"), LOOKED_AWAY("Looked away"), LICKED_LIPS("Licked its lips"), YAWNED("Yawned"), HACKLES("Hackles");

    /** LOOKED_AWAY so often since the last break is a break. */
    static final int BREAK_AT = 2;
    /** So many signs in the days looked at say that it works too near to too much. */
    static final int MANY = 4;
    /** Days looked at. */
    public static final int DAYS = 14;

    private final String words;

    EarlySign(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Those that can be seen at this kind of work, six at most. Where a look away is the answer that is paid, it is no sign; nobody sees a dog that is alone. */
    public static List<EarlySign> of(Work work) {
        return switch (work) {
            case STEP, WATCHING -> List.of(values());
            case TOUCH -> List.of(STIFF, HELD_BREATH, LOOKED_AWAY, LICKED_LIPS, YAWNED);
            case EXPOSURE -> List.of(STIFF, HELD_BREATH, LICKED_LIPS, YAWNED, HACKLES);
            case WALK -> List.of(STIFF, LICKED_LIPS, YAWNED, HACKLES);
            case DEPARTURE -> List.of();
        };
    }

    /** Whether the last of these calls for a break: the second look away since the break before. The phone says the same without signal. */
    public static boolean isBreak(List<EarlySign> seen) {
        long away = seen.stream().filter(s -> s == LOOKED_AWAY).count();
        return !seen.isEmpty() && seen.get(seen.size() - 1) == LOOKED_AWAY && away % BREAK_AT == 0;
    }

    /** Whether so many signs in {@link #DAYS} days ask for something easier, although nothing was too much. */
    public static boolean areMany(int signs) {
        return signs >= MANY;
    }
}
