package cahier.app.roadmap;

import cahier.app.language.Words;

/** A need, or a new order of steps, that would go round in a circle. */
public class GoesRound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    GoesRound(String round) {
        super(Words.say("roadmap.GoesRound.that-would-go-round-in", round));
    }
}
