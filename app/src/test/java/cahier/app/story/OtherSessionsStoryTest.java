package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.judge.JudgingRound;
import cahier.app.log.KeptRep;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Track;
import cahier.app.track.Trait;
import cahier.core.decide.Cause;
import cahier.core.decide.Refresh;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.rep.Role;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Sessions that are not like the others, as an owner lives them: after a break, of a goal that was reached, and in a doorway. */
class OtherSessionsStoryTest extends AtTheDoor {

    @Autowired
    private JudgingRound judging;

    @Test
    void afterAPauseTheSessionBeginsEasierUntilOneIsCleanAndHoldsThroughAReload() throws Exception {
        home.practise("ccm");
        clock.pass(Duration.ofDays(8));
        assertThat(home.suggestion().grounds().suggestion().refresh()).hasValue(Refresh.EASIER);
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            assertThat(owner.locator("#begins")).hasText("After the break: begin with an easier one.");
            assertThat(owner.locator("#say")).hasText("Step 1: wait, then pay.");
            tap(owner, "Missed");
            assertThat(owner.locator("#say")).hasText("Step 1: wait, then pay.");
            tap(owner, "Clean");
            assertThat(owner.locator("#say")).hasText("Go through together.");
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#say")).hasText("Go through together.");
            tap(owner, "Clean", "Clean");
            assertThat(owner.locator("#summary")).hasText("3 clean, 1 missed. That counts.");
            owner.click("#finish");
            assertThat(owner.locator(".it").first()).containsText("1/2");
        }
        List<KeptRep> reps = kept();
        assertThat(reps.subList(3, reps.size())).extracting(KeptRep::role).containsExactly(Role.REFRESH, Role.REFRESH, Role.WORK, Role.WORK);
    }

    @Test
    void anUpkeepRepComesDueIsOneTapAndTwoThatFailBringTheTrackBack() throws Exception {
        home.practise("ccccc");
        clock.pass(Duration.ofMinutes(40));
        home.accept();
        assertThat(home.roadmap().track().isDone()).isTrue();
        asEdda(() -> tracks.add(edda().practice(), Track.fresh(edda().practice(), home.id, home.facts().dogs().get(0).id(), "Recall", "", "", TrackKind.SKILL, Topic.EVERYDAY, "", ""),
                List.of(KeyedPlan.own(Home.step("Come"))), now()));
        clock.pass(Duration.ofHours(1));
        home.issue();
        try (Browser browser = browser()) {
            for (int time = 1; time <= 2; time++) {
                clock.pass(Duration.ofDays(8));
                Page owner = browser.visitor(360, 740);
                owner.navigate("/o/" + home.token);
                owner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Leave it")).click();
                owner.waitForSelector("body[data-ready]");
                assertThat(owner.locator("main")).containsText("One rep, without practising before.");
                tap(owner, "Missed");
                assertThat(owner.locator("#summary")).hasText("1 missed. That counts.");
                owner.click("#finish");
                assertThat(owner).hasURL(Pattern.compile("/o/" + home.token + "$"));
                clock.pass(Duration.ofMinutes(40));
                judging.round(edda().practice(), now());
            }
        }
        assertThat(home.suggestion().cause()).isEqualTo(Cause.REOPENED);
    }

    private void theOwnerMayMoveOn() {
        asEdda(() -> {
            tracks.addStep(edda().practice(), home.track, KeyedPlan.own(Home.step("Two metres off")), 2, now());
            tracks.letMoveOn(edda().practice(), List.of(home.roadmap().track()), now());
            return null;
        });
        clock.pass(Duration.ofMinutes(2));
        home.issue();
    }

    @Test
    void whereTheOwnerMayMoveOnThePhoneGoesOnWithinTheSessionAndAWrongTapTakesItBack() {
        theOwnerMayMoveOn();
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            tap(owner, "Clean", "Clean", "Clean", "Clean");
            assertThat(owner.locator("#moved")).isHidden();
            tap(owner, "Clean");
            assertThat(owner.locator("#moved")).containsText("This step is passed.");
            assertThat(owner.locator("#outcomes")).isHidden();
            owner.click("#undo");
            assertThat(owner.locator("#moved")).isHidden();
            assertThat(owner.locator("#outcomes")).isVisible();
            assertThat(owner.locator("#waiting")).isHidden();
            tap(owner, "Clean");
            assertThat(owner.locator("#moved")).containsText("Next: Two metres off");
            owner.click("#moved-go");
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#say")).containsText("Two metres off");
            assertThat(owner.locator("#before")).isHidden();
            assertThat(owner.locator("#count")).containsText("0 of 3 done");
            tap(owner, "Clean");
            assertThat(owner.locator("#count")).containsText("1 of 3 done");
        }
        assertThat(home.roadmap().number()).isEqualTo(3);
    }

    @Test
    void anAnswerThatComesAfterTheWrongTapWasTakenBackIsNotHeard() {
        theOwnerMayMoveOn();
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            owner.evaluate("""
                    () => {
                      const fetches = window.fetch;
                      window.fetch = async (...what) => {
                        const answer = await fetches(...what);
                        if (String(what[0]).endsWith('/next') && (await answer.clone().json()).step) await new Promise((go) => { window.arrive = go; });
                        return answer;
                      };
                    }""");
            tap(owner, "Clean", "Clean", "Clean", "Clean", "Clean");
            owner.waitForFunction("() => window.arrive");
            owner.click("#undo");
            owner.waitForCondition(() -> home.roadmap().number() == 2);
            owner.evaluate("() => window.arrive()");
            owner.waitForTimeout(200);
            assertThat(owner.locator("#moved")).isHidden();
            assertThat(owner.locator("#outcomes")).isVisible();
        }
    }

    @Test
    void aStepUntilOneIsCleanEndsWithIt() {
        asEdda(() -> {
            StepPlan p = Home.step("Out we go");
            Teaching until = new Teaching("", "", Helper.NOBODY, List.of(), List.of(), null, List.of(), List.of(Trait.UNTIL_CLEAN));
            StepPlan door = new StepPlan(p.title(), "Go out together.", p.place(), null, null, "", "", p.aid(), "", p.pass(), 5, 6, 2, 5, "", "", until);
            long step = tracks.addStep(edda().practice(), home.track, KeyedPlan.own(door), Integer.MAX_VALUE, now());
            tracks.move(edda().practice(), home.track, step, null, null, "Edda", now());
            return null;
        });
        clock.pass(Duration.ofMinutes(2));
        home.issue();
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            tap(owner, "Missed");
            assertThat(owner.locator("#ending")).isHidden();
            tap(owner, "Clean");
            assertThat(owner.locator("#summary")).hasText("1 clean, 1 missed. That counts.");
            owner.click("#finish");
            assertThat(owner.locator(".it").first()).containsText("1/2");
        }
    }
}
