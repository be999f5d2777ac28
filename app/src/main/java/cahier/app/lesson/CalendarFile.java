package cahier.app.lesson;

import cahier.app.language.Words;
import cahier.app.web.CleanText;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.StringWriter;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;

/** A calendar file (.ics) and the times that stand in it. */
public final class CalendarFile {

    /** Repeating entries are written out for so long. */
    static final Duration AHEAD = Duration.ofDays(366);
    /** More than anybody has in a year; a file that says more is a mistake. */
    static final int MOST = 5000;
    /** All entries together are followed through so far and no further: a second or two. */
    private static final long MOST_STEPS = 1_000_000;
    private static final int LONGEST_TITLE = 120;

    private CalendarFile() {
    }

    /** A file that cannot be taken, and why. */
    public static class Bad extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Bad(String why) {
            super(why);
        }
    }

    /**
     * Times in the coming year, earliest first; without what was cancelled, and without what its writer is free in all the same.
     *
     * @param zone of entries that name none, and of whole days
     */
    public static List<Busy> busy(Reader file, ZoneId zone, Instant now) {
        return times(file, zone, now, false);
    }

    /** The same with what its writer is free in: in a calendar of free hours that is all of them. */
    public static List<Busy> any(Reader file, ZoneId zone, Instant now) {
        return times(file, zone, now, true);
    }

    private static List<Busy> times(Reader file, ZoneId zone, Instant now, boolean alsoFree) {
        List<Busy> all = new ArrayList<>();
        long steps = 0;
        for (VEvent event : events(file)) {
            boolean free = "TRANSPARENT".equals(value(event, Property.TRANSP)) && !alsoFree;
            if (!free && !"CANCELLED".equals(value(event, Property.STATUS))) {
                steps += steps(event, zone, now);
                all.addAll(steps > MOST_STEPS ? List.of() : times(event, zone, now));
            }
            if (all.size() > MOST || steps > MOST_STEPS) {
                throw new Bad(Words.say("lesson.CalendarFile.this-calendar-has-more-than", MOST));
            }
        }
        all.sort(Comparator.comparing(Busy::startsAt));
        return all;
    }

    private static List<VEvent> events(Reader file) {
        try {
            StringWriter text = new StringWriter();
            file.transferTo(text);
            Repeats.check(text.toString());
            Calendar calendar = new CalendarBuilder().build(new StringReader(text.toString()));
            return calendar.getComponents(Component.VEVENT);
        } catch (ParserException e) {
            throw new Bad("This is not a calendar file (.ics); it cannot be read from line " + e.getLineNo() + " on.");
        } catch (Bad e) {
            throw e;
        } catch (IOException | RuntimeException e) { // the reader has many ways to say so
            throw new Bad(Words.say("lesson.CalendarFile.this-is-not-a-calendar"));
        }
    }

    private static List<Busy> times(VEvent event, ZoneId zone, Instant now) {
        Instant from = now.minus(Duration.ofDays(1));
        Instant to = now.plus(AHEAD);
        String title = value(event, Property.SUMMARY);
        String kept = title.isEmpty() ? "busy" : title.substring(0, Math.min(LONGEST_TITLE, title.length()));
        return read(title, () -> event.calculateRecurrenceSet(window(start(event), from, to, zone)).stream().map(p -> busy(p, zone, kept)).flatMap(Optional::stream)
                .filter(b -> b.overlaps(from, to)).toList());
    }

    private static long steps(VEvent event, ZoneId zone, Instant now) {
        String title = value(event, Property.SUMMARY);
        return read(title, () -> Repeats.steps(rules(event), instant(start(event), zone).atZone(zone).toLocalDate(), now.plus(AHEAD).atZone(zone).toLocalDate(), title));
    }

    private static <T> T read(String title, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (Bad e) {
            throw e;
        } catch (RuntimeException e) { // a time zone that nobody knows, a rule that contradicts itself
            throw new Bad(Words.say("lesson.CalendarFile.has-a-time-or-a", title));
        }
    }

    private static List<String> rules(VEvent event) {
        return Stream.of(Property.RRULE, Property.EXRULE).flatMap(name -> event.getProperties(name).stream()).map(Property::getValue).toList();
    }

    @SuppressWarnings("deprecation") // its successor is there in the parser only
    private static Temporal start(VEvent event) {
        return event.<Temporal>getStartDate().orElseThrow(() -> new Bad(Words.say("lesson.CalendarFile.has-no-start", value(event, Property.SUMMARY)))).getDate();
    }

    /** The window in the kind of time the entry itself is written in: days, wall time, or a moment. */
    private static Period<? extends Temporal> window(Temporal start, Instant from, Instant to, ZoneId zone) {
        if (start instanceof LocalDate) {
            return new Period<>(from.atZone(zone).toLocalDate(), to.atZone(zone).toLocalDate());
        }
        if (start instanceof LocalDateTime) {
            return new Period<>(from.atZone(zone).toLocalDateTime(), to.atZone(zone).toLocalDateTime());
        }
        if (start instanceof ZonedDateTime at) {
            return new Period<>(from.atZone(at.getZone()), to.atZone(at.getZone()));
        }
        return start instanceof OffsetDateTime at ? new Period<>(from.atOffset(at.getOffset()), to.atOffset(at.getOffset())) : new Period<>(from, to);
    }

    private static Optional<Busy> busy(Period<?> period, ZoneId zone, String title) {
        Instant starts = instant(period.getStart(), zone);
        Instant ends = instant(period.getEnd(), zone);
        return ends.isAfter(starts) ? Optional.of(new Busy(starts, ends, title)) : Optional.empty();
    }

    private static Instant instant(Temporal time, ZoneId zone) {
        if (time instanceof LocalDate day) {
            return day.atStartOfDay(zone).toInstant();
        }
        return time instanceof LocalDateTime wall ? wall.atZone(zone).toInstant() : Instant.from(time);
    }

    private static String value(VEvent event, String name) {
        return event.getProperty(name).map(p -> p.getValue() == null ? "" : CleanText.of(p.getValue()).strip()).orElse("");
    }
}
