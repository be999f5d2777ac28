package cahier.app.support;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.account.PracticeMaker;
import cahier.app.scope.TrainerUser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/** Visitors of one test, each with nothing remembered, in the one headless Chromium of all tests; what a page's console complains of fails the test. */
public final class Browser implements AutoCloseable {

    private static final double PATIENCE_MS = 30_000;
    private static final List<String> FLAGS = List.of("--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run",
            "--disable-background-networking", "--disable-component-update", "--disable-sync");

    /** The part of Chromium that draws pages and shows no window: it takes a good deal less of both cores. */
    private static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");

    /** Starting one takes as long as many a test. */
    private static final class Started {

        private static final com.microsoft.playwright.Browser BROWSER = start();
    }

    /** Lets a page's clock run with the application's: everything a phone sends carries its own time. */
    private static final String CLOCK = """
            if (!globalThis.ahead) {
              const Machine = Date;
              globalThis.ahead = { ms: 0 };
              globalThis.Date = class extends Machine {
                constructor(...given) { super(...(given.length ? given : [Machine.now() + globalThis.ahead.ms])); }
                static now() { return Machine.now() + globalThis.ahead.ms; }
              };
            }
            globalThis.ahead.ms = %d;""";

    private final String address;
    private final List<BrowserContext> contexts = new ArrayList<>();
    private final List<Page> pages = new ArrayList<>();
    private final Runnable forgetClock;
    private Duration ahead = Duration.ZERO;
    private final List<String> complaints = new ArrayList<>();
    private final List<String> expected = new ArrayList<>();

    private static com.microsoft.playwright.Browser start() {
        Playwright playwright = Playwright.create();
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS); // what holds is seen at once; a machine that gives half its cores away is waited for
        return playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(CHROMIUM).setArgs(FLAGS));
    }

    /** On an application that runs by the machine's clock. */
    public Browser(String address) {
        Quick.skip();
        this.address = address;
        this.forgetClock = () -> { };
    }

    /** On an application that runs by this clock, which the pages then keep too. */
    Browser(String address, MovableClock clock) {
        Quick.skip();
        this.address = address;
        this.forgetClock = clock.tell(this::setClocks);
    }

    private void setClocks(Duration time) {
        ahead = time;
        contexts.forEach(c -> c.addInitScript(CLOCK.formatted(time.toMillis())));
        pages.stream().filter(p -> !p.isClosed()).forEach(p -> p.evaluate(CLOCK.formatted(time.toMillis())));
    }

    /** This part of a complaint belongs to what the test does, say a page that does not exist. */
    public Browser expecting(String complaint) {
        expected.add(complaint);
        return this;
    }

    /** A new visitor with nothing remembered. */
    public Page visitor(int width, int height, ColorScheme scheme) {
        BrowserContext context = Started.BROWSER.newContext(new com.microsoft.playwright.Browser.NewContextOptions().setBaseURL(address)
                .setViewportSize(width, height).setColorScheme(scheme).setLocale("en-GB").setTimezoneId("Europe/London"));
        context.setDefaultTimeout(PATIENCE_MS);
        context.addInitScript(CLOCK.formatted(ahead.toMillis()));
        contexts.add(context);
        Page page = context.newPage();
        pages.add(page);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error") && expected.stream().noneMatch(m.text()::contains)) {
                complaints.add(m.text() + " at " + page.url());
            }
        });
        page.onPageError(e -> complaints.add(e + " at " + page.url()));
        return page;
    }

    public Page visitor(int width, int height) {
        return visitor(width, height, ColorScheme.LIGHT);
    }

    /** A trainer of the demo, at the desk. */
    public Page trainer(int width, int height, ColorScheme scheme) {
        return signedIn(visitor(width, height, scheme), AppTest.IMRE, "hollow-lane");
    }

    /** A trainer of a practice that the tests made, at the desk. */
    public Page trainer(TrainerUser trainer) {
        return signedIn(visitor(1280, 800), trainer.getUsername(), PracticeMaker.PASSWORD);
    }

    private static Page signedIn(Page page, String user, String password) {
        page.navigate("/login");
        page.fill("[name=username]", user);
        page.fill("[name=password]", password);
        page.click("text=Sign in >> nth=-1");
        page.waitForURL("**/");
        return page;
    }

    /** Nothing may be wider than the window: a phone would have to scroll sideways. */
    public static void fits(Page page) {
        Object over = page.evaluate("""
                () => [...document.querySelectorAll('body *')].filter(e => e.getBoundingClientRect().right > innerWidth + 1
                  && !e.closest('.scroll, .index, .sr, svg')).map(e => e.tagName + '.' + e.className).slice(0, 5).join(' ')""");
        Object scrolls = page.evaluate("() => document.documentElement.scrollWidth > innerWidth");
        assertThat(scrolls).as("wider than the window: %s at %s", over, page.url()).isEqualTo(false);
    }

    /** Whatever an owner taps is at least 56 px high: a thumb finds it with a treat in the other hand. */
    public static void isForAThumb(Page page) {
        Object low = page.evaluate("""
                () => [...document.querySelectorAll('a, button, summary, label:has(input), textarea, input:not([type=radio], [type=checkbox], [type=hidden])')]
                  .filter(e => e.offsetParent && !e.matches('.sr, label.lbl, dialog *'))
                  .filter(e => Math.max(e.getBoundingClientRect().height, e.querySelector('span')?.getBoundingClientRect().height ?? 0) < 55.5)
                  .map(e => e.tagName + '.' + e.className + ' ' + e.textContent.trim().slice(0, 30)).join('; ')""");
        assertThat(low).as("lower than 56 px at %s", page.url()).isEqualTo("");
    }

    @Override
    public void close() {
        forgetClock.run();
        contexts.forEach(BrowserContext::close);
        assertThat(complaints).as("what the browser complained of").isEmpty();
    }
}
