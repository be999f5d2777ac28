package cahier.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The tables of docs/rules.md between two marks. They are held to what a run makes; {@code ./cahier rehearse} writes them. */
final class Rehearsed {

    private static final Path RULES = Path.of("..", "docs", "rules.md");
    private static final boolean WRITE = Boolean.getBoolean("rehearse.write");

    private Rehearsed() {
    }

    /** One run at a time writes. */
    static synchronized void table(String name, String rows) throws IOException {
        System.out.println(name + "\n" + rows);
        String begin = "<!-- rehearsed: " + name + " -->\n";
        String end = "\n<!-- end -->";
        String text = Files.readString(RULES);
        int from = text.indexOf(begin);
        assertThat(from).as("docs/rules.md has a place for the table %s", name).isPositive();
        int to = text.indexOf(end, from);
        if (WRITE) {
            Files.writeString(RULES, text.substring(0, from + begin.length()) + rows + text.substring(to));
        } else {
            assertThat(text.substring(from + begin.length(), to)).as("docs/rules.md, %s: ./cahier rehearse writes it anew", name).isEqualTo(rows);
        }
    }
}
