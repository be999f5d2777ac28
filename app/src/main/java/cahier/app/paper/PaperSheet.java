package cahier.app.paper;

import cahier.app.bench.DrawnSetup;
import cahier.app.draw.Stroke;
import cahier.app.food.FoodLine;
import cahier.app.household.Facts;
import cahier.app.household.Person;
import cahier.app.sheet.Homework;
import cahier.app.sheet.SheetItem;
import cahier.app.web.Dates;
import cahier.app.week.PlannedWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A sheet as it is printed.
 *
 * @param from the first day of its week of boxes
 * @param next the next lesson in words, empty when none is planned
 * @param trainer who it is from, with the practice
 * @param link the address of the owner's page, if it is known
 * @param strangers what to say to them
 * @param setups kept for the household when the sheet was issued
 * @param planned its week, where one was planned
 */
public record PaperSheet(Homework sheet, Facts facts, LocalDate from, String next, String trainer, Optional<String> link, Optional<QrCode> code, List<FoodLine> food, String strangers,
                         List<DrawnSetup> setups, Optional<PlannedWeek> planned) {

    private static final int DAYS = 7;
    private static final int MOST_ROWS = 4;
    private static final int MOST_DOTS = 12;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);

    /** "Pim", "Sorrel and Juniper": the dogs of the exercises, in the order of the sheet. */
    public String dogs() {
        return sheet.items().stream().map(SheetItem::dogName).distinct().collect(Collectors.joining(" and "));
    }

    public String people() {
        return facts.handlers().stream().map(Person::name).collect(Collectors.joining(", "));
    }

    public String week() {
        return Dates.shortDate(from) + " to " + Dates.shortDate(from.plusDays(DAYS - 1));
    }

    public List<String> days() {
        return IntStream.range(0, DAYS).mapToObj(d -> DAY.format(from.plusDays(d))).toList();
    }

    /** A row of boxes for each session of a day. */
    public List<String> rows(SheetItem item) {
        int sessions = Math.min(MOST_ROWS, item.plan().sessions());
        return switch (sessions) {
            case 1 -> List.of("day");
            case 2 -> List.of("am", "pm");
            default -> IntStream.rangeClosed(1, sessions).mapToObj(Integer::toString).toList();
        };
    }

    /** A dot under each rep's place; where there are more reps than fit, as many as do. */
    public String dots(SheetItem item) {
        return "·".repeat(Math.min(MOST_DOTS, item.plan().reps()));
    }

    /** How wide a stroke of a drawing is on paper; the PDF writer knows no classes in drawings. */
    public double width(Stroke stroke) {
        return switch (stroke.ink()) {
            case "screen" -> 6;
            case "seen" -> 4;
            case "rule-s", "goal thin" -> 0.75;
            default -> 2;
        };
    }

    public String dash(Stroke stroke) {
        return "pause".equals(stroke.ink()) ? "1,4" : "none";
    }

    /** Events of a chain with a word between them that every font has. */
    public String events(SheetItem item) {
        return String.join(", then ", item.plan().teaching().events());
    }
}
