package cahier.app.language;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Words stand in bundles: none in a template, and no new ones in classes. */
class WordsStayInBundlesTest {

    /** What classes said themselves when this was counted, refusals of programming errors among it; a change may take from it and never adds. */
    private static final int LEFT_IN_CLASSES = 142;
    private static final Pattern UNSEEN = Pattern.compile("(?s)<!--.*?-->|<(script|style|kbd)\\b.*?</\\1>");
    private static final Pattern TAG = Pattern.compile("<[^\"<>]*+(?:\"[^\"]*+\"[^\"<>]*+)*+>");
    private static final Pattern SAID_BY_TAG = Pattern.compile("\\s(aria-label|placeholder|title|alt)=\"[^\"]*[a-z]");
    private static final Pattern ATTRIBUTE = Pattern.compile("\\sth:([\\w:-]+)=\"([^\"]*)\"");
    /** Attributes that nobody reads. */
    private static final Pattern UNREAD = Pattern.compile("class|classappend|href|action|src|if|unless|style|fragment|id|value");
    private static final Pattern TWO_WORDS = Pattern.compile("\\p{L}{3,}[,.:]? \\p{L}{2,}");
    private static final Pattern COMPARED = Pattern.compile("[=!]= '\\p{Lu}\\p{Ll}");
    private static final Pattern QUOTED = Pattern.compile("'([^']*)'");
    private static final Pattern NO_WORDS_OF_A_PAGE = Pattern.compile("(?s)/\\*.*?\\*/|(?m)^\\s*//.*$|\"\"\".*?\"\"\"|@\\w+\\((?:[^()\"]++|\"(?:[^\"\\\\]++|\\\\.)*+\")*+\\)|LOG\\.\\w+\\(.*?;|new (?:IllegalState|UncheckedIO)\\w+\\(.*?;");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]++|\\\\.)*+)\"");

    private static List<Path> files(String under, String ending) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main").resolve(under))) {
            return files.filter(f -> f.toString().endsWith(ending)).sorted().toList();
        }
    }

    @Test
    void noTemplateSaysAWordItself() throws IOException {
        List<String> found = new ArrayList<>();
        List<Path> templates = files("resources/templates", ".html");
        assertThat(templates).hasSizeGreaterThan(100);
        for (Path file : templates) {
            String page = UNSEEN.matcher(Files.readString(file)).replaceAll("");
            String text = TAG.matcher(page).replaceAll("").replaceAll("(?s)\\[\\[.*?]]", "").replaceAll("&\\w+;", "");
            text.lines().filter(l -> l.matches(".*\\p{L}.*")).forEach(l -> found.add(file.getFileName() + ": " + l.strip()));
            Matcher tags = TAG.matcher(page);
            while (tags.find()) {
                if (SAID_BY_TAG.matcher(tags.group()).find()) {
                    found.add(file.getFileName() + ": " + tags.group());
                }
                Matcher compared = COMPARED.matcher(tags.group());
                if (compared.find()) {
                    found.add(file.getFileName() + ": what is said is another in every language, and compared with " + compared.group());
                }
                quoted(tags.group()).forEach(q -> found.add(file.getFileName() + ": " + q));
            }
        }
        assertThat(found).isEmpty();
    }

    private static List<String> quoted(String tag) {
        List<String> found = new ArrayList<>();
        Matcher attributes = ATTRIBUTE.matcher(tag);
        while (attributes.find()) {
            Matcher quoted = QUOTED.matcher(UNREAD.matcher(attributes.group(1)).matches() ? "" : attributes.group(2));
            while (quoted.find()) {
                if (TWO_WORDS.matcher(quoted.group(1)).find() && !quoted.group(1).matches("[a-z -]*\\b(is-|soft|faint|small|no\\b)[a-z -]*")) {
                    found.add(quoted.group(1));
                }
            }
        }
        return found;
    }

    @Test
    void classesSayNoMoreThanTheyDid() throws IOException {
        List<String> left = new ArrayList<>();
        for (Path file : files("java", ".java")) {
            if (!file.toString().matches(".*/(demo|stored|scope|running)/.*|.*Mapper.java")) {
                Matcher literals = LITERAL.matcher(NO_WORDS_OF_A_PAGE.matcher(Files.readString(file)).replaceAll("\"\""));
                while (literals.find()) {
                    if (TWO_WORDS.matcher(literals.group(1)).find()) {
                        left.add(file.getFileName() + ": " + literals.group(1));
                    }
                }
            }
        }
        assertThat(left.size()).as("words belong into a bundle: %s", left).isLessThanOrEqualTo(LEFT_IN_CLASSES);
    }
}
