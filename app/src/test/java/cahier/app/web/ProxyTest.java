package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.Test;

/** What a request says of itself leads nobody elsewhere. */
class ProxyTest extends AppTest {

    @Test
    void aForgedHostStandsInNoAddress() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/o/" + home.token)).header("X-Forwarded-Host", "elsewhere.example").header("X-Forwarded-Port", "81")
                .header("Forwarded", "host=elsewhere.example").build();
        String page = HttpClient.newHttpClient().send(request, BodyHandlers.ofString()).body();
        assertThat(page).contains("Pim").doesNotContain("elsewhere.example");
        HttpRequest desk = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/")).header("X-Forwarded-Host", "elsewhere.example").build();
        assertThat(HttpClient.newHttpClient().send(desk, BodyHandlers.discarding()).headers().firstValue("Location").orElseThrow()).doesNotContain("elsewhere.example");
    }
}
