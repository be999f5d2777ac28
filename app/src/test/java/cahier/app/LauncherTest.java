package cahier.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher says plainly what is wrong, and leaves nothing behind. */
class LauncherTest {

    @TempDir
    private Path folder;

    private record Said(int exit, String words) {
    }

    private Said run(Map<String, String> environment, String... arguments) throws IOException, InterruptedException {
        String[] command = new String[arguments.length + 1];
        command[0] = Path.of("..", "cahier").toAbsolutePath().normalize().toString();
        System.arraycopy(arguments, 0, command, 1, arguments.length);
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().keySet().removeIf(k -> k.startsWith("CAHIER_"));
        builder.environment().put("CAHIER_DATA", folder.resolve("data").toString());
        builder.environment().putAll(environment);
        Process process = builder.start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), words);
    }

    @Test
    void aTakenPortIsAMessageThatNamesAFreeOne() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            int port = taken.getLocalPort();
            Said said = run(Map.of("CAHIER_PORT", Integer.toString(port)), "demo");
            assertThat(said.exit()).isEqualTo(1);
            assertThat(said.words()).isEqualTo("cahier: port " + port + " is taken by another program; choose a free one, for example CAHIER_PORT="
                    + (port + 10) + " ./cahier demo\n");
        }
        assertThat(folder.resolve("data")).doesNotExist();
    }

    @Test
    void aPortThatIsNoneIsNamed() throws Exception {
        assertThat(run(Map.of("CAHIER_PORT", "eighty"), "demo").words()).contains("CAHIER_PORT must be a number from 1 to 65535, was eighty");
        assertThat(run(Map.of("CAHIER_PORT", "70000"), "demo").words()).contains("CAHIER_PORT must be a number from 1 to 65535, was 70000");
    }

    @Test
    void anUnknownWordShowsWhatThereIs() throws Exception {
        assertThat(run(Map.of(), "dance").words()).contains("./cahier demo [--fresh]").contains("./cahier test");
        assertThat(run(Map.of(), "demo", "--soft").words()).contains("demo takes --fresh or nothing, was --soft");
        assertThat(run(Map.of(), "db").words()).contains("./cahier demo makes one");
        assertThat(run(Map.of(), "start").words()).contains("set CAHIER_DB_URL, CAHIER_DB_USER and CAHIER_DB_PASSWORD");
    }

    @Test
    void stoppingWhatDoesNotRunDoesNothing() throws Exception {
        assertThat(run(Map.of(), "stop").exit()).isZero();
    }
}
