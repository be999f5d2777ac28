package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.alarm.Alarms;
import cahier.app.log.Detail;
import cahier.app.log.KeptRep;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.core.coach.CoachTable;
import cahier.core.decide.TrackKind;
import cahier.core.pay.Payoff;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import cahier.core.slip.Slip;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A session as an owner lives it: the coach on the phone, the kind of a miss, a chain, and stop and call with no signal. */
class SessionStoryTest extends AtTheDoor {

    @Autowired
    private Alarms alarms;

    @Test
    void theCoachEasesAfterTwoMissesAndEndsOnASureWin() {
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            owner.getByText("Not yet").click();
            assertThat(owner.locator("#not-ready")).isVisible();
            owner.getByText("Been out, calm, takes a treat").click();
            assertThat(owner.locator("#not-ready")).isHidden();
            Browser.fits(owner);
            tap(owner, "Clean");
            assertThat(owner.locator("#before")).isHidden();
            tap(owner, "Missed");
            owner.getByText("Tight lead").click();
            assertThat(owner.locator("#count")).hasText("Start over with a slack lead.");
            owner.locator("[data-broke='handle']").click();
            assertThat(owner.locator("#coach-says")).hasText("Easier for three.");
            assertThat(owner.locator("#say")).hasText("Step 1: wait, then pay.");
            Browser.fits(owner);
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#coach-says")).hasText("Easier for three.");
            tap(owner, "Clean", "Clean", "Clean");
            assertThat(owner.locator("#coach-says")).hasText("One sure win, then stop.");
            tap(owner, "Clean");
            assertThat(owner.locator("#summary")).hasText("5 clean, 2 missed. That counts.");
            owner.click("#finish");
            assertThat(owner.locator(".it").first()).containsText("1/2");
            // The end of the session goes out after its reps, from the page that follows; a phone that is put away keeps it, a closed browser does not.
            owner.waitForCondition(() -> homes.number(edda(), "select count(*) from sitting where household_id = " + home.id + " and ready") == 1);
        }
        assertThat(kept()).extracting(KeptRep::role).containsExactly(Role.WORK, Role.WORK, Role.WORK, Role.EASE, Role.EASE, Role.EASE, Role.WIN);
        long visit = home.roadmap().visit().orElseThrow().id();
        assertThat(asEdda(() -> log.details(edda().practice(), home.id)).getOrDefault(visit, List.of())).containsExactly(new Detail(Slip.TIGHT_LEAD, "", null), new Detail(Slip.BROKE_AT, "handle", null));
    }

    @Test
    void aSlipThatComesAgainAndAgainBringsItsRemedyToTheTrainer() {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            Page owner = practise(browser);
            String practice = owner.url();
            for (int sitting = 1; sitting <= 2; sitting++) {
                owner.navigate(practice);
                owner.waitForSelector("body[data-ready]");
                trainer.navigate("/tracks/" + home.track);
                assertThat(trainer.locator(".remedy")).hasCount(0);
                for (int i = 0; i < 2; i++) {
                    tap(owner, "Missed");
                    owner.getByText("Tight lead").click();
                    tap(owner, "Clean");
                }
                int reps = 4 * sitting;
                owner.click("#enough");
                owner.click("#finish");
                owner.waitForURL("**/o/" + home.token);
                owner.waitForCondition(() -> kept().size() == reps);
            }
            trainer.navigate("/tracks/" + home.track);
            assertThat(trainer.locator(".remedy")).hasText("Tight lead, 4 of 4 coded misses. Start over with a slack lead.");
            assertThat(trainer.locator("#evidence")).containsText(Pattern.compile("Misses: .*[Tt]ight lead"));
        }
    }

    /** Puts the dog on a step that is held by the timer, paid unevenly and with a mix. */
    private void aHold() {
        asEdda(() -> {
            StepPlan p = Home.step("On the mat");
            Teaching teaching = new Teaching("Between its paws", "Mat", Helper.FRIEND, List.of(), List.of(), 3, List.of(Payoff.FOOD, Payoff.LEAD_ON_OFF));
            StepPlan hold = new StepPlan(p.title(), "Sit beside the mat.", p.place(), null, 2.0, "", "", p.aid(), "", PassChoice.HOLD, 3, 6, 2, 5, "", "", teaching);
            long step = tracks.addStep(edda().practice(), home.track, KeyedPlan.own(hold), Integer.MAX_VALUE, now());
            tracks.move(edda().practice(), home.track, step, null, null, "Edda", now());
            return null;
        });
        home.issue();
    }

    @Test
    void aHoldIsTimedPaidUnevenlyAndPassedByItsSeconds() {
        aHold();
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            Browser.fits(owner);
            owner.locator("#with summary").click();
            owner.getByText("Left", new Page.GetByTextOptions().setExact(true)).click();
            owner.fill("#item", "chicken");
            owner.fill("#helper", "Tamsin");
            owner.click("#start");
            assertThat(owner.locator("#setup")).not().hasAttribute("open", "");
            assertThat(owner.locator("#reached")).hasText("Long enough.");
            assertThat(owner.locator("#beat.hit")).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(9000));
            tap(owner, "Clean");
            assertThat(owner.locator("#start")).hasText("Start");
            owner.click("#more");
            owner.click("#more");
            tap(owner, "Clean");
            owner.click("#more");
            tap(owner, "Clean");
            owner.locator("[data-lead=on]").click();
            owner.locator("[data-lead=home]").click();
            assertThat(owner.locator("#lead-says")).hasText("On 2 times, 1 of them and home.");
            assertThat(owner.locator("#payoff")).hasText(Pattern.compile("food|lead on, off again"));
            owner.reload();
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#lead-says")).hasText("On 2 times, 1 of them and home.");
            assertThat(owner.locator("#item")).hasValue("chicken");
            owner.click("#enough");
            assertThat(owner.locator("#left")).containsText("3 more reps at the target to pass this step.");
            owner.click("#finish");
            assertThat(owner.locator(".it").first()).containsText("1/2");
        }
        List<KeptRep> reps = kept();
        assertThat(reps.get(0).value()).isGreaterThanOrEqualTo(2.0);
        assertThat(reps).extracting(KeptRep::value).element(1).isEqualTo(2.0);
        assertThat(reps).extracting(KeptRep::value).element(2).isEqualTo(1.0);
        assertThat(reps).allSatisfy(r -> assertThat(List.of(String.valueOf(r.side()), r.item(), r.helper())).containsExactly("LEFT", "chicken", "Tamsin"));
        assertThat(homes.number(edda(), "select lead_home from sitting where household_id = " + home.id + " and lead_on = 2")).isEqualTo(1);
    }

    @Test
    void aRepIsPutRightAtOnceAndDaysLater() {
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            tap(owner, "Clean", "Missed");
            owner.click("#cells");
            owner.getByText("Rep 2, missed").click();
            owner.locator("dialog [data-as=HELPED]").click();
            assertThat(owner.locator("#cells")).hasAttribute("aria-label", "2 of 6 done: 1 clean, 1 helped. Put one right");
            owner.click("#cells");
            owner.getByText("Rep 1, clean").click();
            owner.locator("dialog [data-as=BACK]").click();
            assertThat(owner.locator("#count")).hasText("1 of 6 done");
            owner.click("#enough");
            owner.click("#finish");
            owner.waitForURL("**/o/" + home.token);
            assertThat(kept()).extracting(KeptRep::outcome).containsExactly(Outcome.HELPED);

            owner.getByText("More to do and to note").click();
            owner.getByText("Tapped something wrong?").click();
            owner.waitForSelector("body[data-ready]");
            owner.locator(".cells").first().click();
            owner.locator(".rep-line").click();
            owner.locator("dialog [data-as=CLEAN]").click();
            assertThat(owner.locator(".said").first()).hasText("1 clean. Put right.");
            owner.waitForCondition(() -> kept().get(0).outcome() == Outcome.CLEAN);
            owner.reload();
            assertThat(owner.locator(".said").first()).hasText("1 clean");
        }
        assertThat(kept()).extracting(KeptRep::outcome).containsExactly(Outcome.CLEAN);
    }

    @Test
    void twoTabsWithoutSignalKeepEveryTapOnce() {
        try (Browser browser = browser().expecting("net::ERR_")) {
            Page one = practise(browser);
            Page two = one.context().newPage();
            two.navigate(one.url());
            two.waitForSelector("body[data-ready]");
            tap(one, "Clean");
            one.waitForCondition(() -> kept().size() == 1);
            one.context().setOffline(true);
            tap(one, "Helped", "Clean");
            tap(two, "Missed");
            two.locator("[data-outcome=CLEAN]").dblclick();
            assertThat(one.locator("#waiting")).containsText("Offline, saved here");
            assertThat(kept()).hasSize(1);
            one.context().setOffline(false);
            one.waitForCondition(() -> kept().size() == 6);
            assertThat(one.locator("#waiting")).isHidden();
            one.reload();
            one.waitForSelector("body[data-ready]");
        }
        assertThat(kept()).extracting(KeptRep::outcome).filteredOn(o -> o == Outcome.CLEAN).hasSize(4);
        assertThat(homes.number(edda(), "select sum(clean + helped + missed + too_much) from practice_day where household_id = " + home.id)).isEqualTo(6);
    }

    @Test
    void tooMuchTwiceStopsAndSaysSo() {
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            tap(owner, "Too much");
            owner.locator("[data-sign=FROZE]").click();
            assertThat(owner.locator("#stop")).containsText("Wait until it is calm. Then an easier one.");
            tap(owner, "Too much");
            assertThat(owner.locator("#stop")).containsText("No more of this today.");
            assertThat(owner.locator("#outcomes")).isHidden();
            Browser.fits(owner);
            owner.click("text=Undo too much");
            assertThat(owner.locator("#outcomes")).isVisible();
            tap(owner, "Too much");
            owner.click("#stop-now");
            owner.click("#finish");
            assertThat(owner.locator(".it")).containsText("No more of this today. Tomorrow again.");
            assertThat(owner.locator(".it a")).hasCount(0);
        }
        assertThat(kept()).extracting(KeptRep::outcome).containsExactly(Outcome.TOO_MUCH, Outcome.TOO_MUCH);
    }

    @Test
    void stopAndCallWithoutSignalSaysThatItWasNotSentAndGoesLater() {
        try (Browser browser = browser().expecting("net::ERR_")) {
            Page owner = practise(browser);
            owner.getByText("Stop and call").click();
            owner.waitForSelector("body[data-ready]");
            owner.click("#raise");
            assertThat(owner.locator("#no-kind")).isVisible();
            owner.context().setOffline(true);
            owner.getByText("Snapped").click();
            owner.fill("#what", "At Noor, over a bone.");
            owner.click("#raise");
            assertThat(owner.locator("#sent")).hasText("Not sent: no signal.");
            assertThat(owner.locator("#ring")).isVisible();
            assertThat(asEdda(() -> alarms.open(edda().practice(), home.id))).isEmpty();
            Browser.fits(owner);
            owner.context().setOffline(false);
            assertThat(owner.locator("#sent")).hasText("Sent, and a mail is on its way.");
            assertThat(owner.locator("#ring")).isHidden();
        }
        assertThat(asEdda(() -> alarms.open(edda().practice(), home.id))).singleElement()
                .satisfies(a -> assertThat(a.words()).isEqualTo("Snapped, Pim. At Noor, over a bone."));
    }

    /** The phone's walker against the table in Java, on ten thousand made-up sessions. */
    @Test
    void thePhoneWalksTheTableAsJavaDoes() {
        Random random = new Random(55);
        List<List<Integer>> sessions = new ArrayList<>();
        StringBuilder expected = new StringBuilder();
        CoachTable table = CoachTable.of(TrackKind.SKILL);
        for (int i = 0; i < 10_000; i++) {
            List<Integer> session = new ArrayList<>();
            int row = 0;
            double clean = random.nextDouble();
            for (int rep = 1; rep <= 12; rep++) {
                int outcome = random.nextDouble() < clean ? 0 : 1 + random.nextInt(random.nextInt(4) == 0 ? 3 : 2);
                session.add(outcome);
                row = table.next(row, Outcome.values()[outcome]);
                expected.append("SEABG".charAt(table.advice(row, rep >= 6).ordinal())).append(table.rows().get(row).easy() ? '1' : '0');
            }
            sessions.add(session);
        }
        try (Browser browser = browser()) {
            Page owner = practise(browser);
            Object walked = owner.evaluate("""
                    async (sessions) => {
                      const { Coach } = await import('/app/coach.js');
                      const coach = new Coach(document.body.dataset);
                      const names = ['CLEAN', 'HELPED', 'MISSED', 'TOO_MUCH'];
                      const now = new Date();
                      let said = '';
                      for (const session of sessions) {
                        const reps = [];
                        for (const outcome of session) {
                          reps.push({ outcome: names[outcome], at: now.toISOString() });
                          const { says, easy } = coach.after(reps, now.getTime());
                          said += says + (easy ? '1' : '0');
                        }
                      }
                      return said;
                    }""", sessions);
            assertThat(walked).isEqualTo(expected.toString());
        }
    }
}
