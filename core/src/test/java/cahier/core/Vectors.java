package cahier.core;

import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Hold;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;
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
import java.util.OptionalDouble;
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

    public static PassRule rule(JsonNode rule) {
        JsonNode s = rule.path("spread");
        Spread spread = new Spread(s.path("days").asInt(), s.path("sessions").asInt(), s.path("people").asInt(), s.path("places").asInt(),
                s.path("coldClean").asInt(), s.path("coldOf").asInt());
        return switch (rule.get("kind").asText()) {
            case "RUN" -> new Run(rule.get("k").asInt(), spread);
            case "RATE" -> new Rate(rule.get("p").asDouble(), rule.get("n").asInt(), spread);
            case "BLOCK" -> new Block(rule.get("n").asInt(), rule.get("up").asInt(), rule.get("down").asInt(), spread);
            case "CALM" -> new Calm(rule.get("s").asInt(), rule.get("m").asInt(), spread);
            case "ODDS" -> new Odds(rule.get("bar").asDouble(), rule.get("confidence").asDouble(), spread);
            case "HOLD" -> new Hold(rule.get("target").asDouble(), rule.get("k").asInt(), Hold.Direction.valueOf(rule.get("direction").asText()), spread);
            default -> throw new IllegalArgumentException("kind must be a pass rule, was " + rule.get("kind"));
        };
    }

    /** Sessions are 3 hours apart and more, so that each starts cold; a rep takes half a minute. */
    public static Visit visit(JsonNode sessions) {
        List<Session> list = new ArrayList<>();
        LocalDate before = LocalDate.MIN;
        int ofDay = 0;
        for (JsonNode s : sessions) {
            LocalDate day = FIRST_DAY.plusDays(s.get("day").asInt());
            ofDay = day.equals(before) ? ofDay + 1 : 0;
            before = day;
            Instant start = day.atTime(0, 0).toInstant(ZoneOffset.UTC).plusSeconds(3600L * 3 * ofDay);
            list.add(withValues(session(s.get("person").asText(), s.get("place").asText(), day, start, outcomes(s.get("outcomes"))), s.path("values")));
        }
        list.sort(Comparator.comparing(Session::start));
        return new Visit(list);
    }

    private static Session withValues(Session session, JsonNode values) {
        List<Rep> reps = new ArrayList<>();
        for (int i = 0; i < session.reps().size(); i++) {
            Rep rep = session.reps().get(i);
            reps.add(values.has(i) ? new Rep(rep.id(), rep.at(), rep.outcome(), rep.role(), OptionalDouble.of(values.get(i).asDouble())) : rep);
        }
        return new Session(session.person(), session.place(), session.day(), session.coldStart(), reps);
    }

    public static Session session(String person, String place, LocalDate day, Instant start, List<Outcome> outcomes) {
        List<Rep> reps = new ArrayList<>();
        for (Outcome outcome : outcomes) {
            reps.add(new Rep(new UUID(start.getEpochSecond(), reps.size()), start.plusSeconds(30L * reps.size()), outcome, Role.WORK));
        }
        return new Session(person, place, day, true, reps);
    }
}
