package cahier.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.TemplateFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.thymeleaf.standard.expression.StandardExpressionObjectFactory;

/** Templates call what the vocabulary names, all of it, and nothing else of ours. */
class VocabularyTest {

    private static final Pattern CALLED = Pattern.compile("#(\\w+)[.}]");

    private static String templates() throws IOException {
        StringBuilder all = new StringBuilder();
        for (Path template : TemplateFormat.templates(Path.of("src/main/resources/templates"))) {
            all.append(Files.readString(template));
        }
        return all.toString();
    }

    @Test
    void everyNameIsKnownAndEveryKnownNameIsUsed() throws IOException {
        Set<String> called = CALLED.matcher(templates()).results().map(r -> r.group(1)).collect(Collectors.toCollection(TreeSet::new));
        called.removeAll(new StandardExpressionObjectFactory().getAllExpressionObjectNames());
        called.removeAll(Set.of("fields"));
        assertThat(called).containsExactlyInAnyOrderElementsOf(new Vocabulary().getAllExpressionObjectNames());
    }

    @Test
    void noTemplateNamesAClass() throws IOException {
        assertThat(Pattern.compile("\\bT\\([^)]*\\)").matcher(templates()).results().map(MatchResult::group)).isEmpty();
    }
}
