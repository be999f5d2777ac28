package cahier.app.outbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.wording.TextKind;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** An owner who presses stop and call reaches somebody, and a question reaches the trainer once a day. */
class AlarmMailTest extends AppTest {

    @Autowired
    private DemoPost post;
    @Autowired
    private Postman postman;
    @Autowired
    private Outbox outbox;
    private TrainerUser ines;
    private Home home;

    @BeforeEach
    void aHouseholdThatCanBeRung() throws Exception {
        post.put(false); // a server that starts anew has no mail
        post.put(true);
        ines = practices.trainerOf("Sallow Bank Dogs", "Ines Marchetti", "ines@sallowbank.example");
        home = homes.make(ines, TrackKind.SKILL, 2);
        homes.change(ines, "update practice set country = 'GB'");
        send(ines, "/settings", "phone", "+44 20 7946 0161", "questionsByMail", "on").andExpect(redirectedUrl("/settings"));
        send(ines, "/households/" + home.id + "/people", "id", "0", "version", "0", "name", "Ada", "mayHandle", "on", "phone", "07700 900345").andExpect(status().is3xxRedirection());
        send(ines, "/households/" + home.id, "version", "0", "name", "Alarm home", "zone", "Europe/London", "emergency", "Quarry Road vets", "emergencyPhone", "+44 20 7946 0155").andExpect(status().is3xxRedirection());
    }

    @AfterEach
    void nothingWaits() {
        mails().stream().filter(Mail::isOpen).forEach(m -> PracticeScope.within(ines.practice(), () -> {
            outbox.drop(ines.practice(), m.id());
            return null;
        }));
    }

    private List<Mail> mails() {
        return PracticeScope.within(ines.practice(), () -> outbox.page(ines.practice(), 1).rows());
    }

    private List<Mail> mailsOfHome() {
        return mails().stream().filter(m -> Objects.equals(m.householdId(), home.id)).toList();
    }

    private List<DemoPost.Arrived> arrived() {
        postman.round();
        return post.arrived(ines.practice());
    }

    private String raise() throws Exception {
        String id = UUID.randomUUID().toString();
        String body = "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"BIT\",\"what\":\"Noor's friend, on the hand\",\"at\":\"%s\"}".formatted(id, home.facts().dogs().get(0).id(), now());
        home.post("alarms", body).andExpect(status().isOk());
        home.post("alarms", body).andExpect(status().isOk());
        return id;
    }

    private void phoneKnows(String id, boolean received, boolean mail, boolean opened) throws Exception {
        mvc.perform(get("/o/" + home.token + "/alarms/" + id)).andExpect(jsonPath("$.received").value(received)).andExpect(jsonPath("$.mail").value(mail)).andExpect(jsonPath("$.opened").value(opened));
    }

    @Test
    void anAlarmIsMailedAtOnceAndAgainUntilSomebodyHasOpenedIt() throws Exception {
        String id = raise();
        assertThat(mailsOfHome()).as("sent twice by the phone, it is one alarm").hasSize(3).extracting(Mail::kind).containsOnly(TextKind.ALARM);
        assertThat(arrived()).singleElement().satisfies(m -> {
            assertThat(m.to()).isEqualTo("Ines Marchetti <ines@sallowbank.example>");
            assertThat(m.subject()).isEqualTo("Stop and call: Alarm home, Pim");
            assertThat(m.text().replace('\u00a0', ' ')).contains("Pim: Bit. Noor's friend, on the hand", "Ring them: Ada +44 7700 900345", "In an emergency they call: Quarry Road vets +44 20 7946 0155",
                    "Your number, as they see it: +44 20 7946 0161", "http://127.0.0.1:" + port + "/alarms/" + id);
        });
        phoneKnows(id, true, true, false);
        clock.pass(Duration.ofMinutes(14));
        assertThat(arrived()).hasSize(1);
        clock.pass(Duration.ofMinutes(2));
        assertThat(arrived()).as("again after a quarter of an hour").hasSize(2);
        mvc.perform(get("/outbox").with(user(ines))).andExpect(content().string(allOf(containsString("Stop and call: Alarm home, Pim"), containsString("next today,"))));

        send(ines, "/alarms/" + id + "/opened").andExpect(redirectedUrl("/alarms/" + id));
        phoneKnows(id, true, true, true);
        assertThat(mailsOfHome()).filteredOn(m -> m.state() == Mail.State.DROPPED).singleElement().satisfies(m -> assertThat(m.trouble()).isEqualTo("It was opened."));
        clock.pass(Duration.ofHours(2));
        assertThat(arrived()).as("not a third time").hasSize(2);
    }

