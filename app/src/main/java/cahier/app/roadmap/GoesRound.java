package cahier.app.roadmap;

/** A need, or a new order of steps, that would go round in a circle. */
public class GoesRound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    GoesRound(String round) {
        super("That would go round in a circle: " + round + ".");
    }
}
