package cahier.app.attack;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody with a browser's manners and bad intentions. */
final class Attacker {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final String EDGE = "edge-of-a-part";

    private final String address;
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(new CookieManager(null, CookiePolicy.ACCEPT_ALL)).connectTimeout(Duration.ofSeconds(10)).build();
    private String form = "";

    Attacker(String address) {
        this.address = address;
    }

    record Answer(int status, String body, String to, Duration took) {
    }

    private Answer send(HttpRequest.Builder request) throws IOException, InterruptedException {
        long began = System.nanoTime();
        HttpResponse<byte[]> answer = client.send(request.timeout(Duration.ofSeconds(60)).build(), HttpResponse.BodyHandlers.ofByteArray());
        return new Answer(answer.statusCode(), new String(answer.body(), StandardCharsets.UTF_8), answer.headers().firstValue("Location").orElse(""), Duration.ofNanos(System.nanoTime() - began));
    }

    private HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }

    Answer get(String path) throws IOException, InterruptedException {
        return send(to(path));
    }

    /** A form, with the token of the last page that had one; without where {@code fields} says so by an own one. */
    Answer post(String path, Map<String, String> fields) throws IOException, InterruptedException {
        String body = fields.entrySet().stream().map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8)).collect(Collectors.joining("&"));
        return send(to(path).header("Content-Type", "application/x-www-form-urlencoded").POST(BodyPublishers.ofString((body.isEmpty() ? "" : body + "&") + "_csrf=" + form)));
    }

    Answer postWithoutToken(String path) throws IOException, InterruptedException {
        return send(to(path).header("Content-Type", "application/x-www-form-urlencoded").POST(BodyPublishers.ofString("name=x")));
    }

    Answer json(String path, String body) throws IOException, InterruptedException {
        return send(to(path).header("Content-Type", "application/json").header("Accept", "application/json").POST(BodyPublishers.ofString(body)));
    }

    Answer file(String path, String name, byte[] content, Map<String, String> fields) throws IOException, InterruptedException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (Map.Entry<String, String> field : fields.entrySet()) {
            body.writeBytes(("--" + EDGE + "\r\nContent-Disposition: form-data; name=\"" + field.getKey() + "\"\r\n\r\n" + field.getValue() + "\r\n").getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes(("--" + EDGE + "\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + form + "\r\n--" + EDGE + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n").getBytes(StandardCharsets.UTF_8));
        body.writeBytes(content);
        body.writeBytes(("\r\n--" + EDGE + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(to(path).header("Content-Type", "multipart/form-data; boundary=" + EDGE).POST(BodyPublishers.ofByteArray(body.toByteArray())));
    }

    Answer signIn(String email, String password) throws IOException, InterruptedException {
        read("/login");
        Answer answer = post("/login", Map.of("username", email, "password", password));
        if (!answer.to().contains("/login")) {
            read("/settings");
        }
        return answer;
    }

    private void read(String page) throws IOException, InterruptedException {
        Matcher token = TOKEN.matcher(get(page).body());
        if (token.find()) {
            form = token.group(1);
        }
    }
}
