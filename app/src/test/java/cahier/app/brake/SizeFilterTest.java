package cahier.app.brake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.http.MediaType.APPLICATION_JSON;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is too large is refused by the real server before it is kept anywhere, whoever sends it and to whatever address. */
class SizeFilterTest extends AppTest {

    private static final String MULTIPART = "multipart/form-data; boundary=x";

    /** Only says how long it will be: a server that waits for it has not refused it. */
    private String saying(String path, String type, long length) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type + "\r\nContent-Length: " + length + "\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            return refusal(socket.getInputStream());
        }
    }

    /** To its last word: the connection stays open while what was announced may still come. */
    private static String refusal(InputStream answer) throws IOException {
        StringBuilder said = new StringBuilder();
        while (!said.toString().endsWith("</html>") && !said.toString().endsWith("\"}")) {
            int next = answer.read();
            if (next < 0) {
                break;
            }
            said.append((char) next);
        }
        return said.toString();
    }

    private HttpResponse<String> post(String path, String type, BodyPublisher body) throws IOException, InterruptedException {
        return HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).header("Content-Type", type).POST(body).build(),
                HttpResponse.BodyHandlers.ofString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/login", "/first-run", "/households/1/watches", "/lessons/busy", "/shelf/import", "/households/1/roadmap/import", "/nowhere", "/theme"})
    void nobodyWhoIsNotSignedInSendsMoreThanAForm(String path) throws IOException {
        assertThat(saying(path, MULTIPART, 100_000_000)).startsWith("HTTP/1.1 413").contains("What is sent here must be at most 1 MB, was 100 MB");
        assertThat(saying(path, "application/x-www-form-urlencoded", 1_000_001)).startsWith("HTTP/1.1 413");
    }

    @Test
    void aPhoneSendsAQuarterOfAMegabyteAtMostAndIsToldSo() throws IOException {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        assertThat(saying("/o/" + home.token + "/reps", "application/json", 50_000_000)).startsWith("HTTP/1.1 413").contains("{\"error\":\"What is sent here must be at most 256 kB, was 50 MB\"}");
        assertThat(saying("/o/" + home.token + "/week/calendar", MULTIPART, 20_000_000)).startsWith("HTTP/1.1 413").contains("at most 11 MB");
    }

    @Test
    void whatDoesNotSayHowLongItIsIsReadOnlySoFar() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        byte[] spaces = " ".repeat(5_000_000).getBytes(StandardCharsets.US_ASCII);
        BodyPublisher chunked = BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(spaces));
        assertThat(post("/o/" + home.token + "/reps", APPLICATION_JSON.toString(), chunked).statusCode()).isEqualTo(400);
        assertThat(post("/lessons/busy", MULTIPART, chunked).statusCode()).isEqualTo(411);
        assertThat(homes.number(edda(), "select count(*) from rep where household_id = " + home.id)).isZero();
    }

    @Test
    void whatFitsIsTaken() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        home.practise("ccc");
        assertThat(homes.number(edda(), "select count(*) from rep where household_id = " + home.id)).isEqualTo(3);
    }
}
