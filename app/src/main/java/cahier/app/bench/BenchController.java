package cahier.app.bench;

import cahier.app.draw.PlanView;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.exposure.SightChange;
import cahier.core.exposure.SightLine;
import cahier.core.exposure.Triangle;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The set-up bench. A set-up is all in its address, which can be kept. */
@Controller
class BenchController {

    private static final int MOST_PIECES = 30;
    private static final int MOST_PASSES = 20;

    /** How fast what comes by is. */
    enum Pace {
        WALKING("walking", SightLine.WALKING), JOGGING("jogging", SightLine.JOGGING), CYCLING("cycling", SightLine.CYCLING);

        private final String words;
        private final double speed;

        Pace(String words, double speed) {
            this.words = words;
            this.speed = speed;
        }

        public String words() {
            return words;
        }
    }

    /** A sight line as it is typed: up to two screens, each from so far left to so far right of the dog, at a distance from it. */
    record Sight(@Nullable String path, @Nullable String pieces, @Nullable Pace pace, @Nullable String lead, @Nullable String from1, @Nullable String to1, @Nullable String at1, @Nullable String from2,
                 @Nullable String to2, @Nullable String at2) {

        static final Sight USUAL = new Sight("20", "3", Pace.WALKING, "1.5", "-60", "-2", "12", "2", "60", "12");
    }

    /** A triangle as it is typed. */
    record Recall(@Nullable String caller, @Nullable String side, @Nullable String along) {

        static final Recall USUAL = new Recall("8", "3", "3");
    }

    /** One pass. */
    public record Pass(int number, String side, String pull) {
    }

    @GetMapping("/bench")
    String bench() {
        return "redirect:/bench/sight-line";
    }

    @GetMapping("/bench/sight-line")
    String sight(@ModelAttribute("form") Sight typed, BindingResult result, Model model) {
        Sight form = typed.path() == null ? Sight.USUAL : typed;
        Check check = new Check(result);
        double path = metres(check, "path", form.path(), 1, 100);
        int pieces = check.whole("pieces", form.pieces(), 0, MOST_PIECES);
        double lead = metres(check, "lead", form.lead(), 0, 20);
        Pace pace = form.pace() == null ? Pace.WALKING : form.pace();
        List<SightLine.Screen> screens = new ArrayList<>();
        screen(check, "1", form.from1(), form.to1(), form.at1(), path, screens);
        screen(check, "2", form.from2(), form.to2(), form.at2(), path, screens);
        model.addAttribute("typed", form);
        model.addAttribute("pace", pace);
        model.addAttribute("paces", Pace.values());
        model.addAttribute("refusals", result.getFieldErrors().stream().map(e -> label(e.getField()) + " " + e.getDefaultMessage() + ".").toList());
        if (!result.hasErrors()) {
            SightLine line = SightLine.of(path, screens, pace.speed, pieces, SightLine.REACH);
            String seconds = line.widest().isEmpty() ? "" : Measures.plain(line.seconds(), 1) + " s in view, " + Measures.plain(line.neededSeconds(), 1) + " s needed for " + pieces + (pieces == 1 ? " piece." : " pieces.");
            model.addAttribute("line", line);
            model.addAttribute("verdict", verdict(line));
            model.addAttribute("seconds", seconds);
            model.addAttribute("change", SightChange.of(path, screens, pace.speed, pieces, SightLine.REACH));
            model.addAttribute("circle", Measures.distance(SightLine.leadCircle(lead)));
            model.addAttribute("drawing", PlanView.sight(path, screens, line, SightLine.leadCircle(lead), verdict(line) + ". " + seconds));
        }
        return "bench/sight-line";
    }

