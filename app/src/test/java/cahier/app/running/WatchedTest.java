package cahier.app.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.support.AppTest;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.availability.AvailabilityChangeEvent;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.boot.test.autoconfigure.actuate.observability.AutoConfigureObservability;
import org.springframework.context.ApplicationContext;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;

/** What a balancer and Prometheus read. */
@AutoConfigureObservability(tracing = false)
@TestPropertySource(properties = "cahier.metrics-token=read-me")
@DirtiesContext
class WatchedTest extends AppTest {

    private static final String OWNER = "demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";

    @Autowired
    private ApplicationContext context;

    @Test
    void anInstanceSaysThatItLivesAndWhetherItMayBeSentRequests() throws Exception {
        mvc.perform(get("/health/liveness")).andExpect(status().isOk()).andExpect(content().json("{\"status\":\"UP\"}", true));
        mvc.perform(get("/health/readiness")).andExpect(status().isOk()).andExpect(content().json("{\"status\":\"UP\"}", true));
        AvailabilityChangeEvent.publish(context, ReadinessState.REFUSING_TRAFFIC);
        mvc.perform(get("/health/readiness")).andExpect(status().isServiceUnavailable());
        mvc.perform(get("/health/liveness")).andExpect(status().isOk());
        AvailabilityChangeEvent.publish(context, ReadinessState.ACCEPTING_TRAFFIC);
        mvc.perform(get("/health/readiness")).andExpect(status().isOk());
    }

    @Test
    void figuresAreForWhoKnowsTheTokenAndNameNobody() throws Exception {
        fetch("/o/" + OWNER, "");
        fetch("/o/nobody-has-this-one", "");
        assertThat(fetch("/metrics", "").statusCode()).isEqualTo(404);
        assertThat(fetch("/metrics", "Bearer guess").statusCode()).isEqualTo(404);
        HttpResponse<String> figures = fetch("/metrics", "Bearer read-me");
        assertThat(figures.statusCode()).isEqualTo(200);
        assertThat(figures.body()).contains("http_server_requests_seconds_count", "uri=\"/o/{token}\"", "hikaricp_connections_active", "jvm_memory_used_bytes", "cahier_mail_waiting", "cahier_judgement_waiting")
                .doesNotContain(OWNER, "nobody-has-this-one", "Abara", "NaN\ncahier");
        assertThat(figures.body().lines().filter(l -> l.startsWith("cahier_mail_waiting "))).singleElement().satisfies(l -> assertThat(Double.parseDouble(l.split(" ")[1])).isNotNegative());
    }

    private HttpResponse<String> fetch(String path, String authorization) throws Exception {
        HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
        if (!authorization.isEmpty()) {
            asked.header("Authorization", authorization);
        }
        return HttpClient.newHttpClient().send(asked.build(), HttpResponse.BodyHandlers.ofString());
    }
}
