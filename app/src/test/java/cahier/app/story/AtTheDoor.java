package cahier.app.story;


import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.slip.Slip;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;

/** A dog in the hall on the second step of its track, a chain, and an owner with the page of it open. */
abstract class AtTheDoor extends AppTest {

    @Autowired
    protected RepLog log;
    @Autowired
    protected Tracks tracks;

    protected Home home;

    @BeforeEach
    void aChainOfTwoSteps() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
        asEdda(() -> {
            StepPlan p = Home.step("Through together");
            Teaching teaching = new Teaching("Behind you", "Lead", Helper.NOBODY, List.of(Slip.TIGHT_LEAD, Slip.CROWDED), List.of("sits", "handle", "door opens"), null, List.of());
            StepPlan chain = new StepPlan(p.title(), "Go through together.", p.place(), null, null, "", "", p.aid(), "", p.pass(), 5, 6, 2, 5, "", "", teaching);
            long step = tracks.addStep(edda().practice(), home.track, KeyedPlan.own(chain), Integer.MAX_VALUE, now());
            tracks.move(edda().practice(), home.track, step, null, null, "Edda", now());
            return null;
        });
        home.issue();
    }

    protected List<KeptRep> kept() {
        List<KeptRep> reps = new ArrayList<>(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 30)));
        Collections.reverse(reps);
        return reps;
    }

    protected static void tap(Page owner, String... outcomes) {
        for (String outcome : outcomes) {
            owner.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + outcome))).click();
        }
    }

    protected Page practise(Browser browser) {
        Page owner = browser.visitor(360, 740);
        owner.navigate("/o/" + home.token);
        owner.locator(".pf a").click();
        owner.waitForSelector("body[data-ready]");
        return owner;
    }
}
