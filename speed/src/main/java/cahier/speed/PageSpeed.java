package cahier.speed;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/** Pages a second of a running demo, two readers at a time, each page against the sign-in page of the same run. */
public final class PageSpeed {

    private static final int READERS = 2;
    private static final long WARM_UP_NS = 4_000_000_000L;
    private static final long MEASURED_NS = 8_000_000_000L;
    private static final String OWNER = "/o/demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";

    private final HttpClient client = HttpClient.newHttpClient();
    private final String site;

    private PageSpeed(String site) {
        this.site = site;
    }

    public static void main(String[] args) throws Exception {
        PageSpeed speed = new PageSpeed(args.length > 0 ? args[0] : "http://127.0.0.1:8080");
        double base = 0;
        for (String path : List.of("/login", OWNER, OWNER + "/week", OWNER + "/progress", OWNER + "/words")) {
            speed.read(path, WARM_UP_NS);
            double pages = speed.read(path, MEASURED_NS);
            base = path.equals("/login") ? pages : base;
            System.out.printf("%-48s %7.1f pages a second, %.3f of /login%n", path.replace(OWNER, "/o/{token}"), pages, pages / base);
        }
    }

    private double read(String path, long forNs) throws InterruptedException, ExecutionException {
        ExecutorService readers = Executors.newFixedThreadPool(READERS);
        long began = System.nanoTime();
        List<Future<Integer>> counts = IntStream.range(0, READERS).mapToObj(i -> readers.submit(() -> count(path, began + forNs))).toList();
        int pages = 0;
        for (Future<Integer> count : counts) {
            pages += count.get();
        }
        readers.shutdown();
        return pages * 1e9 / (System.nanoTime() - began);
    }

    private int count(String path, long until) throws IOException, InterruptedException {
        int pages = 0;
        while (System.nanoTime() < until) {
            HttpResponse<byte[]> answer = client.send(HttpRequest.newBuilder(URI.create(site + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IOException(path + " answered " + answer.statusCode() + ", " + Arrays.toString(Arrays.copyOf(answer.body(), 80)));
            }
            pages++;
        }
        return pages;
    }
}
