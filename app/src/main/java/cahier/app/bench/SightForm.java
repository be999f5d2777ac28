package cahier.app.bench;

import cahier.app.draw.Drawing;
import cahier.app.draw.PlanView;
import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.exposure.OutAndBack;
import cahier.core.exposure.SightChange;
import cahier.core.exposure.SightLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * A sight line as it is typed, dragged or kept: a path, and screens that each stand from so far left to so far right of the dog, at a distance from it.
 *
 * @param path metres away
 * @param pace a {@link Speed}
 * @param lead its length in metres
 * @param wrapped of it around the hand; nothing is none
 * @param hold of the drawing while something is dragged
 */
public record SightForm(@Nullable String path, @Nullable String pieces, @Nullable String pace, @Nullable String lead, @Nullable String wrapped, @Nullable List<String> from, @Nullable List<String> to,
                        @Nullable List<String> at, @Nullable String hold) {

    static final int MOST_SCREENS = 6;
    private static final int MOST_PIECES = 30;
    private static final double FURTHEST = 100;
    private static final double LONGEST_LEAD = 20;
    static final SightForm USUAL = new SightForm("20", "3", Speed.WALKING.name(), "1.5", "", List.of("-60", "2"), List.of("-2", "60"), List.of("12", "12"), "");

    /** A screen as it is typed. */
    public record Row(String from, String to, String at) {

        private boolean isEmpty() {
            return from.isBlank() && to.isBlank() && at.isBlank();
        }
    }

    /**
     * What it comes to.
     *
     * @param circle metres around the handler that the dog reaches
     * @param path metres away
     * @param speeds each of them, whichever was chosen
     */
    public record Result(SightLine line, SightChange change, double circle, double path, int pieces, List<InView> speeds, Drawing drawing) {

        /** Whether whoever comes by on the path comes inside the circle. */
        public boolean isHazard() {
            return path < circle;
        }

        public String verdict() {
            return SightForm.verdict(line);
        }

        public String seconds() {
            return SightForm.seconds(line, pieces);
        }
    }

    /** How long something of one speed is in view, and whether the pieces fit. */
    public record InView(String speed, double seconds, String verdict) {
    }

    static SightForm parse(String address) {
        var params = UriComponentsBuilder.fromUriString("?" + address).build().getQueryParams();
        return new SightForm(params.getFirst("path"), params.getFirst("pieces"), params.getFirst("pace"), params.getFirst("lead"), params.getFirst("wrapped"), params.get("from"), params.get("to"), params.get("at"), "");
    }

    /** What is in the address of the page: the set-up without its screens that were left empty. */
    String address() {
        UriComponentsBuilder builder = UriComponentsBuilder.newInstance().queryParam("path", path).queryParam("pieces", pieces).queryParam("pace", speed().name()).queryParam("lead", lead);
        if (isWrapped()) {
            builder.queryParam("wrapped", wrapped);
        }
        rows().forEach(r -> builder.queryParam("from", r.from()).queryParam("to", r.to()).queryParam("at", r.at()));
        return String.valueOf(builder.build().getQuery());
    }

    private boolean isWrapped() {
        return wrapped != null && !wrapped.isBlank();
    }

    public Speed speed() {
        return Arrays.stream(Speed.values()).filter(s -> s.name().equals(pace)).findFirst().orElse(Speed.WALKING);
    }

    /** The screens that say anything. */
    public List<Row> rows() {
        int rows = Math.max(size(from), Math.max(size(to), size(at)));
        return IntStream.range(0, rows).mapToObj(i -> new Row(cell(from, i), cell(to, i), cell(at, i))).filter(r -> !r.isEmpty()).toList();
    }

    private static int size(@Nullable List<String> list) {
        return list == null ? 0 : list.size();
    }

    private static String cell(@Nullable List<String> list, int i) {
        return list != null && i < list.size() && list.get(i) != null ? list.get(i).strip() : "";
    }

    /** The same with another screen, in the middle between dog and path. */
    SightForm withOneMore() {
        double away = path != null && path.matches("\\d{1,3}(\\.\\d+)?") ? Double.parseDouble(path) / 2 : 1;
        List<Row> all = new ArrayList<>(rows());
        all.add(new Row("-1", "1", Measures.plain(away, 1)));
        return with(all);
    }

    SightForm without(int screen) {
        List<Row> all = new ArrayList<>(rows());
        if (screen >= 0 && screen < all.size()) {
            all.remove(screen);
        }
        return with(all);
    }

    /** The dog somewhere else along the path: for it, everything that stands moves the other way. */
    SightForm moved(double right) {
        return with(rows().stream().map(r -> new Row(less(r.from(), right), less(r.to(), right), r.at())).toList());
    }

    SightForm paying(int fewer) {
        return new SightForm(path, Integer.toString(fewer), pace, lead, wrapped, from, to, at, "");
    }

    private static String less(String metres, double by) {
        return metres.matches("-?\\d{1,3}(\\.\\d+)?") ? Measures.plain(Double.parseDouble(metres) - by, 2) : metres;
    }

    private SightForm with(List<Row> all) {
        return new SightForm(path, pieces, pace, lead, wrapped, all.stream().map(Row::from).toList(), all.stream().map(Row::to).toList(), all.stream().map(Row::at).toList(), "");
    }

    /** Reckons it; empty when something was refused. */
    Optional<Result> read(BenchCheck check) {
        double away = check.metres(Words.say("bench.SightForm.the-path"), path, 1, FURTHEST);
        int paid = check.whole("Treats", pieces, 0, MOST_PIECES);
        double length = check.metres(Words.say("bench.SightForm.the-lead"), lead, 0, LONGEST_LEAD);
        double held = isWrapped() ? OutAndBack.leadReach(length, Math.min(length, check.metres(Words.say("bench.SightForm.what-is-wrapped-of-it"), wrapped, 0, length))) : length;
        List<Row> rows = rows();
        if (rows.size() > MOST_SCREENS) {
            check.refuse("Screens", Words.say("bench.SightForm.must-be-at-most-were", MOST_SCREENS, rows.size()));
            return Optional.empty();
        }
        List<SightLine.Screen> screens = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            screens.add(screen(check, i + 1, rows.get(i), away));
        }
        if (!check.isFine()) {
            return Optional.empty();
        }
        SightLine line = SightLine.of(away, screens, speed().metresPerSecond(), paid, SightLine.REACH);
        double circle = SightLine.leadCircle(held);
        return Optional.of(new Result(line, SightChange.of(away, screens, speed().metresPerSecond(), paid, SightLine.REACH), circle, away, paid, speeds(away, screens, paid),
                PlanView.sight(away, screens, line, circle, verdict(line) + ". " + seconds(line, paid), hold == null ? "" : hold)));
    }

    private static List<InView> speeds(double path, List<SightLine.Screen> screens, int pieces) {
        return Arrays.stream(Speed.values()).map(s -> {
            SightLine line = SightLine.of(path, screens, s.metresPerSecond(), pieces, SightLine.REACH);
            return new InView(s.words(), line.seconds(), switch (line.verdict()) {
                case HIDDEN -> "hidden";
                case TOO_SHORT -> Words.say("bench.SightForm.too-short");
                case FITS -> "fits";
                case LONG -> Words.say("bench.SightForm.long-in-view");
            });
        }).toList();
    }

    private static SightLine.Screen screen(BenchCheck check, int number, Row row, double path) {
        String name = Words.say("bench.SightForm.screen", number);
        double left = check.metres(name + "from", row.from(), -FURTHEST, FURTHEST);
        double right = check.metres(name + "to", row.to(), -FURTHEST, FURTHEST);
        double away = check.metres(name + "away", row.at(), 0.1, FURTHEST);
        if (check.isFine() && away >= path) {
            check.refuse(name + "away", Words.say("bench.SightForm.must-be-nearer-than-the", Measures.distance(path), row.at()));
        }
        return new SightLine.Screen(left, away, right, away);
    }

    private static String verdict(SightLine line) {
        return switch (line.verdict()) {
            case HIDDEN -> Words.say("bench.SightForm.the-path-is-hidden");
            case TOO_SHORT -> Words.say("bench.SightForm.too-short-2");
            case FITS -> Words.say("bench.SightForm.it-fits");
            case LONG -> Words.say("bench.SightForm.long-in-view-it-looks");
        };
    }

    private static String seconds(SightLine line, int pieces) {
        return line.widest().isEmpty() ? "" : Words.say("bench.SightForm.s-in-view-s-needed", Measures.plain(line.seconds(), 1), Measures.plain(line.neededSeconds(), 1), pieces);
    }
}
