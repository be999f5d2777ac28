package cahier.app.week;

import cahier.app.language.Words;
import cahier.core.week.Heat;
import cahier.core.week.Span;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;

/** Asks a weather service for the hours that are too hot outdoors: the one the installation names, or the demo's own. Its format is docs/formats/weather.schema.json. */
@Component
class Sky {

    private static final Logger LOG = LoggerFactory.getLogger(Sky.class);
    /** Until it is reached and begins to answer, and again until it has answered: one that drips is not waited for. */
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final int LONGEST = 1_000_000;
    private static final int HOUR = 60;
    private static final int OK = 200;

    private final String address;
    private final ObjectMapper json;
    private final HttpClient client = HttpClient.newBuilder().connectTimeout(PATIENCE).followRedirects(HttpClient.Redirect.NORMAL).build();

    Sky(@Value("${cahier.weather.url}") String url, Optional<DemoSky> demo, ObjectMapper json) {
        this.address = url.isEmpty() ? demo.map(DemoSky::address).orElse("") : url;
        this.json = json;
    }

    /** What a service answers; hours without a temperature are taken as not known and not hot. */
    record Answer(@Nullable List<Hour> hours) {
    }

    /** @param at wall time of the place asked for */
    record Hour(LocalDateTime at, @Nullable Double celsius) {
    }

    boolean isKnown() {
        return !address.isEmpty();
    }

    /** The hot hours of these days, minutes from the first midnight; empty when no service answers. */
    Optional<List<Span>> hot(ZoneId zone, LocalDate from, int days) {
        if (!isKnown()) {
            return Optional.empty();
        }
        try {
            Answer answer = json.readValue(ask(UriComponentsBuilder.fromUriString(address).buildAndExpand(from, from.plusDays(days - 1L), zone.getId()).encode().toUri()), Answer.class);
            if (answer == null || answer.hours() == null) {
                return Optional.empty();
            }
            return Optional.of(answer.hours().stream().filter(h -> h.celsius() != null && Heat.isTooMuch(h.celsius())).map(h -> (int) ChronoUnit.MINUTES.between(from.atStartOfDay(), h.at()))
                    .filter(m -> m >= 0 && m < days * Span.DAY).map(m -> new Span(m, m + HOUR)).toList());
        } catch (IOException | IllegalArgumentException | ExecutionException | TimeoutException e) {
            LOG.warn("the weather service does not answer: {}", e instanceof TimeoutException ? "it takes too long" : e.getMessage());
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    private byte[] ask(URI uri) throws IOException, InterruptedException, ExecutionException, TimeoutException {
        HttpResponse<InputStream> answer = client.send(HttpRequest.newBuilder(uri).timeout(PATIENCE).header("Accept", "application/json").build(), BodyHandlers.ofInputStream());
        try (InputStream body = answer.body()) { // closed when the time is up, which ends the reading
            if (answer.statusCode() != OK) {
                throw new IOException(Words.say("week.Sky.it-said", answer.statusCode()));
            }
            return CompletableFuture.supplyAsync(() -> {
                try {
                    return body.readNBytes(LONGEST);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }).get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
        }
    }
}
