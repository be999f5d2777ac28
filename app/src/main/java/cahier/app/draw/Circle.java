package cahier.app.draw;

/** A ring as two arcs. */
final class Circle {

    private Circle() {
    }

    static String at(double x, double y, double r) {
        String radius = Path.number(r);
        return "M" + Path.number(x - r) + " " + Path.number(y) + "a" + radius + " " + radius + " 0 1 0 " + Path.number(2 * r) + " 0a"
                + radius + " " + radius + " 0 1 0 " + Path.number(-2 * r) + " 0";
    }
}
