package cahier.app.support;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;

/** What a trainer does in a book again and again: open a tab, fill a leaf, add a track. */
public final class Trainer {

    private Trainer() {
    }

    /** Makes a household; its book opens at the people. */
    public static void makeHousehold(Page page, String name, String home) {
        page.navigate("/households/new");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Home").fill(home);
        page.click("main button >> nth=0");
    }

    /** Opens a tab and waits for its page: what is typed into the one before it is lost. */
    public static void tab(Page page, String name) {
        page.waitForLoadState();
        Locator tabs = page.locator(".index");
        tabs.first().evaluate("tabs => tabs.setAttribute('data-left', '')");
        tabs.getByText(name).first().click();
        page.locator(".index[data-left]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }

    /** Fills fields of the open leaf, label and value in turn, presses its button, and waits for the page that answers: what is typed before that is lost. */
    public static void leaf(Page page, String button, String... fields) {
        Locator leaf = page.locator(".slip");
        page.waitForLoadState(); // with its scripts, which go with what is typed
        for (int i = 0; i < fields.length; i += 2) {
            leaf.getByLabel(fields[i], new Locator.GetByLabelOptions().setExact(true)).fill(fields[i + 1]);
        }
        leaf.evaluate("leaf => leaf.setAttribute('data-sent', '')");
        leaf.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button)).click();
        page.locator(".slip[data-sent]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }

    /** Looks at what would go out, and sends it. */
    public static void issue(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Send homework").setExact(true)).click();
        send(page);
    }

    /** Sends what is looked at; of a first sheet each step stays the trainer's to accept. */
    public static void send(Page page) {
        Locator button = page.locator("main").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Send homework").setExact(true));
        button.waitFor();
        if (page.locator("input[name=moves]").count() > 0) {
            page.check("input[name=moves][value=TRAINER]");
        }
        button.click();
    }

    /** A track from the shelf, for the only dog; its page opens. */
    public static void addTrack(Page page, String template) {
        page.click("text=Add tracks");
        page.click("label:has(b:text-is('" + template + "'))");
        page.click("text=Add the tracks");
    }
}
