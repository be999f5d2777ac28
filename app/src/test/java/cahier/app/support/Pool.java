package cahier.app.support;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** The pool of the database's that docs/installation/pgbouncer.ini describes, as it stands but for ports, names and how few connections it lends. */
public final class Pool implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final int port = ApplicationProcess.freePort();
    private final Path folder;
    private final Process process;

    /** @param connections to the database, for all who ask */
    public Pool(String database, int connections) throws IOException, InterruptedException {
        Quick.skip();
        URI address = URI.create(database.substring("jdbc:".length()));
        folder = Files.createTempDirectory("pool", PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
        Path users = Files.writeString(folder.resolve("userlist.txt"), "\"" + Postgres.user() + "\" \"" + Postgres.password() + "\"\n");
        Path config = Files.writeString(folder.resolve("pgbouncer.ini"), Files.readString(Path.of("..", "docs", "installation", "pgbouncer.ini"))
                .replace("port=5432", "port=" + address.getPort()).replace("dbname=cahier", "dbname=" + address.getPath().substring(1)).replace("6432", Integer.toString(port))
                .replace("/etc/pgbouncer/userlist.txt", users.toString()).replace("default_pool_size = 10", "default_pool_size = " + connections));
        List<String> command = new ArrayList<>(List.of("/usr/sbin/pgbouncer", config.toString()));
        if (System.getProperty("user.name").equals("root")) { // which it refuses to be
            command.addAll(1, List.of("-u", "postgres"));
        }
        process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(Path.of("target", "pool-" + port + ".log").toFile()).start();
        Instant until = Instant.now().plus(PATIENCE);
        while (!answers()) {
            if (!process.isAlive() || Instant.now().isAfter(until)) {
                close();
                throw new IOException("the pool did not start, see target/pool-" + port + ".log");
            }
            Thread.sleep(50);
        }
    }

    private boolean answers() {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            return socket.isConnected();
        } catch (IOException e) {
            return false;
        }
    }

    /** As docs/installation says it to the application. */
    public String url() {
        return "jdbc:postgresql://127.0.0.1:" + port + "/cahier?prepareThreshold=0";
    }

    @Override
    public void close() throws IOException, InterruptedException {
        process.destroyForcibly().waitFor();
        for (String file : List.of("userlist.txt", "pgbouncer.ini")) {
            Files.deleteIfExists(folder.resolve(file));
        }
        Files.deleteIfExists(folder);
    }
}
