package cahier.app.support;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/** The application as a process of its own, which can be killed as a power cut would. */
public final class ApplicationProcess implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(300);
    private static ApplicationProcess shared;
    private final String database;
    private final int port = freePort();
    private final Path log = Path.of("target", "application-" + port + ".log");
    private Process process;

    /** @param more properties, as the command line has them */
    public ApplicationProcess(String database, String... more) throws IOException {
        Quick.skip();
        this.database = database;
        this.process = start(more);
    }

    /** One with demo data for every test that leaves it running and counts only what it did itself: starting one takes as long as such a test. */
    public static synchronized ApplicationProcess shared() throws IOException {
        if (shared == null) {
            shared = new ApplicationProcess(Postgres.freshDatabase());
            Runtime.getRuntime().addShutdownHook(new Thread(() -> shared.process.destroyForcibly()));
        }
        return shared;
    }

    public String database() {
        return database;
    }

    private Process start(String... more) throws IOException {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Xmx256m", "-XX:+ExitOnOutOfMemoryError", "-cp", System.getProperty("java.class.path"), "cahier.app.CahierApplication", "--server.port=" + port, "--server.address=127.0.0.1", "--cahier.demo=true",
                "--cahier.judge.every-ms=500"));
        command.addAll(List.of(more));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("CAHIER_DB_URL", database);
        builder.environment().put("CAHIER_KEY", "only-for-tests");
        builder.environment().put("CAHIER_DB_USER", Postgres.user());
        builder.environment().put("CAHIER_DB_PASSWORD", Postgres.password());
        builder.environment().put("CAHIER_DB_OWNER", Postgres.owner());
        builder.environment().put("CAHIER_DB_OWNER_PASSWORD", Postgres.password());
        File file = log.toFile();
        Process started = builder.redirectErrorStream(true).redirectOutput(file).start();
        try {
            await(() -> isReady() || !started.isAlive());
            if (!isReady()) {
                throw new AssertionError("it ended before it was ready, see " + log);
            }
        } catch (AssertionError e) {
            started.destroyForcibly(); // or it takes what the others need to start
            throw e;
        }
        return started;
    }

    private boolean isReady() {
        try {
            return Files.readString(log).contains("Cahier is ready at");
        } catch (IOException e) {
            return false;
        }
    }

    /** At once, without a chance to tidy up. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    /** As an update does: it may end what it is at. */
    public void stop() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }

    /** @param more properties, as the command line has them */
    public void startAgain(String... more) throws IOException {
        process = start(more);
    }

    public int port() {
        return port;
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    private static void await(BooleanSupplier done) {
        Instant until = Instant.now().plus(PATIENCE);
        while (!done.getAsBoolean()) {
            if (Instant.now().isAfter(until)) {
                throw new AssertionError("still waiting after " + PATIENCE.toSeconds() + " s");
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
    }

    /** One that nobody listens on. */
    public static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() throws InterruptedException {
        kill();
    }
}
