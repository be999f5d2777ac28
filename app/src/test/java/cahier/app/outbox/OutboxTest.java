package cahier.app.outbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.ask.Question;
import cahier.app.ask.Questions;
import cahier.app.scope.Seal;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Mail to owners, as the server receives it and as the trainer sees it. */
class OutboxTest extends AppTest {

    @Autowired
    private MailMapper mapper;
    @Autowired
    private PlatformTransactionManager transactions;
    @Autowired
    private DemoPost post;
    @Autowired
    private Postman postman;
    @Autowired
    private Outbox outbox;
    @Autowired
    private Questions questions;
    @Autowired
    private Seal seal;
    private Home home;

    @BeforeEach
    void aHouseholdWithTwoReadersAndAChild() throws Exception {
        post.put(false); // a server that starts anew has no mail
        post.put(true);
        home = homes.make(edda(), TrackKind.SKILL, 2);
        String people = "/households/" + home.id + "/people";
        long dele = home.facts().people().stream().filter(p -> p.name().equals("Dele")).findFirst().orElseThrow().id();
        send(people, "id", Long.toString(dele), "version", "0", "name", "Dele", "mayHandle", "on", "email", "dele@test.example").andExpect(status().is3xxRedirection());
        send(people, "id", "0", "version", "0", "name", "Ada", "email", "ada@test.example").andExpect(status().is3xxRedirection());
        send(people, "id", "0", "version", "0", "name", "Noor", "consent", "on", "age", "9", "email", "noor@test.example").andExpect(status().is3xxRedirection());
    }

    @AfterEach
    void theServerIsUpAgain() {
        post.put(true);
        mails().stream().filter(Mail::isOpen).forEach(m -> asEdda(() -> {
            outbox.drop(edda().practice(), m.id());
            return null;
        }));
    }

    private List<Mail> mails() {
        return asEdda(() -> outbox.page(edda().practice(), 1)).rows().stream().filter(m -> Objects.equals(m.householdId(), home.id)).toList();
    }

    private long minutesToGo(Mail mail) {
        return Math.round(Duration.between(now(), mail.nextAt()).toSeconds() / 60.0);
    }

    /** What came to somebody of this household; other tests write to Edda. */
    private List<DemoPost.Arrived> arrived() {
        postman.round();
        return post.arrived(edda().practice()).stream().filter(m -> m.to().endsWith("@test.example>")).toList();
    }

    @Test
    void homeworkGoesToEveryGrownUpWithAnAddressWithTheLinkAndTheSheet() throws Exception {
        send("/households/" + home.id + "/homework");
        assertThat(mails()).extracting(Mail::state).containsExactly(Mail.State.WAITING, Mail.State.WAITING);
        assertThat(mails().get(0).body()).as("the address is not kept").contains("{link}").doesNotContain(home.token);
        assertThat(arrived()).extracting(DemoPost.Arrived::to).containsExactlyInAnyOrder("Dele <dele@test.example>", "Ada <ada@test.example>");
        DemoPost.Arrived one = arrived().get(0);
        assertThat(one.subject()).isEqualTo("Homework 2 for Pim");
        assertThat(one.text()).contains("homework 2 for Pim is ready: Leave it.", "http://127.0.0.1:" + port + "/o/" + home.token, "Edda Brandt, Marl Road Lessons");
        assertThat(one.attached()).containsExactly("homework.pdf");
        assertThat(arrived()).as("once").hasSize(2);
        open("/outbox").andExpect(content().string(allOf(containsString("Homework 2 for Pim"), containsString("went out"), containsString("(the household’s link)"))));
        mvc.perform(get("/outbox").with(user(imre()))).andExpect(content().string(not(containsString(home.token))));
    }

    @Test
    void anAnswerGoesOutWithItsQuestion() throws Exception {
        UUID id = UUID.randomUUID();
        asEdda(() -> {
            questions.ask(edda().practice(), new Question(id, home.id, "May he sniff?", now(), "", null, null), now());
            return null;
        });
        send("/households/" + home.id + "/questions/" + id + "/answer", "answer", "Yes, after “free”.");
        assertThat(arrived()).hasSize(2).allSatisfy(m -> assertThat(m.text()).contains("you asked: May he sniff?", "Yes, after “free”."));
    }

