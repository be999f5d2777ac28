package cahier.app.judge;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Reason;
import cahier.core.decide.Suggestion;
import cahier.core.pass.Missing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A suggestion in the words of the margin: the verdict in at most four, the evidence in at most three lines. */
public final class SuggestionWords {

    private static final String NBSP = "\u00a0";

    private SuggestionWords() {
    }

    /** "Step up". */
    public static String verdict(Decision decision) {
        return switch (decision) {
            case CALL -> "Stop and call";
            case BACK -> "Step back";
            case SPLIT -> "Split the step";
            case DONE -> "Goal reached";
            case UP -> "Step up";
            case REFRESH -> "Start easier";
            case STAY -> "Stay";
        };
    }

    /** The same; of a track that was reopened, that it is worked again. */
    public static String verdict(Decision decision, Cause cause) {
        return decision == Decision.STAY && cause == Cause.REOPENED ? "Work it again" : verdict(decision);
    }

    /** One line for a list: "Too much, twice, in the last 2 sessions." */
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
                said.add(grounds.reps() == 0 ? "No reps at this step yet." : counted(grounds));
                suggestion.reasons().stream().filter(r -> r.code() == Reason.Code.TOO_MUCH_RECENT || r.code() == Reason.Code.AFTER_PAUSE).forEach(r -> said.add(reason(r)));
                said.add("To pass: " + sentence(missing(suggestion.missing())));
            }
            default -> {
                suggestion.reasons().forEach(r -> said.add(reason(r)));
                said.add(advice(suggestion));
            }
        }
        said.removeIf(String::isEmpty);
        return said;
    }

    /** "91 in 100": the odds that the true rate is at or above the bar; empty where the rate is not what decided. */
    public static String odds(Grounds grounds) {
        boolean aboutRate = switch (grounds.suggestion().cause()) {
            case PASSED, NOT_YET, LOW_RATE, BLOCK, MANY_REPS, STUCK -> true;
            default -> false;
        };
        boolean adjusts = grounds.suggestion().missing().stream().anyMatch(m -> m.what() == Missing.What.AT_THE_GOAL || m.what() == Missing.What.SESSIONS_AT_THE_GOAL); // there the rate follows the criterion
        if (grounds.of() == 0 || !aboutRate || adjusts) {
            return "";
        }
        return Math.round(100 * grounds.odds()) + NBSP + "in" + NBSP + "100";
    }

    private static String counted(Grounds grounds) {
        int run = grounds.suggestion().reasons().stream().filter(r -> r.code() == Reason.Code.RUN).mapToInt(Reason::value).findFirst().orElse(0);
        String all = grounds.clean() + " of the last " + grounds.of() + " clean";
        return run > 1 ? all + ", " + run + " in a row." : all + ".";
    }

    private static String among(Grounds grounds) {
        List<String> parts = new ArrayList<>();
        if (grounds.people().size() > 1) {
            parts.add("with " + grounds.people().size() + " handlers");
        }
        if (grounds.places().size() > 1) {
            parts.add("in " + grounds.places().size() + " places");
        }
        return parts.isEmpty() ? "" : capital(String.join(", ", parts)) + ".";
    }

    private static String reason(Reason reason) {
        int n = reason.value();
        return switch (reason.code()) {
            case TOO_MUCH_RECENT -> "Too much, " + times(n) + ", in the last " + sessions(reason.of()) + ".";
            case TOO_MUCH_IN_LAST -> "Too much, " + times(n) + ", in the last " + reason.of() + " reps of the track.";
            case TOO_MUCH_IN_LATEST -> "Too much again, " + times(n) + ", on the step it went back to.";
            case CLEAN_OF_LAST -> n + " of the last " + reason.of() + " clean.";
            case MORE_OFF_THAN_CLEAN -> n + " more not clean than clean since it went best.";
            case OFF_OF_LAST -> n + " of the last " + reason.of() + " missed or too much.";
            case CALM_PERCENT -> "No calmer over three sittings: calm at " + n + "% of what passed, at " + reason.of() + "% two sittings before, and not calmer towards the end.";
            case CLEAN_OF_BLOCK -> n + " of the last block of " + reason.of() + " clean.";
            case RUN -> n + " clean in a row.";
            case OTHERS_CLEAN -> "Without " + reason.who() + ": " + n + " of " + reason.of() + " clean.";
            case GAP_IN_A_ROW -> n > 1 ? capital(times(n)) + " in a row now." : "";
            case AFTER_PAUSE -> "The first rep after the pause was not clean: only what came since counts.";
            case DAYS_SINCE_REP -> "No reps for " + n + " days.";
            case REPS_IN_VISIT -> n + " reps at this step.";
            case DAYS_IN_VISIT -> n + " days at this step.";
            case REPS_NO_FURTHER -> n + (n == 1 ? " rep" : " reps") + " since it last got further.";
            case DAYS_NO_FURTHER -> n + (n == 1 ? " day" : " days") + " since it last got further.";
            case BEGIN_EASIER_THROUGHOUT -> "The next session is easier throughout.";
            case ALARM_OPEN -> "Stop and call was pressed.";
            case BEGIN_COLD_CHECK -> "The next session is one cold rep.";
            case BEGIN_EASIER -> "The next session begins one step easier; one clean, then three of this step.";
            case BEGIN_HALF_DOSE -> "The next session has half the reps.";
            case TOO_MUCH_SINCE_DONE -> "Too much, " + times(n) + ", since the goal was reached.";
            case COLD_OFF_OF_LAST -> n + " of the last " + reason.of() + " cold reps since the goal not clean.";
            case LEFT_BEFORE -> "It was left by a step back before.";
        };
    }

    private static String advice(Suggestion suggestion) {
        return switch (suggestion.cause()) {
            case REOPENED -> "The goal does not hold: the last step is worked again. Send it with the next homework.";
            case STALE -> suggestion.refresh().isPresent() ? "" : "Begin the next session one step easier.";
            case TOO_MUCH_RECENT -> "The pass is there; a calm session first.";
            case NO_CALMER -> "Sit further off, in a quieter place, or work by distance.";
            case GAVE_WAY -> "It is easier since, by itself.";
            case PERSON_GAP -> "Coach the person before the dog goes back.";
            case ALARM -> "It rests until you decide what comes next.";
            case TOO_MUCH_OFTEN, TOO_MUCH_AGAIN -> "Rest this step until you have spoken.";
            default -> "";
        };
    }

    /** "2 more clean in a row, 1 more day". */
    static String missing(List<Missing> missing) {
        List<String> parts = missing.stream().map(m -> m.more() + " " + switch (m.what()) {
            case CLEAN_IN_A_ROW -> "more clean in a row";
            case REPS -> m.more() == 1 ? "more rep" : "more reps";
            case CLEAN_OF_LAST -> "more clean of the last";
            case CLEAN_OF_BLOCK -> "more clean in the next block";
            case CALM_SESSIONS -> m.more() == 1 ? "more calm session" : "more calm sessions";
            case ODDS_PERCENT -> "in 100 more odds";
            case HOLDS -> "more at the target";
            case AT_THE_GOAL -> "more in a row at the goal";
            case SESSIONS_AT_THE_GOAL -> m.more() == 1 ? "more session at the goal" : "more sessions at the goal";
            case DAYS -> m.more() == 1 ? "more day" : "more days";
            case SESSIONS -> m.more() == 1 ? "more session" : "more sessions";
            case PEOPLE -> m.more() == 1 ? "more person" : "more people";
            case PLACES -> m.more() == 1 ? "more place" : "more places";
            case COLD_CLEAN -> "more clean at the first try of a session";
            case HANDS -> m.more() == 1 ? "more hand" : "more hands";
            case ITEMS -> m.more() == 1 ? "more reward or object" : "more rewards or objects";
        }).toList();
        return String.join(", ", parts);
    }

    private static String sentence(String words) {
        return words.isEmpty() ? "" : words + ".";
    }

    private static String times(int n) {
        return switch (n) {
            case 1 -> "once";
            case 2 -> "twice";
            default -> n + " times";
        };
    }

    private static String sessions(int n) {
        return n == 1 ? "session" : n + " sessions";
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
