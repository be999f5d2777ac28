package cahier.app.draw;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Builds the d attribute of an SVG path; one decimal is finer than a pixel of a phone. */
final class Path {

    private final StringBuilder d = new StringBuilder();

    Path move(double x, double y) {
        d.append('M').append(number(x)).append(' ').append(number(y));
        return this;
    }

    Path line(double x, double y) {
        d.append('L').append(number(x)).append(' ').append(number(y));
        return this;
    }

    Path horizontal(double x) {
        d.append('H').append(number(x));
        return this;
    }

    Path vertical(double y) {
        d.append('V').append(number(y));
        return this;
    }

    /** From here straight up or down, and straight into the end. */
    Path swing(double fromX, double fromY, double toX, double toY) {
        double middle = (fromY + toY) / 2;
        move(fromX, fromY);
        d.append('C').append(number(fromX)).append(' ').append(number(middle)).append(' ').append(number(toX)).append(' ').append(number(middle))
                .append(' ').append(number(toX)).append(' ').append(number(toY));
        return this;
    }

    Path close() {
        d.append('Z');
        return this;
    }

    String data() {
        return d.toString();
    }

    static String number(double value) {
        return BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }
}
