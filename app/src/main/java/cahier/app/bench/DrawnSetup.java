package cahier.app.bench;

import cahier.app.draw.Drawing;

/** A kept set-up with its drawing and what it says. */
public record DrawnSetup(Setup setup, Drawing drawing, String says) {
}
