package cahier.app.draw;

import cahier.core.exposure.SightLine;
import java.util.ArrayList;
import java.util.List;

/** Set-ups from above: the dog at the foot, what it looks at above it. */
public final class PlanView {

    private static final double WIDTH = 640;
    private static final double SIDE = 24;
    private static final double TOP = 44;
    private static final double FOOT = 34;
    private static final double MOST_HEIGHT = 460;
    private static final double DOG = 7;
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
     */
    public static Drawing sight(double path, List<SightLine.Screen> screens, SightLine line, double circle, String said) {
        double aside = Math.max(path * SEEN_ASIDE / 2, screens.stream().mapToDouble(s -> Math.max(Math.abs(s.x1()), Math.abs(s.x2()))).filter(x -> x < path * 2).max().orElse(0));
        double scale = Math.min((WIDTH - 2 * SIDE) / (2 * aside), (MOST_HEIGHT - TOP - FOOT) / path);
        PlanView plan = new PlanView(scale, WIDTH / 2, TOP + path * scale);
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
            labels.add(new Label((plan.x(w.from()) + plan.x(w.to())) / 2, plan.y(path) - 16, Path.number(w.metres()) + " m seen", "middle", "ynum now"));
        });
        labels.add(new Label(WIDTH, plan.y(path) + 20, "path, " + Path.number(path) + " m", "end", "xlab"));
        labels.add(new Label(plan.middle + DOG + 8, plan.ground + 14, "dog", "start", "xlab now"));
        return new Drawing("plan", WIDTH, plan.ground + FOOT, said, List.of(new Stroke(way.data(), "rule-s"), new Stroke(looks.data(), "pause"), new Stroke(plan.round(0, circle), "goal thin"),
                new Stroke(hides.data(), "screen"), new Stroke(seen.data(), "seen"), new Stroke(plan.dog(), "ink")), labels);
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

    /** A recall past a dish; where it stands next is drawn too. */
    public static Drawing triangle(double caller, double side, double along, double next, String said) {
        double wide = Math.max(side, 2);
        double tall = Math.max(caller, along);
        double scale = Math.min((WIDTH - 2 * SIDE - 160) / wide, (MOST_HEIGHT - TOP - FOOT) / tall);
        PlanView plan = new PlanView(scale, SIDE + 80, TOP + tall * scale);
        Path way = new Path().move(plan.middle, plan.ground).vertical(plan.y(caller));
        Path pull = new Path().move(plan.middle, plan.ground).line(plan.x(side), plan.y(along));
        double dish = 6;
        Path now = new Path().move(plan.x(side) - dish, plan.y(along)).horizontal(plan.x(side) + dish);
        Path then = new Path().move(plan.x(next) - dish, plan.y(along)).horizontal(plan.x(next) + dish);
        Path person = new Path().move(plan.middle - DOG, plan.y(caller)).horizontal(plan.middle + DOG);
        List<Label> labels = List.of(new Label(plan.middle, plan.y(caller) - 12, "caller, " + Path.number(caller) + " m", "middle", "xlab now"), new Label(plan.middle + DOG + 8, plan.ground + 14, "dog", "start", "xlab now"),
                new Label(plan.x(side), plan.y(along) - 12, "dish", "middle", "xlab now"), new Label(plan.x(next), plan.y(along) + 18, "next", "middle", "xlab"));
        return new Drawing("plan", WIDTH, plan.ground + FOOT, said, List.of(new Stroke(way.data(), "ink"), new Stroke(pull.data(), "pause"), new Stroke(person.data(), "goal"), new Stroke(now.data(), "seen"),
                new Stroke(then.data(), "screen"), new Stroke(plan.dog(), "ink")), labels);
    }
}
