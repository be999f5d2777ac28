package cahier.app.story;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.language.Language;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page in a language that nobody speaks, two fifths longer than English: nothing is wider than the window, and no word of a button, a label or a heading comes from anywhere but a bundle. */
class MadeUpLanguagesTest extends AppTest {

    private static final int[][] SIZES = {{1280, 800}, {360, 640}};
    private static final String SORREL = "/o/demo-sorrel-7Gm2xTf5Wd8RkPz4Hn6jBv1q";
    /** What is said there is between brackets; names, and what somebody wrote, are not. */
    private static final String ESCAPED = """
            () => [...document.querySelectorAll('button, legend, nav.index a, header nav a, th, h1, h2, label > span:first-child, p.faint, p.soft, .hint')]
              .filter(e => e.offsetParent && !e.closest('.written, kbd, [data-keys]'))
              .map(e => e.textContent.replace(/\\u27E6[^\\u27E6\\u27E7]*\\u27E7/g, '').replace(/\\u27E6[^\\u27E6\\u27E7]*\\u27E7/g, '').replace(/\\s+/g, ' ').trim())
              .filter(t => /[a-z]{3,} [a-z]{3,}/.test(t))""";

    private static final Pattern SAID = Pattern.compile("[a-z]{3,} [a-z]{3,}");
    /** What somebody wrote, longest first. */
    private static final String WRITTEN = """
            select words from (select name as words from household union select cautions from household union select name from dog union select looks from dog union select name from person union select signs from trainer
                union select name from place union select title from track union select title from step union select how from step union select place from step union select distraction from step union select who from step) w
            where length(words) > 2 order by length(words) desc""";

    @ParameterizedTest
    @ValueSource(strings = {"en-XA", "ar-XB"})
    void nothingEscapesAndNothingIsCut(String tag) {
        long home = homes.number(imre(), "select id from household where name = 'Haldane-Reyes'");
        long track = homes.number(imre(), "select min(id) from track where household_id = " + home);
        String book = "/households/" + home;
        List<String> trainers = List.of("/", "/households", "/households/new", book, book + "?facts=people", book + "/edit", book + "/intake", book + "/method", book + "/roadmap", book + "/week", book + "/homework",
                "/tracks/" + track, "/tracks/" + track + "/overrule", "/lessons", "/shelf", "/sheets", "/outbox", "/settings", "/account", "/bench/provisions");
        List<String> owners = List.of(SORREL, SORREL + "/progress", SORREL + "/privacy", SORREL + "/ask", SORREL + "/happened", SORREL + "/times");
        homes.change(imre(), "update practice set language = '" + tag + "'");
        try (Browser browser = browser()) {
            List<String> escaped = new ArrayList<>();
            walk(browser.trainer(1280, 800, ColorScheme.LIGHT), Language.of(tag), trainers, escaped);
            walk(browser.visitor(390, 844), Language.of(tag), owners, escaped);
            List<String> written = homes.texts(imre(), WRITTEN);
            assertThat(escaped.stream().map(e -> without(e, written)).filter(e -> SAID.matcher(e.substring(e.indexOf(": ") + 1)).find())).isEmpty();
        } finally {
            homes.change(imre(), "update practice set language = 'en-GB'");
        }
    }

    private static String without(String escaped, List<String> written) {
        String left = escaped;
        for (String words : written) {
            left = Pattern.compile(Pattern.quote(words), Pattern.CASE_INSENSITIVE).matcher(left).replaceAll("");
        }
        return left;
    }

    private static void walk(Page page, Language language, List<String> paths, List<String> escaped) {
        for (String path : paths) {
            page.navigate(path);
            assertThat(page.locator("html").getAttribute("lang")).as(path).isEqualTo(language.tag());
            assertThat(page.locator("html").getAttribute("dir")).as(path).isEqualTo(language.isRightToLeft() ? "rtl" : null);
            for (Object words : (List<?>) page.evaluate(ESCAPED)) {
                escaped.add(path + ": " + words);
            }
            for (int[] size : SIZES) {
                page.setViewportSize(size[0], size[1]);
                Browser.fits(page);
            }
        }
    }
}