    @Test
    void aServerThatIsDownKeepsTheMailWhichIsTriedAgainLaterAndLater() throws Exception {
        post.put(false);
        send("/households/" + home.id + "/homework");
        postman.round();
        assertThat(mails()).allSatisfy(m -> assertThat(List.of(m.state(), m.tries(), minutesToGo(m))).containsExactly(Mail.State.WAITING, 1, 1L));
        open("/outbox").andExpect(content().string(containsString("The mail server did not take it:")));
        postman.round();
        assertThat(mails()).as("not before its time").allSatisfy(m -> assertThat(m.tries()).isEqualTo(1));
        clock.pass(Duration.ofMinutes(1));
        postman.round();
        assertThat(mails()).allSatisfy(m -> assertThat(minutesToGo(m)).isEqualTo(5));
        post.put(true);
        clock.pass(Duration.ofMinutes(5));
        assertThat(arrived()).hasSize(2);
        assertThat(mails()).allSatisfy(m -> assertThat(m.state()).isEqualTo(Mail.State.SENT));
    }

    @Test
    void anInstanceWhoseClockIsAheadDoesNotSendWhatIsOnItsWay() throws Exception {
        send("/households/" + home.id + "/homework");
        assertThat(taken(now())).isPresent();
        assertThat(taken(now())).as("the other one of the household").isPresent();
        assertThat(taken(now().plus(Duration.ofMinutes(6)))).isEmpty();
    }

    private Optional<Mail> taken(Instant now) {
        return asEdda(() -> new TransactionTemplate(transactions).execute(t -> mapper.take(edda().practice(), now, 300)));
    }

    @Test
    void afterADayItIsTheTrainersToSendAgainOrNot() throws Exception {
        post.put(false);
        send("/households/" + home.id + "/homework");
        for (int i = 0; i < 8; i++) {
            postman.round();
            clock.pass(Duration.ofHours(12));
        }
        assertThat(mails()).allSatisfy(m -> assertThat(List.of(m.state(), m.tries())).containsExactly(Mail.State.FAILED, 8));
        open("/outbox").andExpect(content().string(containsString("did not go")));
        post.put(true);
        send("/outbox/" + mails().get(0).id() + "/again");
        send("/outbox/" + mails().get(1).id() + "/drop");
        assertThat(arrived()).hasSize(1);
        assertThat(mails()).extracting(Mail::state).containsExactly(Mail.State.SENT, Mail.State.DROPPED);
        send("/outbox/" + mails().get(0).id() + "/again").andExpect(status().isNotFound());
    }

    @Test
    void theTextsAreTheTrainersToEdit() throws Exception {
        send("/outbox/texts/HOMEWORK", "subject", "News of {dog}", "body", "x").andExpect(content().string(allOf(
                containsString("cannot fill in “{dog}”; in braces may stand {name}, {dogs}"), containsString("News of {dog}"))));
        send("/outbox/texts/HOMEWORK", "subject", " ", "body", "x").andExpect(content().string(containsString("must not be empty")));
        send("/outbox/texts/HOMEWORK", "subject", "News of {dogs}", "body", "Dear {name}, {link}").andExpect(status().is3xxRedirection());
        send("/outbox/texts/STRANGERS", "body", "“Not now, please.”");
        send("/households/" + home.id + "/homework");
        assertThat(arrived()).allSatisfy(m -> assertThat(m.subject()).isEqualTo("News of Pim"));
        open("/sheets/" + mails().get(0).homeworkId() + "/print").andExpect(content().string(containsString("“Not now, please.”")));
        send("/outbox/texts/HOMEWORK/usual");
        send("/outbox/texts/STRANGERS/usual");
        open("/outbox/texts/HOMEWORK").andExpect(content().string(containsString("Homework {number} for {dogs}")));
        open("/outbox/texts/NONSENSE").andExpect(status().isNotFound());
    }

    @Test
    void anAddressThatIsNoneIsRefusedBesideItsField() throws Exception {
        send("/households/" + home.id + "/people", "id", "0", "version", "0", "name", "Eva", "email", "eva at home")
                .andExpect(content().string(containsString("must be an address such as imre@hollowlane.example, was “eva at home”")));
    }

    @Test
    void whatIsSealedOpensWithTheSameKeyOnly() {
        byte[] sealed = seal.close("a-token");
        assertThat(seal.open(sealed)).contains("a-token");
        assertThat(new String(sealed, StandardCharsets.ISO_8859_1)).doesNotContain("a-token");
        sealed[sealed.length - 1] ^= 1;
        assertThat(seal.open(sealed)).isEqualTo(Optional.empty());
        assertThat(seal.open(new byte[3])).isEmpty();
    }
}
