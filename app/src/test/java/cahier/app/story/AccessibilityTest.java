package cahier.app.story;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Every page, in both themes: nothing for axe-core to complain of, and nothing wider than the window from laptop to phone. */
class AccessibilityTest extends AppTest {

    private static final int[][] SIZES = {{1280, 800}, {900, 800}, {390, 844}, {360, 640}};

    @Autowired
    private Judgements judgements;
    @Autowired
    private Households households;

    @ParameterizedTest
    @EnumSource(value = ColorScheme.class, names = {"LIGHT", "DARK"})
    void everyPageIsForEveryone(ColorScheme scheme) {
        Decided split = asImre(() -> judgements.openOf(imre().practice(), households.byId(imre().practice()).keySet()).values().stream().flatMap(List::stream)
                .filter(d -> d.suggested() == Decision.SPLIT).findFirst().orElseThrow());
        String household = "/households/" + split.householdId();
        String track = "/tracks/" + split.trackId();
        List<String> trainers = List.of("/", "/households", "/households?find=nobody", "/households/new", household, household + "?facts=people",
                household + "?facts=dogs", household + "?facts=places", household + "?facts=words", household + "?facts=lessons",
                household + "/edit", household + "/intake", household + "/flags/new",
                household + "/method", household + "/baselines", "/flags/1", "/flags/1/letter", household + "/tracks/new", track, track + "/edit", track + "/overrule", track + "/split", track + "/steps/new", track + "/climb", track + "/place?place=1",
                household + "/roadmap", household + "/distances", household + "/roadmap/import", household + "/method/changes", "/shelf", "/shelf/bed-while-someone-comes", "/shelf/import", "/shelf/compare?t=stay&t=wait", track + "/newer", track + "/template",
                "/sheets", "/sheets/1", "/lessons", "/lessons/1", "/lessons/4", "/lessons/4/close", "/bench/sight-line?household=3", "/bench/triangle", "/bench/provisions", "/forecasts", "/households/3/distances", "/households/5/alone", "/households/1/week", "/households/3/handling?on=2026-11-01", "/outbox", "/outbox/texts/HOMEWORK", "/settings", "/settings/method", "/settings/keeping", "/settings/bring-in", "/account", household + "/leave", household + "/erase", household + "/history", household + "/looks", "/households/closed", household + "?facts=dogs&edit=1", household + "/homework", "/sheets/1/print", "/nowhere");
        String today = "/o/demo-sorrel-7Gm2xTf5Wd8RkPz4Hn6jBv1q";
        try (Browser browser = browser().expecting("status of 404")) {
            check(scheme, browser.visitor(1280, 800, scheme), List.of("/login", "/lost-password", "/new-password/never-made"));
            // A night page differs in its colours only, which come from one list of tokens: one page of each kind shows them all.
            check(scheme, browser.trainer(1280, 800, scheme), scheme == ColorScheme.LIGHT ? trainers : List.of("/", household, household + "?facts=words", household + "/intake", household + "/distances",
                    household + "/roadmap", track, track + "/overrule", track + "/steps/new", "/shelf", "/sheets/1", "/lessons/4", "/outbox", "/bench/sight-line", "/households/3/handling", "/nowhere"));
            Page owner = browser.visitor(390, 844, scheme);
            check(scheme, owner, scheme == ColorScheme.LIGHT ? List.of(today, today + "/alarm", today + "/progress", today + "/privacy", today + "/ask", today + "/happened", today + "/words", today + "/earlier", today + "/times", today + "/week", today + "/met", today + "/watch", today + "/out", today + "/alone", today + "/touch")
                    : List.of(today, today + "/progress", today + "/met", today + "/week", today + "/touch"));
            Home home = homes.make(edda(), TrackKind.SKILL, 3);   // taps go to a household of the tests' own
            check(scheme, owner, List.of("/o/" + home.token + "/paper/" + home.stepNow()));
            check(scheme, browser.trainer(edda()), List.of(runningLesson(home)));
            owner.navigate("/o/" + home.token);
            owner.locator(".pf a").click();
            owner.waitForSelector("body[data-ready]");
            List<String> found = violations(owner);
            Browser.isForAThumb(owner);
            owner.click("[data-outcome=TOO_MUCH]");
            Browser.isForAThumb(owner);
            owner.click("#cells");
            found.addAll(violations(owner));
            owner.click(".rep-line");
            found.addAll(violations(owner));
            owner.click("#correct-close");
            found.addAll(violations(owner));
            owner.click("#enough");
            found.addAll(violations(owner));
            assertThat(found).isEmpty();
        }
    }

    /** One of its own, begun. */
    private String runningLesson(Home home) {
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now(), 60, "", 0, Lesson.State.PLANNED, 0));
            return null;
        });
        long lesson = home.facts().lessons().get(0).id();
        try {
            send("/lessons/" + lesson + "/begin");
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return "/lessons/" + lesson + "/hour";
    }

    /** The theme changes colours, not sizes: whether everything fits is looked at once. */
    private static void check(ColorScheme scheme, Page page, List<String> paths) {
        List<String> found = new ArrayList<>();
        for (String path : paths) {
            page.setViewportSize(SIZES[0][0], SIZES[0][1]);
            page.navigate(path);
            found.addAll(violations(page));
            for (int[] size : scheme == ColorScheme.LIGHT ? SIZES : new int[0][]) {
                page.setViewportSize(size[0], size[1]);
                Browser.fits(page);
            }
            if (scheme == ColorScheme.LIGHT && page.locator("body.phone").count() == 1) {
                Browser.isForAThumb(page);
            }
        }
        assertThat(found).isEmpty();
    }

    /** In one piece: no page has frames, for which each answer would be put together on a blank page of its own. */
    private static AxeBuilder axe(Page page) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).options(options).setLegacyMode(true);
    }

    /** On a night page only the colours can differ from the day's, where every rule is looked at. */
    private static List<String> violations(Page page) {
        AxeBuilder axe = "dark".equals(page.locator("html").getAttribute("data-theme")) ? axe(page).withRules(List.of("color-contrast"))
                : axe(page).withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"));
        List<String> found = new ArrayList<>();
        for (Rule rule : axe.analyze().getViolations()) {
            rule.getNodes().forEach(n -> found.add(page.url() + " " + rule.getId() + ": " + n.getTarget() + " " + n.getHtml()));
        }
        return found;
    }
}
