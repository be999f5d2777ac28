package cahier.core.exposure;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Looks a minute apart. */
public final class Looks {

    private static final Instant START = Instant.parse("2026-06-01T08:00:00Z");

    private Looks() {
    }

    /** All at one distance, each of which moves it. */
    public static List<Looked> at(double metres, List<Response> answers) {
        return of(answers.stream().map(a -> new Exposure(metres, a)).toList(), 0);
    }

    /** The first of them came before the distance was set. */
    public static List<Looked> of(List<Exposure> met, int before) {
        List<Looked> looks = new ArrayList<>();
        met.forEach(e -> looks.add(new Looked(START.plusSeconds(60L * looks.size()), e, looks.size() >= before)));
        return looks;
    }

    /** As the worked cases say it. */
    public static Response said(String letter) {
        return switch (letter) {
            case "u" -> Response.UNPROMPTED;
            case "p" -> Response.PROMPTED;
            case "s" -> Response.STARED;
            case "r" -> Response.REACTED;
            default -> throw new IllegalArgumentException(letter);
        };
    }
}
