package cahier.app.draw;

import cahier.app.language.Words;
import cahier.core.exposure.SightLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Set-ups from above: the dog at the foot, what it looks at above it. */
public final class PlanView {

    private static final double WIDTH = 640;
    private static final double SIDE = 24;
    private static final double TOP = 44;
    private static final double FOOT = 34;
    private static final double MOST_HEIGHT = 460;
    private static final double DOG = 7;
    private static final double DISH = 6;
    private static final double APART = 56;
    private static final double SEEN_ASIDE = 1.4;
    private static final int CIRCLE_POINTS = 24;

    private final double scale;
    private final double middle;
    private final double ground;

    private PlanView(double scale, double middle, double ground) {
        this.scale = scale;
        this.middle = middle;
        this.ground = ground;
    }

    private double x(double metres) {
        return Math.max(0, Math.min(WIDTH, middle + metres * scale));
    }

    private double y(double metres) {
        return ground - metres * scale;
    }

    /**
     * The path and what hides it.
     *
     * @param circle metres around the handler that the dog reaches
     * @param hold {@link Drawing#hold} of the drawing before, while something is dragged; else empty
     */
    public static Drawing sight(double path, List<SightLine.Screen> screens, SightLine line, double circle, String said, String hold) {
        double aside = Math.max(path * SEEN_ASIDE / 2, screens.stream().mapToDouble(s -> Math.max(Math.abs(s.x1()), Math.abs(s.x2()))).filter(x -> x < path * 2).max().orElse(0));
        double scale = Math.min((WIDTH - 2 * SIDE) / (2 * aside), (MOST_HEIGHT - TOP - FOOT) / path);
        PlanView plan = held(hold, WIDTH / 2).orElse(new PlanView(scale, WIDTH / 2, TOP + path * scale));
        Path way = new Path().move(0, plan.y(path)).horizontal(WIDTH);
        Path seen = new Path();
        line.visible().forEach(s -> seen.move(plan.x(s.from()), plan.y(path)).horizontal(plan.x(s.to())));
        Path hides = new Path();
        screens.forEach(s -> hides.move(plan.x(s.x1()), plan.y(s.y1())).line(plan.x(s.x2()), plan.y(s.y2())));
        Path looks = new Path();
        List<Label> labels = new ArrayList<>();
        line.widest().ifPresent(w -> {
            plan.look(looks, w.from(), path);
            plan.look(looks, w.to(), path);
            labels.add(new Label((plan.x(w.from()) + plan.x(w.to())) / 2, plan.y(path) - 16, Words.say("draw.PlanView.m-seen", Path.number(w.metres())), "middle", "ynum now"));
        });
        labels.add(new Label(WIDTH, plan.y(path) + 20, "path, " + Path.number(path) + " m", "end", "xlab"));
        labels.add(new Label(plan.middle + DOG + 8, plan.ground + 14, "dog", "start", "xlab now"));
        return new Drawing("plan", WIDTH, plan.ground + FOOT, said, List.of(new Stroke(way.data(), "rule-s"), new Stroke(looks.data(), "pause"), new Stroke(plan.round(0, circle), "goal thin"),
                new Stroke(hides.data(), "screen"), new Stroke(seen.data(), "seen"), new Stroke(plan.dog(), "ink")), labels, List.of(), plan.hold(), plan.grips(path, screens));
    }

    /** Each screen by its ends and as a whole, the path up and down. */
    private List<Grip> grips(double path, List<SightLine.Screen> screens) {
        List<Grip> grips = new ArrayList<>();
        for (int i = 0; i < screens.size(); i++) {
            SightLine.Screen s = screens.get(i);
            String screen = Words.say("draw.PlanView.screen", (i + 1));
            double left = Math.max(-WIDTH / 2 / scale + SIDE / 2 / scale, Math.min(s.x1(), s.x2()));
            double right = Math.min(WIDTH / 2 / scale - SIDE / 2 / scale, Math.max(s.x1(), s.x2()));
            boolean straight = s.x1() <= s.x2();
            grips.add(new Grip("grip-" + i + "-left", x(left), y(s.y1()), (straight ? "from-" : "to-") + i, "", Words.say("draw.PlanView.left-end", screen, beside(Math.min(s.x1(), s.x2()))), Math.min(s.x1(), s.x2())));
            grips.add(new Grip("grip-" + i + "-right", x(right), y(s.y2()), (straight ? "to-" : "from-") + i, "", Words.say("draw.PlanView.right-end", screen, beside(Math.max(s.x1(), s.x2()))), Math.max(s.x1(), s.x2())));
            grips.add(new Grip("grip-" + i, (x(left) + x(right)) / 2, y((s.y1() + s.y2()) / 2), Words.say("draw.PlanView.from-to", i, i), "at-" + i, Words.say("draw.PlanView.m-away", screen, Path.number(s.y1())), s.y1()));
        }
        grips.add(new Grip("grip-path", SIDE, y(path), "", "path", Words.say("draw.PlanView.the-path-m-away", Path.number(path)), path));
        return grips;
    }

