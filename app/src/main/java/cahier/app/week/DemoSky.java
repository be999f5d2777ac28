package cahier.app.week;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;

/** A weather service inside the demo, on loopback: a warm place with cool mornings, the same day always the same. */
@Component
@ConditionalOnProperty("cahier.demo")
class DemoSky {

    private static final double MEAN = 19.5;
    private static final double SWING = 6;
    private static final double CHANGES = 3;
    private static final int WARMEST_AT = 15;
    private static final int HOURS = 24;

    private final HttpServer server;

    DemoSky() {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException e) {
            throw new UncheckedIOException("the demo's weather service cannot listen on loopback", e);
        }
        server.createContext("/hours", DemoSky::answer);
        server.start();
    }

    String address() {
        return "http://" + server.getAddress().getAddress().getHostAddress() + ":" + server.getAddress().getPort() + "/hours?from={from}&to={to}&zone={zone}";
    }

    private static void answer(HttpExchange exchange) throws IOException {
        Map<String, String> asked = UriComponentsBuilder.fromUri(exchange.getRequestURI()).build().getQueryParams().toSingleValueMap();
        byte[] body = json(LocalDate.parse(asked.get("from")), LocalDate.parse(asked.get("to"))).getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().add("Content-Type", "application/json");
        exchange.sendResponseHeaders(200, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    private static String json(LocalDate from, LocalDate to) {
        List<String> hours = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
            for (int hour = 0; hour < HOURS; hour++) {
                hours.add(String.format(Locale.ROOT, "{\"at\":\"%sT%02d:00\",\"celsius\":%.1f}", day, hour, celsius(day, hour)));
            }
        }
        return "{\"hours\":[" + String.join(",", hours) + "]}";
    }

    /** Coolest before sunrise, warmest in the afternoon, one day warmer than the next. */
    static double celsius(LocalDate day, int hour) {
        double today = MEAN + CHANGES * (2 * new Random(day.toEpochDay() * 31).nextDouble() - 1);
        return today + SWING * Math.cos((hour - WARMEST_AT) * 2 * Math.PI / HOURS);
    }

    @PreDestroy
    void stop() {
        server.stop(0);
    }
}
