package cahier.app.desk;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.lesson.Triage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What the database needs to know of {@link Triage} to sort by it (docs/rules.md 20): every figure comes from there, the statement only takes the highest and a share of the rest.
 *
 * @param reasons JSON of each open suggestion that weighs something, {"UP/RULE_PASSED":30}
 * @param staying suggestions that wait for an answer, as an array of the database
 * @param silent JSON of points by days without practice, from 0 on; more days weigh as the last
 * @param days the last index of these
 */
record DeskWeights(String reasons, String staying, String silent, int days, double alarm, double soon, double question, double share, double most) {

    static final DeskWeights USUAL = usual();

    private static DeskWeights usual() {
        Map<String, Double> reasons = new TreeMap<>();
        List<String> staying = new ArrayList<>();
        for (Decision decision : Decision.values()) {
            for (Cause cause : Cause.values()) {
                code(decision, cause).ifPresent(code -> reasons.put(key(decision, cause), points(code)));
                if (decision.staysOpen(cause)) {
                    staying.add(key(decision, cause));
                }
            }
        }
        List<Double> silent = new ArrayList<>(List.of(silent(0)));
        while (silent.size() <= Triage.Reason.SILENT_FROM || !silent(silent.size()).equals(silent.get(silent.size() - 1))) {
            silent.add(silent(silent.size()));
        }
        return new DeskWeights(reasons.entrySet().stream().map(r -> "\"" + r.getKey() + "\":" + r.getValue()).collect(Collectors.joining(",", "{", "}")), "{" + String.join(",", staying) + "}",
                silent.toString(), silent.size() - 1, points(Triage.Code.ALARM), points(Triage.Code.LESSON_SOON), points(Triage.Code.QUESTION), Triage.REST_SHARE, Triage.REST_MOST);
    }

    /** As desk_row keeps an open suggestion. */
    private static String key(Decision decision, Cause cause) {
        return decision + "/" + cause;
    }

    private static Double silent(int days) {
        return new Triage.Reason(Triage.Code.SILENT, days, 0).points();
    }

    private static double points(Triage.Code code) {
        return new Triage.Reason(code, 0, 0).points();
    }

    /** What an open suggestion weighs; staying and not yet passed weigh nothing. */
    static Optional<Triage.Code> code(Decision suggested, Cause cause) {
        boolean tooMuch = cause == Cause.TOO_MUCH;
        return Optional.ofNullable(switch (suggested) {
            case CALL -> cause == Cause.ALARM ? Triage.Code.ALARM : Triage.Code.CALL;
            case BACK -> tooMuch ? Triage.Code.BACK_TOO_MUCH : Triage.Code.BACK;
            case SPLIT -> tooMuch ? Triage.Code.SPLIT_TOO_MUCH : Triage.Code.SPLIT;
            case UP -> Triage.Code.UP;
            case DONE -> Triage.Code.DONE;
            case REFRESH -> Triage.Code.REFRESH;
            case STAY -> switch (cause) {
                case TOO_MUCH_RECENT, GAVE_WAY -> Triage.Code.TOO_MUCH_RECENT;
                case PERSON_GAP -> Triage.Code.PERSON_GAP;
                case REOPENED -> Triage.Code.REOPENED;
                default -> null;
            };
        });
    }
}
