package cahier.app.web;

import cahier.app.language.Language;
import cahier.app.language.Words;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.ValueRange;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Dates and times as pages write them (docs/interface.md 6), in the form of their reader's language: "Thursday 18 June", "18 Jun", "9:15". */
public final class Dates {

    private static final int HOUR_OF_ONE_DIGIT = "9:15".length();
    private static final ValueRange YEARS = ValueRange.of(2000, 2099);
    private static final DateTimeFormatter INPUT = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm", Locale.UK);

    /** By language and key of its form. */
    private static final Map<String, DateTimeFormatter> WRITTEN = new ConcurrentHashMap<>();

    private Dates() {
    }

    private static DateTimeFormatter written(String key) {
        Language language = Language.current();
        return WRITTEN.computeIfAbsent(language.tag() + key, k -> DateTimeFormatter.ofPattern(Words.form(key), language.locale()));
    }

    /** "Thursday 18 June". */
    public static String longDate(LocalDate date) {
        return written("date.long").format(date);
    }

    /** "Thursday 18 June 2026", where it will be read in another year. */
    public static String fullDate(LocalDate date) {
        return written("date.full").format(date);
    }

    /** "18 Jun". */
    public static String shortDate(LocalDate date) {
        return written("date.short").format(date);
    }

    /** "Mon 15". */
    public static String day(LocalDate date) {
        return written("date.day").format(date);
    }

    /** "9:15". */
    public static String time(Instant at, ZoneId zone) {
        return written("date.time").format(at.atZone(zone));
    }

    /** ", 10:15 there" where the clocks of a household differ from the trainer's at that moment; else empty. */
    public static String there(Instant at, ZoneId trainers, ZoneId households) {
        return trainers.getRules().getOffset(at).equals(households.getRules().getOffset(at)) ? "" : Words.say("day.there", time(at, households));
    }

    /** "today", "yesterday", or "Thu 18 Jun", with its year where that is not this one's; each with the time. */
    public static String moment(Instant at, ZoneId zone, LocalDate today) {
        LocalDate date = at.atZone(zone).toLocalDate();
        long days = ChronoUnit.DAYS.between(date, today);
        String day = days == 0 ? Words.say("day.today") : days == 1 ? Words.say("day.yesterday") : days == -1 ? Words.say("day.tomorrow") : written("date.middle").format(date) + (date.getYear() == today.getYear() ? "" : " " + date.getYear());
        return Words.say("day.at", day, time(at, zone));
    }

    /** As a date and time field wants it: "2026-06-18T09:15". */
    public static String input(Instant at, ZoneId zone) {
        return INPUT.format(at.atZone(zone));
    }

    /** Reads "2026-06-18"; nothing where it is no date of this century. */
    public static Optional<LocalDate> parsed(String typed) {
        try {
            return Optional.of(LocalDate.parse(typed.strip())).filter(d -> YEARS.isValidIntValue(d.getYear()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** Reads "2026-06-18T09:15"; nothing where it is no time of this century. */
    public static Optional<LocalDateTime> parsedTime(String typed) {
        try {
            return Optional.of(LocalDateTime.parse(typed.strip())).filter(t -> YEARS.isValidIntValue(t.getYear()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** Reads "9:15" or "09:15"; seconds are left out. The refusal shows the example. */
    public static LocalTime wallTime(String typed, String example) {
        String plain = typed.strip();
        try {
            return LocalTime.parse(plain.length() == HOUR_OF_ONE_DIGIT ? "0" + plain : plain).truncatedTo(ChronoUnit.MINUTES);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException(Words.say("web.Dates.a-time-must-be-such", example, typed), e);
        }
    }
}
