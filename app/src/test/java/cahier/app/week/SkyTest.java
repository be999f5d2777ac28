package cahier.app.week;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.week.Span;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Weather from the demo's service, and from one that answers as a real one may. */
class SkyTest {

    private static final ObjectMapper JSON = JsonMapper.builder().addModule(new JavaTimeModule()).disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final LocalDate DAY = LocalDate.of(2026, 6, 18);

    private static Optional<List<Span>> answered(int status, String body) throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", e -> {
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            e.getResponseHeaders().add("Content-Type", "application/json");
            e.sendResponseHeaders(status, bytes.length);
            e.getResponseBody().write(bytes);
            e.close();
        });
        server.start();
        try {
            return new Sky("http://127.0.0.1:" + server.getAddress().getPort() + "/?from={from}&to={to}&zone={zone}", Optional.empty(), JSON).hot(LONDON, DAY, 7);
        } finally {
            server.stop(0);
        }
    }

    @Test
    void hotHoursBeginAtTwentyFourDegrees() throws IOException {
        assertThat(answered(200, "{\"hours\":[{\"at\":\"2026-06-18T13:00\",\"celsius\":23.9},{\"at\":\"2026-06-18T14:00\",\"celsius\":24},{\"at\":\"2026-06-19T00:00\",\"celsius\":30},"
                + "{\"at\":\"2026-06-18T15:00\"},{\"at\":\"2026-07-18T15:00\",\"celsius\":30}]}")).contains(List.of(new Span(840, 900), new Span(1440, 1500)));
    }

    @Test
    void aServiceThatFailsOrTalksNonsenseIsNoWeather() throws IOException {
        assertThat(answered(500, "{}")).isEmpty();
        assertThat(answered(200, "sunny")).isEmpty();
        assertThat(answered(200, "{}")).isEmpty();
        assertThat(new Sky("http://127.0.0.1:1/?from={from}", Optional.empty(), JSON).hot(LONDON, DAY, 7)).isEmpty();
        assertThat(new Sky("", Optional.empty(), JSON).hot(LONDON, DAY, 7)).isEmpty();
    }

    @Test
    void aServiceThatDripsIsNotWaitedFor() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", e -> {
            e.sendResponseHeaders(200, 0);
            try {
                for (int i = 0; i < 100; i++) {
                    e.getResponseBody().write(' ');
                    e.getResponseBody().flush();
                    Thread.sleep(100);
                }
            } catch (InterruptedException | IOException gone) {
                e.close();
            }
        });
        server.start();
        try {
            Instant began = Instant.now();
            assertThat(new Sky("http://127.0.0.1:" + server.getAddress().getPort() + "/", Optional.empty(), JSON).hot(LONDON, DAY, 7)).isEmpty();
            assertThat(Duration.between(began, Instant.now())).as("it would drip for ten seconds").isLessThan(Duration.ofSeconds(6));
        } finally {
            server.stop(0);
        }
    }

    @Test
    void theDemosWeatherIsTheSameEachTimeHotInTheAfternoonAndCoolInTheMorning() {
        DemoSky demo = new DemoSky();
        try {
            Sky sky = new Sky("", Optional.of(demo), JSON);
            assertThat(sky.hot(LONDON, DAY, 7)).isEqualTo(sky.hot(LONDON, DAY, 7));
            assertThat(sky.hot(LONDON, DAY, 7).orElseThrow()).isNotEmpty().allSatisfy(s -> assertThat(s.startInclusive() % Span.DAY).isBetween(9 * 60, 21 * 60));
        } finally {
            demo.stop();
        }
    }
}