    private static void screen(Check check, String n, @Nullable String from, @Nullable String to, @Nullable String at, double path, List<SightLine.Screen> screens) {
        if (isEmpty(from) && isEmpty(to) && isEmpty(at)) {
            return;
        }
        double left = metres(check, "from" + n, from, -100, 100);
        double right = metres(check, "to" + n, to, -100, 100);
        double away = metres(check, "at" + n, at, 0.5, 100);
        if (away >= path && !check.isRefused("at" + n) && !check.isRefused("path")) {
            check.refuse("at" + n, "must be nearer than the path, " + Measures.distance(path) + ", was “" + at + "”");
        } else {
            screens.add(new SightLine.Screen(left, Math.max(away, Double.MIN_NORMAL), right, Math.max(away, Double.MIN_NORMAL)));
        }
    }

    private static boolean isEmpty(@Nullable String typed) {
        return typed == null || typed.isBlank();
    }

    /** Metres as a plain number, also below 0: to the left. */
    private static double metres(Check check, String field, @Nullable String typed, double least, double most) {
        String value = typed == null ? "" : typed.strip().replace(',', '.');
        if (value.matches("-?\\d{1,3}(\\.\\d{1,2})?") && Double.parseDouble(value) >= least && Double.parseDouble(value) <= most) {
            return Double.parseDouble(value);
        }
        check.refuse(field, "must be a number of metres from " + Measures.plain(least, 1) + " to " + Measures.plain(most, 0) + ", was “" + value + "”");
        return Math.max(least, 1);
    }

    private static String label(String field) {
        return switch (field) {
            case "path" -> "The path";
            case "pieces" -> "Pieces";
            case "lead" -> "The lead";
            case "caller" -> "The caller";
            case "side" -> "Sideways";
            case "along" -> "Along the line";
            default -> (field.startsWith("from") ? "From, screen " : field.startsWith("to") ? "To, screen " : "Away, screen ") + field.charAt(field.length() - 1);
        };
    }

    private static String verdict(SightLine line) {
        return switch (line.verdict()) {
            case HIDDEN -> "The path is hidden";
            case TOO_SHORT -> "Too short";
            case FITS -> "It fits";
            case LONG -> "Long in view: it looks away more than once";
        };
    }

    @GetMapping("/bench/triangle")
    String triangle(@ModelAttribute("form") Recall typed, BindingResult result, Model model) {
        Recall form = typed.caller() == null ? Recall.USUAL : typed;
        Check check = new Check(result);
        double caller = metres(check, "caller", form.caller(), 1, 100);
        double side = metres(check, "side", form.side(), 0, 50);
        double along = metres(check, "along", form.along(), 0, 100);
        if (side == 0 && along == 0 && !result.hasErrors()) {
            check.refuse("side", "and along the line cannot both be 0: the dish would stand at the dog");
        }
        model.addAttribute("typed", form);
        model.addAttribute("refusals", result.getFieldErrors().stream().map(e -> label(e.getField()) + " " + e.getDefaultMessage() + ".").toList());
        if (!result.hasErrors()) {
            Triangle now = Triangle.of(caller, side, along);
            String said = "Pull of the dish " + Measures.plain(now.pull(), 2) + ", at " + Math.round(now.angleDegrees()) + " degrees from the way to the caller.";
            model.addAttribute("says", said);
            model.addAttribute("next", Measures.plain(now.nextSideMetres(), 1));
            model.addAttribute("passes", passes(caller, side, along));
            model.addAttribute("drawing", PlanView.triangle(caller, side, along, now.nextSideMetres(), said));
        }
        return "bench/triangle";
    }

    /** Pass after pass until the dish stands on the line. */
    private static List<Pass> passes(double caller, double side, double along) {
        List<Pass> passes = new ArrayList<>();
        OptionalDouble at = OptionalDouble.of(side);
        while (at.isPresent() && passes.size() < MOST_PASSES && (at.getAsDouble() > 0 || along > 0)) {
            Triangle t = Triangle.of(caller, at.getAsDouble(), along);
            passes.add(new Pass(passes.size() + 1, Measures.plain(at.getAsDouble(), 1), Measures.plain(t.pull(), 2)));
            at = at.getAsDouble() == 0 ? OptionalDouble.empty() : OptionalDouble.of(t.nextSideMetres());
        }
        return passes;
    }
}
