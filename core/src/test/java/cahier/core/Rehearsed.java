package cahier.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Collectors;

/** The tables of docs/rules.md between two marks. They are held to what a run makes; {@code ./cahier rehearse} writes them. */
public final class Rehearsed {

    private static final Path RULES = Path.of("..", "docs", "rules.md");
    private static final int HEAD = 2;
    private static final boolean WRITE = Boolean.getBoolean("rehearse.write");

    private Rehearsed() {
    }

    /** One run at a time writes. */
    public static synchronized void table(String name, String rows) throws IOException {
        System.out.println(name + "\n" + rows);
        try (FileChannel page = FileChannel.open(RULES, StandardOpenOption.READ, StandardOpenOption.WRITE); FileLock lock = WRITE ? page.lock() : null) { // the tests run in two processes
            hold(name, rows);
        }
    }

    private static void hold(String name, String rows) throws IOException {
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

    /** The rows alone: what stands over them is the page's. */
    public static void rows(String name, List<String> rows) throws IOException {
        String text = Files.readString(RULES);
        String begin = "<!-- rehearsed: " + name + " -->\n";
        String head = text.substring(text.indexOf(begin) + begin.length()).lines().limit(HEAD).collect(Collectors.joining("\n"));
        table(name, head + "\n" + String.join("\n", rows));
    }
}
