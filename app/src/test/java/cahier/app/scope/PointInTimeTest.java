package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Quick;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.util.FileSystemUtils;

/** Going back to a minute, and a second database that follows the first, as docs/installation describes them: its files as they stand, but for folders and the time. */
class PointInTimeTest {

    private static final Path DOCS = Path.of("..", "docs", "installation");
    private static final boolean ROOT = System.getProperty("user.name").equals("root");
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final List<Path> running = new ArrayList<>();
    private Path folder;
    private int port;

    @BeforeEach
    void aClusterThatKeepsWhatWasWritten() throws IOException, InterruptedException {
        Quick.skip();
        folder = Files.createTempDirectory("point-in-time", PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxrwxrwx")));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxrwxrwx"));
        postgres("mkdir", "wal");
        postgres("initdb", "-D", "first", "-U", "postgres", "-A", "trust", "-E", "UTF8", "--locale=C.UTF-8");
        say("first/postgresql.auto.conf", Files.readString(DOCS.resolve("archive.conf")).replace("/var/backups/cahier/wal", folder.resolve("wal").toString()));
        port = start("first");
    }

    @AfterEach
    void stopAll() throws IOException, InterruptedException {
        if (folder == null) {
            return; // passed over
        }
        for (Path each : List.copyOf(running)) {
            postgres("pg_ctl", "-D", each.toString(), "-m", "immediate", "stop");
        }
        for (String log : List.of("first.log", "second.log", "copy.log")) {
            if (Files.exists(folder.resolve(log))) {
                Files.copy(folder.resolve(log), Path.of("target", "point-in-time-" + log), StandardCopyOption.REPLACE_EXISTING);
            }
        }
        FileSystemUtils.deleteRecursively(folder);
    }

    /** A program of PostgreSQL's, or one of the system's, as the user whose files they are. */
    private void postgres(String program, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(ROOT ? List.of("runuser", "-u", "postgres", "--") : List.of());
        Path own = bin().resolve(program);
        command.add(Files.exists(own) ? own.toString() : program);
        command.addAll(List.of(arguments));
        Path log = Path.of("target", "point-in-time.log");
        Process process = new ProcessBuilder(command).directory(folder.toFile()).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile())).start();
        assertThat(process.waitFor()).as("%s, see %s", command, log).isZero();
    }

    private static Path bin() throws IOException {
        try (var versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            return versions.sorted().reduce((a, b) -> b).orElseThrow().resolve("bin");
        }
    }

    private void say(String file, String more) throws IOException, InterruptedException {
        Path said = folder.resolve(file + ".said");
        Files.writeString(said, more);
        postgres("sh", "-c", "cat '" + said + "' >> '" + folder.resolve(file) + "'");
    }

    private int start(String cluster) throws IOException, InterruptedException {
        int free = ApplicationProcess.freePort();
        postgres("pg_ctl", "-D", cluster, "-w", "-l", cluster + ".log", "-o", "-p " + free + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=''", "start");
        running.add(folder.resolve(cluster));
        return free;
    }

    private static JdbcTemplate at(int port) {
        return new JdbcTemplate(new DriverManagerDataSource("jdbc:postgresql://127.0.0.1:" + port + "/postgres", "postgres", ""));
    }

    private static List<String> words(int port) {
        return at(port).queryForList("select word from said order by word", String.class);
    }

    private static void await(Condition done) throws InterruptedException {
        Instant until = Instant.now().plus(PATIENCE);
        while (!done.holds()) {
            assertThat(Instant.now()).as("still waiting").isBefore(until);
            Thread.sleep(100);
        }
    }

    private interface Condition {
        boolean holds();
    }

    @Test
    void aMinuteIsGoneBackToAndASecondDatabaseFollows() throws Exception {
        JdbcTemplate first = at(port);
        first.execute("create table said (word text)");
        first.update("insert into said values ('before the copy')");
        String here = Integer.toString(port);
        postgres("pg_basebackup", "-h", "127.0.0.1", "-p", here, "-U", "postgres", "-c", "fast", "-D", "copy");
        postgres("pg_basebackup", "-h", "127.0.0.1", "-p", here, "-U", "postgres", "-c", "fast", "-R", "-D", "second");
        int second = start("second");

        first.update("insert into said values ('meant')");
        await(() -> words(second).contains("meant"));
        assertThatThrownBy(() -> at(second).update("insert into said values ('here')")).hasStackTraceContaining("read-only transaction");

        String then = first.queryForObject("select clock_timestamp()::text", String.class);
        Thread.sleep(20);
        first.update("delete from said");
        first.update("insert into said values ('a mistake')");
        first.queryForObject("select pg_switch_wal()::text", String.class);
        await(() -> first.queryForObject("select last_archived_wal >= pg_walfile_name(pg_current_wal_lsn() - 1) from pg_stat_archiver", Boolean.class) == Boolean.TRUE);

        postgres("pg_ctl", "-D", "first", "-m", "immediate", "stop");
        running.remove(folder.resolve("first"));
        say("copy/postgresql.auto.conf", Files.readString(DOCS.resolve("back.conf")).replace("/var/backups/cahier/wal", folder.resolve("wal").toString())
                .replace("2026-12-02 14:03:00+00", then));
        postgres("touch", "copy/recovery.signal");
        int back = start("copy");
        await(() -> at(back).queryForObject("select not pg_is_in_recovery()", Boolean.class) == Boolean.TRUE);
        assertThat(words(back)).containsExactly("before the copy", "meant");
        at(back).update("insert into said values ('and on')");
        assertThat(words(back)).hasSize(3);
    }
}
