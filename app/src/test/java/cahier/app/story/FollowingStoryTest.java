package cahier.app.story;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.outbox.DemoPost;
import cahier.app.outbox.Postman;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The phone asks what the trainer decided, and an alarm reaches a person: each told in the browser as it happens. */
class FollowingStoryTest extends AppTest {

    @Autowired
    private Households households;
    @Autowired
    private DemoPost post;
    @Autowired
    private Postman postman;
    private Home home;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
        post.put(false);
        post.put(true);
    }

    private String phone() {
        return "/o/" + home.token;
    }

    private void upToStepTwo() throws Exception {
        home.practise("ccccc");
        home.accept();
        home.issue();
        clock.pass(Duration.ofDays(1));
    }

    private long lesson() {
        return asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now(), 60, "", 0));
            return home.facts().lessons().get(0).id();
        });
    }

    private static void press(Page page, String button) {
        page.locator("main").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true)).click();
    }

    @Test
    void whatWasTooMuchNeverComesBackBecauseOfAClick() throws Exception {
        upToStepTwo();
        long second = home.stepNow();
        try (Browser browser = browser()) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(phone() + "/practice/" + second);
            owner.waitForSelector("body[data-ready]");
            owner.click("[data-outcome=TOO_MUCH]");
            owner.click("[data-outcome=TOO_MUCH]");
            assertThat(owner.locator("#stop-next")).hasText("No more of this today.");
            owner.click("#stop-now");
            owner.click("#finish");
            owner.waitForURL("**" + phone());
            assertThat(owner.locator("main")).containsText("No more of this today.");
            assertThat(owner.locator("a[href*='/practice/']")).hasCount(0);
            // The page kept for places without signal does not know better, the phone does.
            owner.navigate(phone() + "/practice/" + second);
            assertThat(owner.locator("h1")).hasText("Leave it");
            assertThat(owner.locator(".stop").first()).hasText("No more of this today. Tomorrow again.");
            Browser.isForAThumb(owner);

            clock.pass(Duration.ofDays(1));
            Page trainer = browser.trainer(edda());
            trainer.navigate("/households/" + home.id);
            assertThat(trainer.locator(".track .note").first()).containsText("Step back");
            assertThat(trainer.locator(".track .note").first()).containsText("Newest rep");
            trainer.locator(".note .cross").first().click();
            assertThat(trainer.locator(".note.is-done").first()).isVisible();
            owner.navigate(phone());
            assertThat(owner.locator("main")).containsText("Step 1: wait, then pay.");
            assertThat(owner.locator("main")).not().containsText("Step 2: wait, then pay.");
            owner.navigate(phone() + "/practice/" + second);
            assertThat(owner.locator("main")).containsText("Practise this instead");
            owner.click("text=Step 1, Step 1");
            assertThat(owner.locator("[data-outcome=CLEAN]")).isVisible();
        }
    }

    @Test
    void aCallIsNeverTickedAndASplitLeadsBackIntoTheLesson() throws Exception {
        home.practise("ctctct");
        clock.pass(Duration.ofDays(1));
        long lesson = lesson();
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/lessons/" + lesson + "/close");
            assertThat(trainer.locator("input[name=accept]")).hasCount(0);
            trainer.locator("#closing a[href*='/call']").click();
            assertThat(trainer.locator("h1")).hasText("What comes next");
            Browser.fits(trainer);
            trainer.locator("input[value=EASIER]").check();
            trainer.locator("main .button.is-primary").click();
            assertThat(trainer.locator(".neighbours")).containsText("Step 1: Step 1");
            assertThat(trainer.locator(".neighbours")).containsText("There is no step below it yet.");
            trainer.locator("main .buttons .button.is-primary").click();
            assertThat(trainer.locator("#title-say")).containsText("must be an easier step: it asks the same as “Step 1”");
            trainer.fill("#duration", "20 s");
            trainer.locator("main .buttons .button.is-primary").click();
            assertThat(trainer.locator("#duration-say")).containsText("must not ask more than “Step 1”, which has none");
            trainer.fill("#duration", "");
            trainer.locator("#aid").selectOption("HAND");
            trainer.fill("#title", "With the hand");
            Browser.fits(trainer);
            trainer.locator("main .buttons .button.is-primary").click();
            trainer.waitForURL("**/lessons/" + lesson + "/close");
            assertThat(home.roadmap().current().orElseThrow().title()).isEqualTo("With the hand");
            Page owner = browser.visitor(390, 844);
            owner.navigate(phone());
            assertThat(owner.locator("main")).containsText("Leave it");
            assertThat(owner.locator("a[href*='/practice/" + home.stepNow() + "']").first()).isVisible();
        }
    }

    @Test
    void anAlarmReachesAPersonAndWhatHappenedStays() throws Exception {
        TrainerUser me = practices.trainerOf("Heron Reach Dogs", "Ines Marchetti", "ines@heronreach.example");
        home = homes.make(me, TrackKind.SKILL, 2);
        send(me, "/settings", "phone", "+44 20 7946 0161", "questionsByMail", "on");
        send(me, "/households/" + home.id + "/dogs", "id", "0", "version", "0", "name", "Moss");
        try (Browser browser = browser().expecting("net::ERR_")) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(phone() + "/alarm");
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("input[name=dog]:checked")).hasCount(0);
            owner.locator("text=Bit >> nth=0").click();
            owner.click("#raise");
            assertThat(owner.locator("#no-dog")).isVisible();
            owner.locator("label:has-text('Pim')").click();
            owner.fill("#what", "The neighbour's boy, on the hand.");
            owner.context().setOffline(true);
            owner.click("#raise");
            assertThat(owner.locator("#sent")).hasText("Not sent: no signal.");
            assertThat(owner.locator("#ring")).isVisible();
            assertThat(owner.locator("#after a[href='tel:+442079460161']")).isVisible();
            owner.context().setOffline(false);
            assertThat(owner.locator("#sent")).hasText("Sent, and a mail is on its way.");
            Browser.isForAThumb(owner);
            postman.round();
            DemoPost.Arrived mail = post.arrived(me.practice()).get(0);
            assertThat(mail.text()).contains("Pim: Bit. The neighbour's boy, on the hand.");

            Page trainer = browser.trainer(me);
            trainer.navigate("/households/" + home.id + "/homework");
            assertThat(trainer.locator("main")).containsText("What rests");
            assertThat(trainer.locator("main")).containsText("Everything with Pim rests.");
            trainer.navigate(mail.text().replaceAll("(?s).*(/alarms/\\S+).*", "$1"));
            assertThat(trainer.locator("#opened")).containsText("Their phone says so.");
            assertThat(owner.locator("#sent")).hasText("Your trainer has read it.");
            Browser.fits(trainer);
            trainer.fill("#with", "Dele");
            trainer.fill("#answer", "He had been hugged. A gate in the hall; the behaviourist sees him first.");
            trainer.locator("input[value=REST]").check();
            press(trainer, "I have spoken with them");
            trainer.waitForURL("**/households/" + home.id);
            assertThat(trainer.locator("header.head")).containsText("Ines spoke with Dele: He had been hugged.");
            assertThat(trainer.locator("#track-" + home.track + " .margin")).containsText("Take it up again at step 1");
            trainer.navigate("/tracks/" + home.track);
            assertThat(trainer.locator("main")).containsText("Ines spoke with Dele: He had been hugged.");
            owner.navigate(phone());
            assertThat(owner.locator("main")).containsText("Your trainer has rested this one.");
            trainer.navigate("/households/" + home.id);
            press(trainer, "Take it up again at step 1");
            assertThat(trainer.locator("#behind .margin")).containsText("Leave it: rests there, step 1 here.");
            press(trainer, "Send homework now");
            assertThat(trainer.locator("h1")).hasText("Homework 3");
            press(trainer, "Undo");
            assertThat(trainer.locator("#flash")).containsText("Homework 3 was taken back.");
            owner.navigate(phone());
            assertThat(owner.locator("main")).containsText("This rests until your trainer sends it again.");
        }
    }

    @Test
    void aChildPractisesOnlyWithANamedAdult() throws Exception {
        asEdda(() -> {
            Person marit = home.facts().people().stream().filter(p -> p.name().equals("Marit")).findFirst().orElseThrow();
            households.put(edda().practice(), home.id, Person.of("Noor", 9, true, "", "").reached("", marit.id()));
            return null;
        });
        try (Browser browser = browser()) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(phone() + "/practice/" + home.stepNow());
            owner.waitForSelector("body[data-ready]");
            assertThat(owner.locator("#adults")).isHidden();
            owner.click("#setup label:has-text('Noor')");
            assertThat(owner.locator("#adults")).isVisible();
            owner.click("[data-outcome=CLEAN]");
            assertThat(owner.locator("#no-adult")).isVisible();
            assertThat(owner.locator("#count")).hasText("0 of 8 done");
            Browser.isForAThumb(owner);
            owner.click("#adults label:has-text('Marit')");
            owner.click("[data-outcome=CLEAN]");
            assertThat(owner.locator("#count")).hasText("1 of 8 done");
            assertThat(owner.locator("#setup-says")).hasText("Noor (9) with Marit, kitchen");
            owner.waitForCondition(() -> homes.number(edda(), "select count(*)::int from rep where adult_id is not null and household_id = " + home.id) == 1);
        }
        assertThat(homes.number(edda(), "select count(*)::int from tap_mark where household_id = " + home.id)).isZero();
    }

    /** A page that was kept for places without signal does not know yet what was tapped an hour ago; the phone does. */
    @Test
    void withoutSignalThePhoneStillKnowsThatItWasTooMuchToday() {
        try (Browser browser = browser()) {
            Page owner = browser.visitor(390, 844);
            owner.navigate(phone());
            assertThat(owner.locator("a[href*='/practice/']").first()).isVisible();
            owner.evaluate("([token, track]) => localStorage.setItem(`cahier.stopped.${token.slice(0, 8)}.${track}`, new Date().toLocaleDateString('sv'))", List.of(home.token, Long.toString(home.track)));
            owner.reload();
            assertThat(owner.locator("main")).containsText("No more of this today. Tomorrow again.");
            assertThat(owner.locator("a[href*='/practice/']")).hasCount(0);
            owner.navigate(phone() + "/practice/" + home.stepNow());
            assertThat(owner.locator("#stopped")).isVisible();
            assertThat(owner.locator("#outcomes")).isHidden();
            clock.pass(Duration.ofDays(1));
            owner.reload();
            assertThat(owner.locator("#outcomes")).isVisible();
        }
    }

    /** A suggestion is of today: what stood since days because of a low rate gives way. */
    @Test
    void theDemosLeaveItIsReadyForTheNextStep() {
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(1280, 800, ColorScheme.LIGHT);
            trainer.navigate("/tracks/2");
            Locator note = trainer.locator(".track .note").filter(new Locator.FilterOptions().setHasText("Step up"));
            assertThat(note).containsText("18 of the last 20 reps were clean");
            assertThat(note).containsText("Newest rep");
        }
    }
}
