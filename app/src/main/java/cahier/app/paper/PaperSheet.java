package cahier.app.paper;

import cahier.app.account.AccountService.Trainer;
import cahier.app.bench.DrawnSetup;
import cahier.app.draw.QrCode;
import cahier.app.draw.Stroke;
import cahier.app.food.FoodLine;
import cahier.app.household.Facts;
import cahier.app.language.Words;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.app.sheet.SheetItem;
import cahier.app.sheet.SheetRest;
import cahier.app.track.StepPlan;
import cahier.app.web.Dates;
import cahier.app.week.PlannedWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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
 * @param now how its exercises are practised today; none of a sheet that is not out any more, which stands as it was issued
 * @param trainers whom to ring
 */
public record PaperSheet(Homework sheet, Facts facts, LocalDate from, String next, String trainer, Optional<String> link, Optional<QrCode> code, List<FoodLine> food, String strangers,
                         List<DrawnSetup> setups, Optional<PlannedWeek> planned, List<Assignment> now, List<Trainer> trainers) {

    private static final int DAYS = 7;
    private static final int MOST_ROWS = 4;
    private static final int MOST_DOTS = 12;

    /** "Pim", "Sorrel and Juniper": the dogs of the exercises, in the order of the sheet. */
    public String dogs() {
        return Stream.concat(sheet.items().stream().map(SheetItem::dogName), sheet.rests().stream().map(SheetRest::dogName)).distinct().collect(Collectors.joining(" and "));
    }

    public String people() {
        return facts.practising();
    }

    private Optional<Assignment> now(SheetItem item) {
        return now.stream().filter(a -> a.item().trackId() == item.trackId()).findFirst();
    }

    /** What holds an exercise back now; empty when nothing does. */
    public String why(SheetItem item) {
        return now(item).map(Assignment::why).orElse("");
    }

    public boolean isPractised(SheetItem item) {
        return now(item).map(Assignment::isPractised).orElse(true);
    }

    public boolean isForGrownUps(SheetItem item) {
        return now(item).filter(Assignment::forGrownUps).isPresent();
    }

    /** The step that is practised: an easier one while a decision waits. */
    public StepPlan plan(SheetItem item) {
        return now(item).map(Assignment::plan).orElse(item.plan());
    }

    public int number(SheetItem item) {
        return now(item).map(Assignment::number).orElse(item.number());
    }

    /** Whom to ring, in one line; empty where no number is kept. */
    public String ring() {
        List<String> parts = new ArrayList<>(trainers.stream().filter(t -> !t.phone().isEmpty()).map(t -> t.name() + " " + t.phoneShown()).toList());
        if (facts.household().hasEmergency()) {
            parts.add((Words.say("paper.PaperSheet.in-an-emergency", facts.household().emergency(), facts.household().emergencyPhoneShown())).strip());
        }
        return String.join(". ", parts);
    }

    public String week() {
        return Words.say("paper.PaperSheet.to", Dates.shortDate(from), Dates.shortDate(from.plusDays(DAYS - 1)));
    }

    /** Its days; of the upkeep, one for the day it is done. */
    public List<String> days(SheetItem item) {
        return item.forUpkeep() ? List.of("once") : IntStream.range(0, DAYS).mapToObj(d -> Dates.day(from.plusDays(d))).toList();
    }

    /** A row of boxes for each session of a day. */
    public List<String> rows(SheetItem item) {
        int sessions = Math.min(MOST_ROWS, plan(item).sessions());
        return switch (sessions) {
            case 1 -> List.of("day");
            case 2 -> List.of("am", "pm");
            default -> IntStream.rangeClosed(1, sessions).mapToObj(Integer::toString).toList();
        };
    }

    /** A dot under each rep's place; where there are more reps than fit, as many as do. */
    public String dots(SheetItem item) {
        return "·".repeat(Math.min(MOST_DOTS, plan(item).reps()));
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
        return String.join(Words.say("paper.PaperSheet.then"), plan(item).teaching().events());
    }
}
