package cahier.app.lesson;

import cahier.app.language.Words;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How often the entries of a calendar repeat, reckoned before any is written out: a rule of a few letters can ask for more than a machine holds. */
final class Repeats {

    /** More than anybody repeats: every hour of a year. */
    private static final long MOST_A_YEAR = 8_784;
    /** More than a rule that began long ago is followed through. */
    private static final long MOST_IN_ALL = 100_000;
    private static final int DAYS = 366;
    private static final Map<String, Integer> TIMES_A_YEAR = Map.of("YEARLY", 1, "MONTHLY", 12, "WEEKLY", 53, "DAILY", DAYS, "HOURLY", (int) MOST_A_YEAR);
    private static final Pattern FOLD = Pattern.compile("\\r?\\n[ \\t]");
    private static final Pattern RULE = Pattern.compile("^(?:RRULE|EXRULE)[^:\\n]*+:([^\\r\\n]*+)", Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);
    private static final List<String> DAY_LISTS = List.of("BYDAY", "BYMONTHDAY", "BYYEARDAY", "BYWEEKNO", "BYMONTH");
    private static final List<String> TIME_LISTS = List.of("BYHOUR", "BYMINUTE", "BYSECOND");

    private Repeats() {
    }

    /**
     * Refuses a file with a rule that nobody means, also where it says what is left out or when the clocks change.
     *
     * @throws CalendarFile.Bad with what it does
     */
    static void check(String file) {
        RULE.matcher(FOLD.matcher(file).replaceAll("")).results().map((MatchResult r) -> r.group(1)).distinct().forEach(rule -> {
            if (aYear(rule) > MOST_A_YEAR) {
                throw new CalendarFile.Bad(Words.say("lesson.Repeats.an-entry-of-this-calendar"));
            }
        });
    }

    /**
     * How many steps it takes to follow an entry through from its start on, 1 or more.
     *
     * @throws CalendarFile.Bad when that is more than {@value #MOST_IN_ALL}
     */
    static long steps(List<String> rules, LocalDate start, LocalDate until, String title) {
        long years = Math.max(1, until.getYear() - (long) start.getYear() + 1);
        long steps = 1 + rules.stream().mapToLong(rule -> aYear(rule) * years).sum();
        if (steps > MOST_IN_ALL) {
            throw new CalendarFile.Bad(Words.say("lesson.Repeats.has-repeated-since-too-often", title, start.getYear()));
        }
        return steps;
    }

    /** At most so many times a year; one that cannot be read counts as more than any. */
    private static long aYear(String rule) {
        Map<String, String> parts = Arrays.stream(rule.toUpperCase(Locale.ROOT).split(";")).map(p -> p.split("=", 2)).filter(p -> p.length == 2)
                .collect(Collectors.toMap(p -> p[0].strip(), p -> p[1], (a, b) -> b));
        Integer often = TIMES_A_YEAR.get(parts.getOrDefault("FREQ", "").strip());
        if (often == null) {
            return Integer.MAX_VALUE;
        }
        long days = often >= DAYS || DAY_LISTS.stream().noneMatch(parts::containsKey) ? often : DAYS;
        return TIME_LISTS.stream().mapToLong(list -> parts.getOrDefault(list, "").chars().filter(c -> c == ',').count() + 1).reduce(days, (a, b) -> a * b);
    }
}