    @Test
    void whatCameAfterwardsIsNotSaidToHaveBeenBefore() throws Exception {
        String first = raise();
        clock.pass(Duration.ofHours(3));
        String second = raise();
        open(ines, "/alarms/" + second).andExpect(content().string(containsString("Before, with Pim")));
        open(ines, "/alarms/" + first).andExpect(content().string(not(containsString("Before, with Pim"))));
    }

    @Test
    void nobodyElseReadsOrAnswersIt() throws Exception {
        String id = raise();
        mvc.perform(get("/alarms/" + id).with(user(ines))).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("tel:+447700900345"), containsString("tel:+442079460155"))));
        mvc.perform(get("/alarms/" + id).with(user(edda()))).andExpect(status().isNotFound());
        send("/alarms/" + id + "/opened").andExpect(status().isNotFound());
        send("/alarms/" + id + "/answer", "with", "x", "answer", "x").andExpect(status().isNotFound());
        Home other = homes.make(ines, TrackKind.SKILL, 1);
        mvc.perform(get("/o/" + other.token + "/alarms/" + id)).andExpect(jsonPath("$.received").value(false));
        mvc.perform(get("/o/" + home.token + "/alarms/no-id")).andExpect(status().isBadRequest());
    }

    @Test
    void theNumbersAreOnThePhoneTheSheetAndTheQuestionsPage() throws Exception {
        String sheet = "/o/" + home.token;
        for (String page : List.of("/alarm", "/ask")) {
            mvc.perform(get(sheet + page)).andExpect(content().string(allOf(containsString("href=\"tel:+442079460161\""), containsString("<span>Ring Ines Marchetti</span> <span class=\"num\">+44\u00a020\u00a07946\u00a00161</span>"), containsString("tel:+442079460155"))));
        }
        raise();
        mvc.perform(get(sheet)).andExpect(content().string(allOf(containsString("Sent, and a mail is on its way."), containsString("tel:+442079460161"))));
    }

    @Test
    void aNumberThatIsNoneIsNamedAndStands() throws Exception {
        send(ines, "/settings", "phone", "soon").andExpect(content().string(containsString("value=\"soon\"")));
        send(ines, "/settings", "phone", "12").andExpect(content().string(containsString("must be a telephone number such as +44 20 7946 0123, or one of GB without its country, was “12”")));
    }

    @Test
    void questionsComeTogetherOnceADay() throws Exception {
        ask("May he sniff?");
        assertThat(arrived()).singleElement().satisfies(m -> {
            assertThat(m.subject()).isEqualTo("One question from owners");
            assertThat(m.text()).contains("Alarm home", "May he sniff?", "http://127.0.0.1:" + port + "/");
        });
        clock.pass(Duration.ofHours(1));
        ask("And on grass?");
        ask("Or at the fence?");
        assertThat(arrived()).as("not before a day has passed").hasSize(1);
        clock.pass(Duration.ofHours(24));
        assertThat(arrived()).hasSize(2).anySatisfy(m -> assertThat(m.text()).contains("And on grass?", "Or at the fence?", "May he sniff?"));
        send(ines, "/settings", "phone", "");
        clock.pass(Duration.ofDays(2));
        ask("Switched off now?");
        assertThat(arrived()).hasSize(2);
    }

    private void ask(String words) throws Exception {
        home.post("questions", "{\"id\":\"%s\",\"words\":\"%s\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), words, now())).andExpect(status().isOk());
    }
}
