package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.TemplateFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Templates a person can read: written as {@link TemplateFormat} writes them (./cahier format). */
class TemplatesTest {

    private static final int WIDTH = 140;

    static List<Path> templates() {
        return TemplateFormat.templates(Path.of("src/main/resources/templates"));
    }

    @ParameterizedTest
    @MethodSource("templates")
    void everyTemplateIsWrittenAsItShouldBe(Path template) throws IOException {
        String html = Files.readString(template);
        assertThat(html).as("./cahier format writes it").isEqualTo(TemplateFormat.format(html));
        try (Stream<String> lines = html.lines()) {
            assertThat(lines).allSatisfy(line -> assertThat(line).hasSizeLessThanOrEqualTo(WIDTH));
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            <p>a <b>b</b>c</p>                           | <p>a <b>b</b>c</p>\\n
            <div><p>a</p><p>b</p></div>                  | <div>\\n  <p>a</p>\\n  <p>b</p>\\n</div>\\n
            <a href="x">b</a><a  href="y"\\n>c</a>        | <a href="x">b</a><a href="y">c</a>\\n
            <p th:attr="a=1,b=${f(1,2)},c='x,y'">d</p>   | <p th:attr="a=1, b=${f(1,2)}, c='x,y'">d</p>\\n
            <textarea>a\\n  b</textarea>                  | <textarea>a\\n  b</textarea>\\n
            """)
    void breaksOnlyWhereABrowserSeesNoDifference(String html, String written) {
        assertThat(TemplateFormat.format(html.replace("\\n", "\n"))).isEqualTo(written.replace("\\n", "\n"));
    }

    @Test
    void longLinesAreBrokenBetweenAttributesAndInExpressionsButNeverInWords() {
        String words = "'" + "word ".repeat(20) + "'";
        String html = "<p class=\"soft\" th:text=\"${a} ? " + words + " : " + words + "\"></p>\n";
        String written = TemplateFormat.format(html);
        assertThat(written.lines()).hasSizeGreaterThan(2).allSatisfy(line -> assertThat(line).hasSizeLessThanOrEqualTo(WIDTH));
        assertThat(written).contains(words);
        assertThat(TemplateFormat.format(written)).isEqualTo(written);
        assertThat(written.replaceAll("\\s+", " ").strip()).isEqualTo(html.replaceAll("\\s+", " ").strip());
    }
}
