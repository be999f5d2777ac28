package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the phone's scripts decide by themselves, under Node's own runner: src/test/js. */
class ScriptsTest {

    @Test
    void theScriptsOfThePhoneHoldByThemselves() throws Exception {
        List<String> command = new ArrayList<>(List.of("node", "--test"));
        try (Stream<Path> files = Files.list(Path.of("src/test/js"))) {
            files.map(Path::toString).filter(f -> f.endsWith(".test.mjs")).sorted().forEach(command::add);
        }
        assertThat(command).hasSizeGreaterThan(2);
        File output = File.createTempFile("scripts", ".txt");
        Process node = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output).start();
        boolean ended = node.waitFor(1, TimeUnit.MINUTES); // a test that fails may leave a timer behind, which asks again for ever
        node.descendants().forEach(ProcessHandle::destroyForcibly);
        node.destroyForcibly().waitFor();
        String said = Files.readString(output.toPath());
        Files.delete(output.toPath());
        assertThat(ended && node.exitValue() == 0).as(said).isTrue();
        assertThat(said).contains("# fail 0").doesNotContain("# pass 0\n");
    }
}
