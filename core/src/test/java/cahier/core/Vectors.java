package cahier.core;

import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;

/** Worked cases as data; another folder of the same shapes can be given with -Dcahier.vectors=DIR. */
public final class Vectors {

    public static final double TOLERANCE = 1e-6;
    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 3, 2);

    private Vectors() {
    }

    /** The cases of a list, which is the whole file or one of its fields; none at all is an error. */
    public static Stream<JsonNode> cases(String file, String... field) {
        Path path = Path.of(System.getProperty("cahier.vectors", "src/test/resources/vectors"), file);
        try {
            JsonNode list = new ObjectMapper().readTree(path.toFile());
            for (String name : field) {
                list = list.path(name);
            }
            if (!list.isArray() || list.isEmpty()) {
                throw new IllegalStateException(path + " holds no cases" + (field.length == 0 ? "" : " in " + field[0]));
            }
            return StreamSupport.stream(list.spliterator(), false);
        } catch (IOException e) {
            throw new UncheckedIOException(path + " cannot be read", e);
        }
    }

    public static List<Outcome> outcomes(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false).map(n -> Outcome.valueOf(n.asText())).toList();
    }

    public static Run run(JsonNode rule) {
        JsonNode s = rule.path("spread");
        return new Run(rule.get("k").asInt(), new Spread(s.path("days").asInt(), s.path("sessions").asInt(),
                s.path("people").asInt(), s.path("places").asInt(), s.path("coldClean").asInt(), s.path("coldOf").asInt()));
    }

    /** Sessions are 3 hours apart and more, so that each starts cold; a rep takes half a minute. */
    public static Visit visit(JsonNode sessions) {
        List<Session> list = new ArrayList<>();
        int n = 0;
        for (JsonNode s : sessions) {
            LocalDate day = FIRST_DAY.plusDays(s.get("day").asInt());
            Instant start = day.atTime(0, 0).toInstant(ZoneOffset.UTC).plusSeconds(3600L * 3 * (n++ % 8));
            list.add(session(s.get("person").asText(), s.get("place").asText(), day, start, outcomes(s.get("outcomes"))));
        }
        list.sort(Comparator.comparing(Session::start));
        return new Visit(list);
    }

    public static Session session(String person, String place, LocalDate day, Instant start, List<Outcome> outcomes) {
        List<Rep> reps = new ArrayList<>();
        for (Outcome outcome : outcomes) {
            reps.add(new Rep(new UUID(start.getEpochSecond(), reps.size()), start.plusSeconds(30L * reps.size()), outcome, Role.WORK));
        }
        return new Session(person, place, day, true, reps);
    }
}
