package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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
        Process node = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(node.waitFor()).as(said).isZero();
        assertThat(said).contains("# fail 0").doesNotContain("# pass 0\n");
    }
}
