package cahier.app.judge;

import cahier.app.language.Words;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Reason;
import cahier.core.decide.Suggestion;
import cahier.core.pass.Missing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A suggestion in the words of the margin: the verdict in at most four, the evidence in at most three lines. */
public final class SuggestionWords {

    private SuggestionWords() {
    }

    /** "Step up". */
    public static String verdict(Decision decision) {
        return Words.say("verdict." + decision);
    }

    /** The same; of a track that was reopened, that it is worked again. */
    public static String verdict(Decision decision, Cause cause) {
        return decision == Decision.STAY && cause == Cause.REOPENED ? Words.say("verdict.reopened") : verdict(decision);
    }

    /** One line for a list: "It was too much twice in the last 2 sessions." */
    public static String headline(Grounds grounds) {
        Suggestion suggestion = grounds.suggestion();
        return switch (suggestion.cause()) {
            case NOT_YET -> sentence(missing(suggestion.missing()));
            case PASSED -> counted(grounds);
            default -> suggestion.reasons().isEmpty() ? "" : reason(suggestion.reasons().get(0));
        };
    }

    /** The evidence, the weightiest sentence first. */
    public static List<String> evidence(Grounds grounds) {
        Suggestion suggestion = grounds.suggestion();
        List<String> said = new ArrayList<>();
        switch (suggestion.cause()) {
            case PASSED -> {
                said.add(counted(grounds));
                said.add(among(grounds));
            }
            case NOT_YET -> {
                said.add(grounds.reps() == 0 ? Words.say("seen.none") : counted(grounds));
                suggestion.reasons().stream().filter(r -> r.code() == Reason.Code.TOO_MUCH_RECENT || r.code() == Reason.Code.AFTER_PAUSE).forEach(r -> said.add(reason(r)));
                said.add(suggestion.missing().isEmpty() ? "" : Words.say("missing.said", missing(suggestion.missing())));
            }
            default -> {
                suggestion.reasons().forEach(r -> said.add(reason(r)));
                said.add(advice(suggestion));
            }
        }
        said.removeIf(String::isEmpty);
        return said;
    }

    /** "91 chances in 100 that a rep is clean at least 8 times in 10.": the odds that the true rate is at or above the bar; empty where the rate is not what decided. */
    public static String odds(Grounds grounds) {
        boolean aboutRate = switch (grounds.suggestion().cause()) {
            case PASSED, NOT_YET, LOW_RATE, BLOCK, MANY_REPS, STUCK -> true;
            default -> false;
        };
        boolean adjusts = grounds.suggestion().missing().stream().anyMatch(m -> m.what() == Missing.What.AT_THE_GOAL || m.what() == Missing.What.SESSIONS_AT_THE_GOAL); // there the rate follows the criterion
        if (grounds.of() == 0 || !aboutRate || adjusts) {
            return "";
        }
        return Words.say("odds.said", Math.round(100 * grounds.odds()));
    }

    private static String counted(Grounds grounds) {
        int run = grounds.suggestion().reasons().stream().filter(r -> r.code() == Reason.Code.RUN).mapToInt(Reason::value).findFirst().orElse(0);
        return run > 1 ? Words.say("seen.clean-in-a-row", grounds.clean(), grounds.of(), run) : Words.say("seen.clean", grounds.clean(), grounds.of());
    }

    private static String among(Grounds grounds) {
        int handlers = grounds.people().size();
        int places = grounds.places().size();
        if (handlers > 1 && places > 1) {
            return Words.say("seen.handlers-and-places", handlers, places);
        }
        return handlers > 1 ? Words.say("seen.handlers", handlers) : places > 1 ? Words.say("seen.places", places) : "";
    }

    private static String reason(Reason reason) {
        if (reason.code() == Reason.Code.GAP_IN_A_ROW && reason.value() < 2) {
            return "";
        }
        return Words.say("seen." + reason.code(), reason.value(), reason.of(), reason.who());
    }

    private static String advice(Suggestion suggestion) {
        return switch (suggestion.cause()) {
            case STALE -> suggestion.refresh().isPresent() ? "" : Words.say("todo.STALE");
            case PERSON_GAP -> suggestion.reasons().stream().filter(r -> r.code() == Reason.Code.OTHERS_CLEAN).findFirst().map(r -> Words.say("todo.PERSON_GAP", r.who())).orElse("");
            case TOO_MUCH_OFTEN, TOO_MUCH_AGAIN -> Words.say("todo.rest");
            case REOPENED, TOO_MUCH_RECENT, NO_CALMER, GAVE_WAY, ALARM -> Words.say("todo." + suggestion.cause());
            default -> "";
        };
    }

    /** "2 more clean reps in a row, 1 more day". */
    static String missing(List<Missing> missing) {
        return missing.stream().map(m -> Words.say("missing." + m.what(), m.more())).collect(Collectors.joining(Words.say("list.between")));
    }

    private static String sentence(String words) {
        return words.isEmpty() ? "" : words + ".";
    }
}