    private static String beside(double metres) {
        return Words.say("draw.PlanView.m-to-the", Path.number(Math.abs(metres)), (metres < 0 ? "left" : "right"));
    }

    private String hold() {
        return String.format(Locale.ROOT, "%.4f %.4f", scale, ground);
    }

    private static Optional<PlanView> held(String hold, double middle) {
        if (!hold.matches("\\d{1,4}\\.\\d{1,4} \\d{1,4}\\.\\d{1,4}")) {
            return Optional.empty();
        }
        String[] parts = hold.split(" ");
        double scale = Double.parseDouble(parts[0]);
        return scale > 0 ? Optional.of(new PlanView(scale, middle, Double.parseDouble(parts[1]))) : Optional.empty();
    }

    private void look(Path looks, double at, double path) {
        double edge = (at > 0 ? WIDTH - middle : -middle) / scale;
        double share = Math.abs(at) > Math.abs(edge) ? edge / at : 1;
        looks.move(middle, ground).line(x(at * share), y(path * share));
    }

    private String dog() {
        return new Path().move(middle, ground - DOG).line(middle + DOG, ground + DOG).horizontal(middle - DOG).line(middle, ground - DOG).data();
    }

    private String round(double metresX, double radius) {
        Path circle = new Path();
        for (int i = 0; i <= CIRCLE_POINTS; i++) {
            double angle = 2 * Math.PI * i / CIRCLE_POINTS;
            double px = middle + (metresX + radius * Math.cos(angle)) * scale;
            double py = ground - radius * Math.sin(angle) * scale;
            if (i == 0) {
                circle.move(px, py);
            } else {
                circle.line(px, py);
            }
        }
        return circle.data();
    }

    /**
     * A recall past a dish; where it stands next is drawn too.
     *
     * @param hold {@link Drawing#hold} of the drawing before, while something is dragged; else empty
     */
    public static Drawing triangle(double caller, double side, double along, double next, String said, String hold) {
        double wide = Math.max(side, 2);
        double tall = Math.max(caller, along);
        double scale = Math.min((WIDTH - 2 * SIDE - 160) / wide, (MOST_HEIGHT - TOP - FOOT) / tall);
        PlanView plan = held(hold, SIDE + 80).orElse(new PlanView(scale, SIDE + 80, TOP + tall * scale));
        Path way = new Path().move(plan.middle, plan.ground).vertical(plan.y(caller));
        Path pull = new Path().move(plan.middle, plan.ground).line(plan.x(side), plan.y(along));
        Path now = new Path().move(plan.x(side) - DISH, plan.y(along)).horizontal(plan.x(side) + DISH);
        Path then = new Path().move(plan.x(next) - DISH, plan.y(along)).horizontal(plan.x(next) + DISH);
        Path person = new Path().move(plan.middle - DOG, plan.y(caller)).horizontal(plan.middle + DOG);
        List<Label> labels = List.of(new Label(plan.middle, plan.y(caller) - 16, "caller, " + Path.number(caller) + " m", "middle", "xlab now"), new Label(plan.middle + DOG + 8, plan.ground + 14, "dog", "start", "xlab now"),
                new Label(plan.x(side), plan.y(along) - 16, "dish", "middle", "xlab now"), plan.next(next, side, along));
        List<Grip> grips = List.of(new Grip("grip-dish", plan.x(side), plan.y(along), "side", "along", Words.say("draw.PlanView.the-dish-m-beside-the", Path.number(side), Path.number(along)), side),
                new Grip("grip-caller", plan.middle, plan.y(caller), "", "caller", Words.say("draw.PlanView.the-caller-m-from-the", Path.number(caller)), caller));
        return new Drawing("plan", WIDTH, plan.ground + FOOT, said, List.of(new Stroke(way.data(), "ink"), new Stroke(pull.data(), "pause"), new Stroke(person.data(), "goal"), new Stroke(now.data(), "seen"),
                new Stroke(then.data(), "screen"), new Stroke(plan.dog(), "ink")), labels, List.of(), plan.hold(), grips);
    }

    /** Clear of the line to the dish, which runs below both: above its mark, or left of it where the dish's own label is near. */
    private Label next(double next, double side, double along) {
        boolean apart = Math.abs(x(side) - x(next)) >= APART;
        return apart ? new Label(x(next), y(along) - 16, "next", "middle", "xlab") : new Label(x(next) - DISH - 6, y(along) + 5, "next", "end", "xlab");
    }
}
