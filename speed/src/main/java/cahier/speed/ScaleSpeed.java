package cahier.speed;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A large practice from outside: pages against the sign-in page of the same run, each the median of nine in turn with it and gzipped as a browser asks; and reps as phones send
 * them. {@code ./cahier scale} fills the practice and runs it.
 */
public final class ScaleSpeed {

    private static final int TIMES = 9;
    private static final int WARM_UP = 60;
    private static final int CLIENTS = 8;
    private static final long SENDING_NS = 10_000_000_000L;
    private static final Pattern CSRF = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).cookieHandler(new CookieManager()).followRedirects(HttpClient.Redirect.NEVER).build();
    private final String site;

    private ScaleSpeed(String site) {
        this.site = site;
    }

    /** @param args the site; {@code pages} with name=path pairs, or {@code reps} with how many a request and a file of token, step, person and place a line */
    public static void main(String[] args) throws Exception {
        ScaleSpeed speed = new ScaleSpeed(args[0]);
        if (args[1].equals("pages")) {
            Map<String, String> pages = new LinkedHashMap<>();
            Arrays.stream(args).skip(2).forEach(p -> pages.put(p.substring(0, p.indexOf('=')), p.substring(p.indexOf('=') + 1)));
            speed.signIn();
            speed.pages(pages);
        } else {
            List<String> phones = Files.readAllLines(Path.of(args[3]));
            speed.reps(Integer.parseInt(args[2]), phones); // warm, as the pages are
            System.out.printf("%.0f%n", speed.reps(Integer.parseInt(args[2]), phones));
        }
    }

    private void signIn() throws IOException, InterruptedException {
        Matcher csrf = CSRF.matcher(client.send(request("/login").build(), HttpResponse.BodyHandlers.ofString()).body());
        if (!csrf.find()) {
            throw new IOException("the sign-in page has no form");
        }
        String form = Map.of("username", "imre@hollowlane.example", "password", "hollow-lane", "_csrf", csrf.group(1)).entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8)).collect(Collectors.joining("&"));
        HttpResponse<String> answer = client.send(request("/login").header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(form)).build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 302 || answer.headers().firstValue("Location").orElse("").contains("error")) {
            throw new IOException("signing in answered " + answer.statusCode());
        }
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(site + path));
    }

    /** One look: nanoseconds and the bytes that came. */
    private long[] look(String path) throws IOException, InterruptedException {
        long began = System.nanoTime();
        HttpResponse<byte[]> answer = client.send(request(path).header("Accept-Encoding", "gzip").build(), HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IOException(path + " answered " + answer.statusCode());
        }
        return new long[] {System.nanoTime() - began, answer.body().length};
    }

    private void pages(Map<String, String> pages) throws IOException, InterruptedException {
        for (int i = 0; i < WARM_UP; i++) {
            look("/login");
            for (String path : pages.values()) {
                look(path);
            }
        }
        System.out.printf("%-16s %8s %8s %8s%n", "page", "ms", "x /login", "kB");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            long[] base = new long[TIMES];
            long[] taken = new long[TIMES];
            long bytes = 0;
            for (int i = 0; i < TIMES; i++) {
                base[i] = look("/login")[0];
                long[] looked = look(page.getValue());
                taken[i] = looked[0];
                bytes = looked[1];
            }
            System.out.printf("%-16s %8.1f %8.1f %8.1f%n", page.getKey(), median(taken) / 1e6, (double) median(taken) / median(base), bytes / 1e3);
        }
    }

    private static long median(long[] figures) {
        long[] sorted = figures.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    /** How many a second: eight phones at a time, each of another household; what they send is an hour old, so that it is judged at once. */
    private double reps(int together, List<String> phones) throws Exception {
        Queue<String> waiting = new ConcurrentLinkedQueue<>(phones);
        AtomicLong sent = new AtomicLong();
        ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
        long began = System.nanoTime();
        List<Callable<Void>> senders = new ArrayList<>();
        IntStream.range(0, CLIENTS).forEach(i -> senders.add(() -> {
            while (System.nanoTime() - began < SENDING_NS) {
                String phone = waiting.remove();
                send(phone.split("\t"), together);
                sent.addAndGet(together);
                waiting.add(phone);
            }
            return null;
        }));
        for (Future<Void> sender : clients.invokeAll(senders)) {
            sender.get();
        }
        clients.shutdown();
        return sent.get() * 1e9 / (System.nanoTime() - began);
    }

    private void send(String[] phone, int together) throws IOException, InterruptedException {
        String session = UUID.randomUUID().toString();
        Instant at = Instant.now().minus(1, ChronoUnit.HOURS);
        String reps = IntStream.range(0, together).mapToObj(i -> "{\"id\":\"" + UUID.randomUUID() + "\",\"sessionId\":\"" + session + "\",\"stepId\":" + phone[1]
                + ",\"outcome\":\"CLEAN\",\"at\":\"" + at.plusSeconds(i) + "\",\"person\":\"" + phone[2] + "\",\"place\":\"" + phone[3] + "\"}").collect(Collectors.joining(","));
        HttpResponse<String> answer = client.send(request("/o/" + phone[0] + "/reps").header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString("{\"reps\":[" + reps + "]}")).build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200 || !answer.body().contains("\"stored\":" + together)) {
            throw new IOException("reps were answered with " + answer.statusCode() + ": " + answer.body());
        }
    }
}
