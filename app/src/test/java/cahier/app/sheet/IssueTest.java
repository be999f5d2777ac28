package cahier.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.judge.Answers;
import cahier.app.outbox.Mail;
import cahier.app.outbox.Outbox;
import cahier.app.paper.Paper;
import cahier.app.paper.PaperPdf;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What goes out is seen before it goes; it goes once; what it replaces is withdrawn; the sheet follows down and never up. */
class IssueTest extends AppTest {

    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Outbox outbox;
    @Autowired
    private Paper paper;
    @Autowired
    private PaperPdf pdf;
    @Autowired
    private Households households;
    private Home home;
    private String book;

    @BeforeEach
    void makeHome() throws Exception {
        home = homes.make(edda(), TrackKind.SKILL, 3);
        book = "/households/" + home.id;
        send(book + "/people", "id", "0", "version", "0", "name", "Ada", "email", "ada@issue.example").andExpect(status().is3xxRedirection());
    }

    @AfterEach
    void nothingWaits() {
        mails().stream().filter(Mail::isOpen).forEach(m -> asEdda(() -> {
            outbox.drop(edda().practice(), m.id());
            return null;
        }));
    }

    private Homework out() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow();
    }

    private List<Mail> mails() {
        return asEdda(() -> outbox.page(edda().practice(), 1)).rows().stream().filter(m -> Objects.equals(m.householdId(), home.id)).toList();
    }

    private String seen() {
        return asEdda(() -> homeworks.draft(edda().practice(), home.id, now())).seen();
    }

    private void upToStepTwo() throws Exception {
        home.practise("ccccc");
        assertThat(home.accept()).isEqualTo(Answers.Result.DONE);
    }

    @Test
    void aStepUpWaitsUntilItIsSentAndTheBookSaysSo() throws Exception {
        upToStepTwo();
        assertThat(out().items().get(0).number()).isEqualTo(1);
        open(book).andExpect(content().string(allOf(containsString("The sheet is behind"), containsString("Leave it: step 1 there, 2 here."))));
        open(book + "/homework").andExpect(content().string(allOf(containsString("Changed since"), containsString("Leave it: step 1 there, 2 here."), containsString("Step 2 of 3: Step 2."),
                containsString("And by mail to Ada"))));
        send(book + "/homework", "seen", seen(), "mail", "false").andExpect(status().is3xxRedirection());
        assertThat(out().items().get(0).number()).isEqualTo(2);
        assertThat(mails()).as("only on their page").isEmpty();
        open(book).andExpect(content().string(not(containsString("The sheet is behind"))));
        send("/sheets/" + out().id() + "/mail");
        send("/sheets/" + out().id() + "/mail");
        assertThat(mails()).as("mailed once").hasSize(1);
        send("/steps/" + home.stepNow(), "version", "0", "title", "Step 2", "how", "Another way.", "run", "5", "reps", "8", "sessions", "2", "minutes", "5");
        open(book).andExpect(content().string(containsString("Leave it: step 2 was changed since.")));
    }

    @Test
    void whatIsSentIsWhatWasLookedAt() throws Exception {
        String looked = seen();
        upToStepTwo();
        send(book + "/homework", "seen", looked).andExpect(redirectedUrl(book + "/homework")).andExpect(flash().attribute("refusal", containsString("Something has changed since you looked.")));
        assertThat(out().number()).isEqualTo(1);
    }

    @Test
    void aDoubleClickIsOneSheetAndOneMail() throws Exception {
        send(book + "/homework");
        send(book + "/homework");
        assertThat(out().number()).isEqualTo(2);
        assertThat(mails()).hasSize(1);
        clock.pass(Duration.ofSeconds(61));
        send(book + "/homework");
        assertThat(out().number()).as("a minute later it is meant").isEqualTo(3);
        assertThat(mails()).hasSize(2).filteredOn(m -> m.state() == Mail.State.DROPPED).singleElement().satisfies(m -> assertThat(m.trouble()).isEqualTo("Homework 3 took its place."));
    }

    @Test
    void aSheetThatWasSentIsTakenBackWithItsMail() throws Exception {
        upToStepTwo();
        send(book + "/homework");
        long second = out().id();
        send("/sheets/" + second + "/take-back").andExpect(redirectedUrl(book)).andExpect(flash().attribute("refusal", "Homework 2 was taken back. What was out before is out again."));
        assertThat(out().items().get(0).number()).isEqualTo(1);
        assertThat(mails()).singleElement().satisfies(m -> assertThat(List.of(m.state(), m.trouble())).containsExactly(Mail.State.DROPPED, "The sheet was taken back."));
        send("/sheets/" + second + "/take-back").andExpect(flash().attribute("refusal", "A newer sheet has replaced this one. Nothing was taken back."));
        send(book + "/homework");
        assertThat(out().number()).as("a number is given once").isEqualTo(3);
    }

    @Test
    void aStepBackIsOnThePhoneAtOnceAndTheWaitingMailGoesWithIt() throws Exception {
        upToStepTwo();
        send(book + "/homework");
        clock.pass(Duration.ofDays(1));
        home.practise("ctctcc");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.BACK);
        assertThat(home.accept()).isEqualTo(Answers.Result.DONE);
        assertThat(out().follows()).isTrue();
        assertThat(out().items().get(0).number()).isEqualTo(1);
        assertThat(mails()).filteredOn(Mail::isWaiting).singleElement().satisfies(m -> assertThat(m.homeworkId()).isEqualTo(out().id()));
        clock.pass(Duration.ofDays(1));
        mvc.perform(get("/o/" + home.token)).andExpect(content().string(allOf(containsString("Step 1: wait, then pay."), not(containsString("Step 2: wait, then pay.")))));
        open("/sheets/" + out().id()).andExpect(content().string(containsString("It goes by mail to Ada.")));
    }

    @Test
    void withAnAlarmOpenNothingOfTheDogGoesOutAndTheSheetSaysSo() throws Exception {
        home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"BIT\",\"what\":\"\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), now()));
        String rests = "Everything with Pim rests. Your trainer speaks with you first.";
        long before = out().id();
        assertThat(new String(asEdda(() -> pdf.of(edda().practice(), before, "http://x")), 0, 5)).isEqualTo("%PDF-");
        assertThat(asEdda(() -> paper.sheet(edda().practice(), before, "http://x"))).satisfies(p -> {
            assertThat(p.isPractised(p.sheet().items().get(0))).isFalse();
            assertThat(p.why(p.sheet().items().get(0))).isEqualTo(rests);
        });
        open("/sheets/" + before).andExpect(content().string(allOf(containsString("The phone rests it now."), containsString(rests))));
        open(book + "/homework").andExpect(content().string(allOf(containsString("What rests"), containsString(rests), not(containsString("Step 1 of 3")))));
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now(), 60, "", 0));
            return null;
        });
        long lesson = home.facts().lessons().get(0).id();
        open("/lessons/" + lesson).andExpect(content().string(containsString("Stop and call, open")));
        open("/lessons/" + lesson + "/close").andExpect(content().string(allOf(containsString("Leave it rests."), not(containsString("name=\"accept\"")))));
        String ticked = home.suggestion().id() + ":" + home.suggestion().version();
        send("/lessons/" + lesson + "/close", "accept", ticked).andExpect(flash().attributeExists("refusal"));
        assertThat(out().id()).as("a call is not accepted with the close").isEqualTo(before);
        send("/lessons/" + lesson + "/close").andExpect(status().is3xxRedirection());
        assertThat(out().items()).isEmpty();
        assertThat(out().rests()).singleElement().satisfies(r -> assertThat(r.why()).isEqualTo(rests));
        assertThat(new String(asEdda(() -> pdf.of(edda().practice(), out().id(), "http://x")), 0, 5)).isEqualTo("%PDF-");
    }

    @Test
    void besideTheTracksNothingStaysOpenDuringAnAlarmAFlagOrARestingStep() throws Exception {
        List<String> beside = List.of("/met", "/watch", "/out", "/alone", "/touch");
        for (String page : beside) {
            mvc.perform(get("/o/" + home.token + page)).andExpect(content().string(not(containsString("p-rests"))));
        }
        send("/tracks/" + home.track, "version", "0", "title", "Leave it", "kind", "COMFORT", "topic", "HANDLING", "staleDays", "7", "movesOn", "TRAINER").andExpect(status().is3xxRedirection());
        home.practise("ct");
        clock.pass(Duration.ofDays(1));
        mvc.perform(get("/o/" + home.token + "/touch")).andExpect(content().string(allOf(containsString("p-rests"), containsString("This rests until your trainer has looked."))));
        mvc.perform(get("/o/" + home.token + "/alone")).andExpect(content().string(not(containsString("p-rests"))));
        home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"HURT\",\"what\":\"\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), now()));
        for (String page : beside) {
            mvc.perform(get("/o/" + home.token + page)).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("p-rests"), containsString("Everything with Pim rests."))));
        }
        String late = "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%d\",\"zone\":\"CHIN\",\"seconds\":3,\"seen\":\"CALM\",\"at\":\"%s\"}";
        home.post("touches", late.formatted(UUID.randomUUID(), UUID.randomUUID(), home.facts().dogs().get(0).id(), now().minus(Duration.ofDays(2)))).andExpect(status().isOk());
        assertThat(homes.number(edda(), "select count(*)::int from tap_mark where kind = 'TOUCH' and household_id = " + home.id)).as("tapped before").isZero();
        clock.pass(Duration.ofMinutes(1));
        home.post("touches", late.formatted(UUID.randomUUID(), UUID.randomUUID(), home.facts().dogs().get(0).id(), now())).andExpect(status().isOk());
        assertThat(homes.number(edda(), "select count(*)::int from touch where household_id = " + home.id)).as("nothing is lost").isEqualTo(2);
        assertThat(homes.number(edda(), "select count(*)::int from tap_mark where kind = 'TOUCH' and household_id = " + home.id)).as("tapped while it rests").isEqualTo(1);
        open(book).andExpect(content().string(containsString("Touch with Pim: 1 tap, with an alarm open.")));
    }
}
