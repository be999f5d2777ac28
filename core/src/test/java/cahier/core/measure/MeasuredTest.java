package cahier.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import cahier.core.decide.Case;
import cahier.core.decide.Judge;
import cahier.core.decide.PersonGap;
import cahier.core.decide.Suggestion;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Closer;
import cahier.core.exposure.LongWatching;
import cahier.core.exposure.Looks;
import cahier.core.exposure.Moving;
import cahier.core.exposure.NextSitting;
import cahier.core.exposure.PlaceByPlace;
import cahier.core.exposure.Response;
import cahier.core.handling.HandSeen;
import cahier.core.pass.Missing;
import cahier.core.pass.Reach;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Steps that measure: what is logged becomes reps, the criterion moves, and the goal ends it (docs/rules.md 1, 9, 39). */
class MeasuredTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 6, 1);

    static Stream<JsonNode> of(String part) {
        return Vectors.cases("measured.json", part);
    }

    static Stream<JsonNode> moving() {
        return of("moving");
    }

    static Stream<JsonNode> reach() {
        return of("reach");
    }

    static Stream<JsonNode> headway() {
        return of("headway");
    }

    static Stream<JsonNode> decisions() {
        return of("decisions");
    }

    static Stream<JsonNode> taps() {
        return of("taps");
    }

    private static Measure measure(JsonNode m) {
        return new Measure(Measure.Kind.valueOf(m.get("kind").asText()), m.get("about").asText(), m.get("goal").asDouble(), m.get("cueCounts").asBoolean());
    }

    /** A session a day, at noon; its first rep is a cold one. */
    private static List<Session> sessions(JsonNode list) {
        List<Session> sessions = new ArrayList<>();
        for (JsonNode reps : list) {
            LocalDate day = MONDAY.plusDays(sessions.size());
            Instant at = day.atTime(12, 0).toInstant(ZoneOffset.UTC);
            List<Rep> made = new ArrayList<>();
            for (JsonNode r : reps) {
                made.add(new Rep(new UUID(sessions.size(), made.size()), at.plusSeconds(30L * made.size()), Outcome.valueOf(r.get("outcome").asText()), Role.WORK, OptionalDouble.of(r.get("value").asDouble()), r.get("level").asText()));
            }
            sessions.add(new Session("1", "1", day, true, made));
        }
        return sessions;
    }

    @Test
    void whatIsLoggedBecomesARep() {
        of("looks").forEach(c -> assertThat(Mapping.of(Response.valueOf(c.get("answer").asText()), c.get("cueCounts").asBoolean())).as(c.toString()).isEqualTo(outcome(c)));
        of("touches").forEach(c -> assertThat(Mapping.of(HandSeen.valueOf(c.get("seen").asText()), c.get("stayedAway").asBoolean())).as(c.toString()).isEqualTo(outcome(c)));
        of("departures").forEach(c -> assertThat(Mapping.ofDeparture(c.get("upset").asBoolean())).as(c.toString()).isEqualTo(outcome(c)));
        of("walks").forEach(c -> assertThat(Mapping.ofWalk(c.get("paces").asInt(), c.get("calm").asInt())).as(c.toString()).isEqualTo(outcome(c)));
    }

    private static Outcome outcome(JsonNode c) {
        return Outcome.valueOf(c.get("expect").asText());
    }

    @ParameterizedTest
    @MethodSource("taps")
    void aTapOfASittingIsWhatItsSchoolSays(JsonNode c) {
        List<LongWatching.Moment> before = new ArrayList<>();
        List<String> said = new ArrayList<>();
        for (JsonNode tap : c.get("taps")) {
            LongWatching.Moment moment = new LongWatching.Moment(tap.get(0).asInt(), LongWatching.Seen.valueOf(tap.get(1).asText()));
            said.add(Mapping.ofTap(before, moment, c.get("longWatching").asBoolean()).map(Enum::name).orElse("null"));
            before.add(moment);
        }
        assertThat(said).isEqualTo(Stream.iterate(0, i -> i + 1).limit(c.get("expect").size()).map(i -> c.get("expect").get(i).asText()).toList());
    }

    @ParameterizedTest
    @MethodSource("moving")
    void aDistanceMovesWithItsAnswers(JsonNode c) {
        List<Response> answers = new ArrayList<>();
        c.get("answers").forEach(a -> answers.add(Looks.said(a.asText())));
        OptionalDouble own = c.get("ownStep").isNull() ? OptionalDouble.empty() : OptionalDouble.of(c.get("ownStep").asDouble());
        Closer.BySteps closer = new Closer.BySteps(own);
        Moving moved = Moving.of(c.get("set").asDouble(), Looks.at(c.get("set").asDouble(), answers), closer, c.get("nearest").asDouble());
        assertThat(moved.metres() + " " + moved.since().size() + " " + moved.last()).isEqualTo(c.get("expect").get("metres").asDouble() + " " + c.get("expect").get("since").asInt() + " " + c.get("expect").get("last").asText());
        List<Double> way = moved.way(c.get("nearest").asDouble(), closer);
        assertThat(way).startsWith(moved.metres()).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(way.get(way.size() - 1)).isLessThanOrEqualTo(Math.max(moved.metres(), c.get("nearest").asDouble()));
        assertThat(moved.easier()).isGreaterThan(moved.metres());
    }

    @Test
    void aSittingGrowsByQuartersOfAnHour() {
        of("sittings").forEach(c -> assertThat(NextSitting.after(c.get("minutes").asInt(), c.get("tooMuch").asBoolean(), c.get("goal").asInt())).as(c.toString()).isEqualTo(c.get("expect").asInt()));
        assertThat(NextSitting.way(15, 40)).containsExactly(15, 30, 40);
    }

    @Test
    void aWalkPlaceByPlaceGoesOneFurtherThanWasCalm() {
        of("places").forEach(c -> {
            List<String> places = new ArrayList<>();
            c.get("places").forEach(p -> places.add(p.asText()));
            PlaceByPlace way = new PlaceByPlace(places);
            assertThat(way.next(c.get("calm").asInt())).as(c.toString()).isEqualTo(c.get("next").asInt());
            assertThat(way.first(c.get("next").asInt())).isEqualTo(places.subList(0, c.get("next").asInt()));
            assertThat(way.first(0)).as("the first of them at least").hasSize(1);
        });
        Measure byPaces = new Measure(Measure.Kind.WALK, "", 2, false);
        Measure byPlaces = new Measure(Measure.Kind.WALK, "hall\nstep", 2, false);
        assertThat(List.of(byPaces.takes(Measure.Kind.WALK, ""), byPaces.takes(Measure.Kind.WALK, "hall"), byPlaces.takes(Measure.Kind.WALK, ""), byPlaces.takes(Measure.Kind.WALK, "hall"))).containsExactly(true, false, false, true);
        assertThat(byPaces.isOfOneUnit(byPlaces)).isFalse();
        assertThat(byPaces.isOfOneUnit(byPaces.to(9))).isTrue();
        assertThatIllegalArgumentException().isThrownBy(() -> way("hall", "hall"));
        assertThatIllegalArgumentException().isThrownBy(() -> way("h".repeat(41)));
        assertThatIllegalArgumentException().isThrownBy(() -> way("hall").next(-1));
    }

    private static PlaceByPlace way(String... places) {
        return new PlaceByPlace(List.of(places));
    }

    @ParameterizedTest
    @MethodSource("reach")
    void theGoalEndsIt(JsonNode c) {
        List<Missing> missing = new Reach(measure(c.get("measure")), Spread.NONE).missing(new Visit(sessions(c.get("sessions"))));
        assertThat(missing.stream().map(m -> m.what() + " " + m.more()).toList())
                .isEqualTo(c.get("expect").isNull() ? List.of() : List.of(c.get("expect").get(0).asText() + " " + c.get("expect").get(1).asInt()));
    }

    @ParameterizedTest
    @MethodSource("headway")
    void whenItLastGotFurtherIsKnown(JsonNode c) {
        Headway headway = Headway.of(measure(c.get("measure")), sessions(c.get("sessions")));
        assertThat(List.of(headway.times(), headway.repsSince(), headway.helpedSince())).isEqualTo(List.of(c.get("times").asInt(), c.get("repsSince").asInt(), c.get("helpedSince").asInt()));
        assertThat(headway.day().isPresent()).isEqualTo(headway.times() > 0);
    }

    @ParameterizedTest
    @MethodSource("decisions")
    void itIsJudgedAsWhatAdjustsItself(JsonNode c) {
        OptionalLong since = c.get("daysSinceTrackRep").isNull() ? OptionalLong.empty() : OptionalLong.of(c.get("daysSinceTrackRep").asLong());
        Suggestion said = Judge.decide(new Case(TrackKind.valueOf(c.get("kind").asText()), new Reach(measure(c.get("measure")), Spread.NONE), 7, new Visit(sessions(c.get("sessions"))),
                new Case.Step(c.get("stepIndex").asInt(), c.get("stepCount").asInt(), false, false, c.get("daysInVisit").asLong()),
                new Case.History(c.get("alarmOpen").asBoolean(), since, c.get("tooMuchInLast60").asInt(), Optional.empty(), PersonGap.Before.NONE)));
        assertThat(said.decision() + " " + said.cause()).isEqualTo(c.get("expect").asText());
    }

    @ParameterizedTest
    @ValueSource(strings = {"DISTANCE|NOBODY|5", "DISTANCE||5", "DISTANCE|DOG|0", "DISTANCE|DOG|1001", "DISTANCE|DOG|NaN", "NOISE|6|5", "NOISE||5", "ZONE|NOSE|1", "ZONE|MUZZLE|2", "ALONE|DOG|60", "ALONE||43201", "SITTING||181", "WALK||0", "WALK|hall|2"})
    void nonsenseIsRefused(String typed) {
        String[] part = typed.split("\\|");
        assertThatIllegalArgumentException().isThrownBy(() -> new Measure(Measure.Kind.valueOf(part[0]), part[1], Double.parseDouble(part[2]), false));
    }
}
