package cahier.app.week;

import cahier.core.week.Heat;
import cahier.core.week.Span;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.client.SimpleClientHttpRequestFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;

/** Asks a weather service for the hours that are too hot outdoors: the one the installation names, or the demo's own. Its format is docs/formats/weather.schema.json. */
@Component
class Sky {

    private static final Logger LOG = LoggerFactory.getLogger(Sky.class);
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private static final int HOUR = 60;

    private final String address;
    private final RestClient client;

    Sky(@Value("${cahier.weather.url}") String url, Optional<DemoSky> demo) {
        this.address = url.isEmpty() ? demo.map(DemoSky::address).orElse("") : url;
        SimpleClientHttpRequestFactory patient = new SimpleClientHttpRequestFactory();
        patient.setConnectTimeout(PATIENCE);
        patient.setReadTimeout(PATIENCE);
        this.client = RestClient.builder().requestFactory(patient).build();
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
            Answer answer = client.get().uri(address, from, from.plusDays(days - 1L), zone.getId()).retrieve().body(Answer.class);
            if (answer == null || answer.hours() == null) {
                return Optional.empty();
            }
            return Optional.of(answer.hours().stream().filter(h -> h.celsius() != null && Heat.isTooMuch(h.celsius())).map(h -> (int) ChronoUnit.MINUTES.between(from.atStartOfDay(), h.at()))
                    .filter(m -> m >= 0 && m < days * Span.DAY).map(m -> new Span(m, m + HOUR)).toList());
        } catch (RestClientException e) {
            LOG.warn("the weather service does not answer: {}", e.getMessage());
            return Optional.empty();
        }
    }
}
