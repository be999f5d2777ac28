package cahier.app.draw;

import cahier.app.language.Words;
import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** The last reps as notation: one cell a rep, a gap and a caption a session, oldest left (docs/interface.md 5). */
public final class RepStrip {

    private static final double CELL = 16;
    private static final double GAP = 10;
    private static final double BASE = 20.5;
    private static final double LARGE_CELL = 24;
    private static final double LETTER = 6.4;

    private RepStrip() {
    }

    /**
     * The reps of one session.
     *
     * @param caption under the strip, say "Mon 15"
     * @param says what each rep tells when it is pointed at, in order; or nothing
     */
    public record Part(String caption, List<Outcome> reps, List<String> says) {

        /** One whose reps tell nothing more. */
        public Part(String caption, List<Outcome> reps) {
            this(caption, reps, List.of());
        }
    }

    /** The strip of these sessions, oldest first. */
    public static Drawing of(List<Part> sessions) {
        return of(sessions, CELL);
    }

    /** The larger one of a track's own page. */
    public static Drawing large(List<Part> sessions) {
        return of(sessions, LARGE_CELL);
    }

    private static Drawing of(List<Part> sessions, double cell) {
        double base = BASE * cell / CELL;
        List<Spot> spots = new ArrayList<>();
        Map<Outcome, Path> marks = new EnumMap<>(Outcome.class);
        Path ground = new Path();
        List<Label> labels = new ArrayList<>();
        double x = 0;
        for (Part session : sessions) {
            double from = x;
            for (int i = 0; i < session.reps().size(); i++) {
                Outcome outcome = session.reps().get(i);
                Glyph.of(outcome).draw(marks.computeIfAbsent(outcome, o -> new Path()), x, 1, cell / 24);
                if (i < session.says().size()) {
                    spots.add(new Spot(x, 0, cell, base + 2, session.says().get(i)));
                }
                x += cell;
            }
            x = Math.max(x, from + LETTER * session.caption().length());
            ground.move(from, base).horizontal(x);
            labels.add(new Label(from, base + 15, session.caption(), "start", "cap"));
            x += GAP;
        }
        List<Stroke> strokes = new ArrayList<>(List.of(new Stroke(ground.data(), "base")));
        marks.forEach((outcome, path) -> strokes.add(new Stroke(path.data(), Glyph.of(outcome).getInk())));
        return new Drawing("strip", Math.max(1, x - GAP + 1), base + 20, alt(sessions), strokes, labels, spots);
    }

    private static String alt(List<Part> sessions) {
        List<Outcome> all = sessions.stream().flatMap(s -> s.reps().stream()).toList();
        return Words.say("draw.RepStrip.last-reps", all.size(), counts(all));
    }

    /** "8 clean, 4 helped, 6 missed, 2 too much"; outcomes that did not happen are left out. */
    public static String counts(List<Outcome> reps) {
        Map<Outcome, Long> counts = reps.stream().collect(Collectors.groupingBy(o -> o, () -> new EnumMap<>(Outcome.class), Collectors.counting()));
        return counts.entrySet().stream().map(e -> e.getValue() + " " + Glyph.of(e.getKey()).getLabel().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }
}
