package cahier.app.bench;

import cahier.app.draw.Drawing;
import cahier.app.draw.PlanView;
import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.exposure.Triangle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * A recall past a dish as it is typed, dragged or kept, all in metres.
 *
 * @param caller from the dog
 * @param side of the dish from the line
 * @param along the line
 * @param hold of the drawing while something is dragged
 */
public record RecallForm(@Nullable String caller, @Nullable String side, @Nullable String along, @Nullable String hold) {

    static final RecallForm USUAL = new RecallForm("8", "3", "3", "");
    private static final int MOST_PASSES = 20;

    /** One pass with the dish. */
    public record Pass(int number, double sideMetres, double pull) {

        /** "dish 2.3 m beside the line, 3 m along it" */
        String words(double along) {
            return Words.say("bench.RecallForm.m-along-it", (sideMetres == 0 ? Words.say("bench.RecallForm.dish-on-the-line") : Words.say("bench.RecallForm.dish-m-beside-the-line", Measures.plain(sideMetres, 1))) + Measures.plain(along, 1));
        }
    }

    /** What it comes to; the first of the passes is the one that was asked. */
    public record Result(Triangle triangle, double caller, double along, List<Pass> passes, Drawing drawing) {

        public String next() {
            return Words.say("bench.RecallForm.next-m-beside-the-line", Measures.plain(triangle.nextSideMetres(), 1));
        }

        public String says() {
            return RecallForm.says(triangle);
        }
    }

    static RecallForm parse(String address) {
        var params = UriComponentsBuilder.fromUriString("?" + address).build().getQueryParams();
        return new RecallForm(params.getFirst("caller"), params.getFirst("side"), params.getFirst("along"), "");
    }

    String address() {
        return String.valueOf(UriComponentsBuilder.newInstance().queryParam("caller", caller).queryParam("side", side).queryParam("along", along).build().getQuery());
    }

    /** Reckons it; empty when something was refused. */
    Optional<Result> read(BenchCheck check) {
        double away = check.metres(Words.say("bench.RecallForm.the-caller"), caller, 1, 100);
        double beside = check.metres("Sideways", side, 0, 50);
        double on = check.metres(Words.say("bench.RecallForm.along-the-line"), along, 0, 100);
        if (check.isFine() && beside == 0 && on == 0) {
            check.refuse("Sideways", Words.say("bench.RecallForm.and-along-the-line-cannot"));
        }
        if (!check.isFine()) {
            return Optional.empty();
        }
        Triangle now = Triangle.of(away, beside, on);
        return Optional.of(new Result(now, away, on, passes(away, beside, on), PlanView.triangle(away, beside, on, now.nextSideMetres(), says(now), hold == null ? "" : hold)));
    }

    private static String says(Triangle t) {
        return Words.say("bench.RecallForm.pull-of-the-dish-at", Measures.plain(t.pull(), 2), Math.round(t.angleDegrees()));
    }

    /** Pass after pass until the dish stands on the line; with nothing along it, until it would stand at the dog. */
    private static List<Pass> passes(double caller, double side, double along) {
        List<Pass> passes = new ArrayList<>();
        double at = side;
        while (passes.size() < MOST_PASSES && (at > 0 || along > 0)) {
            Triangle t = Triangle.of(caller, at, along);
            passes.add(new Pass(passes.size() + 1, at, t.pull()));
            if (at == 0) {
                break;
            }
            at = t.nextSideMetres();
        }
        return passes;
    }
}
