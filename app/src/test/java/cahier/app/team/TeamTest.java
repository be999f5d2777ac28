package cahier.app.team;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.account.Credentials;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Clashes;
import cahier.app.outbox.DemoPost;
import cahier.app.outbox.Postman;
import cahier.app.scope.NoLongerSignedIn;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Several trainers of one practice: invited, with a role, with households of their own, away, gone. */
class TeamTest extends AppTest {

    private static int made;

    @Autowired
    private Households households;
    @Autowired
    private Credentials credentials;
    @Autowired
    private Clashes clashes;
    @Autowired
    private Team team;
    @Autowired
    private Postman postman;
    @Autowired
    private DemoPost post;
    private String place;
    private TrainerUser runs;
    private TrainerUser wenna;

    @BeforeEach
    void aPracticeOfTwo() {
        post.put(true);
        place = "heron" + ++made;
        runs = practices.trainerOf("Heron Yard " + made, "Runa Heron", "runa@" + place + ".example");
        wenna = practices.colleagueOf(runs, "Wenna Tarn", "wenna@" + place + ".example");
        List.of(runs, wenna).forEach(t -> homes.change(runs, "update trainer set phone = '+4420794601" + (t.id() % 90 + 10) + "' where id = " + t.id()));
    }

    private TrainerUser again(TrainerUser who) {
        return (TrainerUser) accounts.loadUserByUsername(who.email());
    }

    private Home homeOf(TrainerUser whose) {
        Home home = homes.make(runs, TrackKind.SKILL, 2);
        homes.change(runs, "update household set trainer_id = " + whose.id() + ", name = 'Home " + home.id + "' where id = " + home.id);
        return home;
    }

    private long lesson(Home home, Instant at) {
        return PracticeScope.within(runs.practice(), () -> {
            households.put(runs.practice(), new Lesson(0, home.id, at, 60, "", 0));
            return home.facts().lessons().get(0).id();
        });
    }

    private LocalDate today() {
        return LocalDate.ofInstant(now(), ZoneOffset.UTC);
    }

    private void away(TrainerUser who, TrainerUser standIn, int from, int until) throws Exception {
        send(runs, "/settings/trainers/away", "away", who.id() + "", "standIn", standIn.id() + "", "from", today().plusDays(from) + "", "until", today().plusDays(until) + "").andExpect(redirectedUrl("/settings/trainers#away"));
    }

    // ---- invited ----

    @Test
    void somebodyIsInvitedByMailChoosesAPasswordAndWorks() throws Exception {
        String email = "tamsin@" + place + ".example";
        send(runs, "/settings/trainers", "name", "Tamsin Orrell", "email", email, "role", "TRAINS").andExpect(flash().attribute("said", "An invitation to Tamsin Orrell is on its way."));
        open(runs, "/settings/trainers").andExpect(content().string(allOf(containsString("Tamsin Orrell"), containsString("Invited, not here yet."))));
        postman.round();
        String mail = post.arrived(runs.practice()).get(0).text();
        assertThat(mail).contains("Runa Heron asks you to join Heron Yard", ": trainer.");
        Matcher link = Pattern.compile("/join/[\\w-]+").matcher(mail);
        assertThat(link.find()).isTrue();
        mvc.perform(get(link.group())).andExpect(content().string(allOf(containsString("Tamsin Orrell, choose a password"), containsString(email))));
        mvc.perform(post(link.group()).with(csrf()).param("fresh", "short")).andExpect(content().string(containsString("Tamsin Orrell, choose a password")));
        mvc.perform(post(link.group()).with(csrf()).param("fresh", "three-quiet-herons")).andExpect(redirectedUrl("/login?joined"));
        mvc.perform(get(link.group())).andExpect(content().string(containsString("This invitation has ended")));
        mvc.perform(post(link.group()).with(csrf()).param("fresh", "another-quiet-heron")).andExpect(content().string(containsString("This invitation has ended")));
        TrainerUser tamsin = (TrainerUser) accounts.loadUserByUsername(email);
        assertThat(tamsin.role()).isEqualTo(TrainerRole.TRAINS);
        open(tamsin, "/").andExpect(status().isOk()).andExpect(content().string(containsString("No household of yours yet")));
        open(runs, "/account").andExpect(content().string(allOf(containsString("Runa Heron invited: Tamsin Orrell"), containsString("Tamsin Orrell joined the practice"))));
    }

    @Test
    void withoutAMailServerTheLinkIsShownOnce() throws Exception {
        post.put(false);
        send(runs, "/settings/trainers", "name", "Tamsin Orrell", "email", "t@" + place + ".example", "role", "READS").andExpect(redirectedUrl("/settings/trainers"));
        assertThat(homes.number(runs, "select count(*) from trainer where joined_at is null")).isEqualTo(1);
    }

    @Test
    void anInvitationIsRefusedWhereSomebodyIsHereOrTheAddressIsNone() throws Exception {
        send(runs, "/settings/trainers", "name", "W", "email", wenna.email().toUpperCase(Locale.ROOT), "role", "TRAINS").andExpect(content().string(containsString("is Wenna Tarn’s, who is here already")));
        send(runs, "/settings/trainers", "name", "", "email", "nobody", "role", "KING").andExpect(content().string(allOf(containsString("value=\"nobody\""), containsString("must be an address such as"))));
        send(runs, "/settings/trainers", "name", "Edda", "email", edda().email(), "role", "TRAINS").andExpect(content().string(containsString("somebody signs in with it already")));
        send(runs, "/settings/trainers", "name", "A", "email", "a@" + place + ".example", "role", "TRAINS").andExpect(redirectedUrl("/settings/trainers"));
        send(runs, "/settings/trainers", "name", "A", "email", "a@" + place + ".example", "role", "TRAINS").andExpect(content().string(containsString("who is invited already")));
    }

    @Test
    void anInvitationIsGoodForAWeekAndNotOnceItIsTakenBack() throws Exception {
        String email = "late@" + place + ".example";
        send(runs, "/settings/trainers", "name", "Late Comer", "email", email, "role", "TRAINS");
        String word = credentials.invitation(email, now()).orElseThrow();
        assertThat(credentials.opened(word, now().plus(Duration.ofDays(6)))).isPresent();
        assertThat(credentials.opened(word, now().plus(Duration.ofDays(7)))).isEmpty();
        long id = homes.number(runs, "select id from trainer where email = '" + email + "'");
        send(runs, "/settings/trainers/" + id + "/again").andExpect(redirectedUrl("/settings/trainers"));
        send(runs, "/settings/trainers/" + id + "/let-go").andExpect(redirectedUrl("/settings/trainers"));
        assertThat(credentials.opened(word, now())).isEmpty();
        assertThat(credentials.invitation(email, now())).isEmpty();
        assertThat(credentials.word(email, now())).isEmpty();
    }

    @Test
    void noTwoSignAlike() throws Exception {
        TrainerUser other = practices.colleagueOf(runs, "Wenna Ash", "wenna.ash@" + place + ".example");
        assertThat(List.of(wenna.signature(), other.signature())).containsExactly("Wenna", "Wenna Ash");
        TrainerUser third = practices.colleagueOf(runs, "Wenna Ash", "wenna.ash.too@" + place + ".example");
        assertThat(third.signature()).isEqualTo("Wenna Ash " + third.id());
    }

    // ---- what each may do ----

    @Test
    void whoReadsOnlySeesAllAndChangesNothingButTheirOwn() throws Exception {
        Home home = homeOf(wenna);
        send(runs, "/settings/trainers/" + wenna.id() + "/role", "role", "READS").andExpect(redirectedUrl("/settings/trainers"));
        assertThat(homes.number(runs, "select count(*) from household where id = " + home.id + " and trainer_id is null")).as("nobody answers for it who may not").isEqualTo(1);
        TrainerUser reads = again(wenna);
        open(reads, "/households/" + home.id).andExpect(status().isOk()).andExpect(content().string(allOf(containsString("You read only"), containsString(" reads\""))));
        open(reads, "/").andExpect(content().string(containsString("Home " + home.id)));
        for (String path : List.of("/households", "/households/" + home.id, "/tracks/" + home.track + "/park", "/lessons", "/shelf/import", "/outbox/1/drop", "/drafts", "/settings/practice", "/settings/trainers",
                "/households/" + home.id + "/hand-over", "/settings/trainers/away", "/households/" + home.id + "/erase", "/nowhere")) {
            send(reads, path).andExpect(status().isForbidden());
        }
        send(reads, "/settings", "phone", "+44 20 7946 0150").andExpect(redirectedUrl("/settings"));
    }

    @Test
    void onlyWhoRunsThePracticeChangesIt() throws Exception {
        Home home = homeOf(wenna);
        for (String path : List.of("/settings/practice", "/settings/method", "/settings/keeping", "/settings/export", "/settings/bring-in", "/settings/trainers", "/settings/trainers/" + runs.id() + "/role",
                "/settings/trainers/" + runs.id() + "/again", "/settings/trainers/" + runs.id() + "/let-go", "/households/" + home.id + "/erase", "/outbox/texts/HOMEWORK", "/outbox/texts/HOMEWORK/usual", "/outbox/demo-server")) {
            send(wenna, path).andExpect(status().isForbidden());
        }
        open(wenna, "/settings/trainers/" + runs.id() + "/let-go").andExpect(status().isForbidden());
        for (String page : List.of("/settings", "/settings/method", "/settings/keeping", "/settings/bring-in", "/households/" + home.id + "/erase", "/outbox/texts/HOMEWORK")) {
            open(wenna, page).andExpect(status().isOk()).andExpect(content().string(containsString("Only who runs the practice changes this")));
            open(runs, page).andExpect(content().string(not(containsString("Only who runs the practice changes this"))));
        }
        open(wenna, "/settings/trainers").andExpect(content().string(allOf(containsString("Runa Heron"), not(containsString("Invite a trainer")), not(containsString("Let go")))));
        send(wenna, "/households/" + home.id + "/hand-over", "from", wenna.id() + "", "to", "").andExpect(redirectedUrl("/households/" + home.id));
    }

    @Test
    void somebodyAlwaysRunsThePractice() throws Exception {
        send(runs, "/settings/trainers/" + runs.id() + "/role", "role", "TRAINS").andExpect(flash().attribute("refusal", containsString("nobody else does")));
        send(runs, "/settings/trainers/" + runs.id() + "/let-go").andExpect(content().string(containsString("Let somebody else run it first")));
        send(runs, "/settings/trainers/" + wenna.id() + "/role", "role", "RUNS").andExpect(redirectedUrl("/settings/trainers"));
        send(runs, "/settings/trainers/" + runs.id() + "/let-go", "to", wenna.id() + "").andExpect(redirectedUrl("/login?ended"));
        assertThat(again(wenna).isRunning()).isTrue();
    }

    @Test
    void anotherRoleEndsTheSignInAtOnce() throws Exception {
        send(runs, "/settings/trainers/" + wenna.id() + "/role", "role", "READS");
        open(wenna, "/").andExpect(redirectedUrl("/login?ended"));
        send(wenna, "/households").andExpect(redirectedUrl("/login?ended"));
        open(again(wenna), "/").andExpect(status().isOk());
        assertThatThrownBy(() -> {
            try (PracticeScope.Closing scope = PracticeScope.enter(wenna)) {
                team.members(wenna.practice());
            }
        }).isInstanceOf(NoLongerSignedIn.class);
    }

    // ---- gone ----

    @Test
    void whoLeavesIsOutAtOnceAndNothingOfTheHouseholdsGoes() throws Exception {
        Home one = homeOf(wenna);
        Home two = homeOf(wenna);
        long lesson = lesson(one, now().plus(2, ChronoUnit.DAYS));
        homes.change(runs, "update lesson set trainer_id = " + wenna.id() + " where id = " + lesson);
        send(wenna, "/lessons/calendar");
        draft(wenna, one, "Half a thought");
        send(wenna, "/households/" + one.id + "/parked", "words", "jumping up");
        away(wenna, runs, 3, 5);

        send(runs, "/settings/trainers/" + wenna.id() + "/let-go", "to", "77", "note", "Both sweet.").andExpect(content().string(allOf(containsString("must be everybody or a trainer"), containsString("Both sweet."))));
        open(wenna, "/").andExpect(status().isOk());
        send(runs, "/settings/trainers/" + wenna.id() + "/let-go", "to", runs.id() + "", "note", "Both sweet.").andExpect(redirectedUrl("/settings/trainers"));

        open(wenna, "/").andExpect(redirectedUrl("/login?ended"));
        send(wenna, "/households/" + one.id + "/parked", "words", "x").andExpect(redirectedUrl("/login?ended"));
        assertThatThrownBy(() -> again(wenna)).hasMessageContaining("no trainer has this address");
        assertThat(homes.number(runs, "select count(*) from household where id in (" + one.id + ", " + two.id + ") and trainer_id = " + runs.id())).isEqualTo(2);
        assertThat(homes.number(runs, "select count(*) from hand_over where note = 'Both sweet.' and by_trainer = 'Runa'")).isEqualTo(2);
        for (String left : List.of("calendar_link", "draft", "busy", "second_factor", "stand_in", "lesson")) {
            assertThat(homes.number(runs, "select count(*) from " + left + " where trainer_id = " + wenna.id())).as(left).isZero();
        }
        open(runs, "/settings/trainers").andExpect(content().string(containsString("Not here any more")));
        send(runs, "/settings/trainers", "name", "Wenna Tarn", "email", wenna.email(), "role", "TRAINS").andExpect(redirectedUrl("/settings/trainers"));
        assertThat(homes.number(runs, "select count(*) from trainer")).as("the same as before, not another").isEqualTo(2);
    }

    // ---- whose household is whose ----

    @Test
    void aHouseholdIsHandedOverWithANoteThatWaitsOnTheDesk() throws Exception {
        Home home = homeOf(runs);
        open(runs, "/households/" + home.id).andExpect(content().string(allOf(containsString("Runa has this household."), containsString("/hand-over"))));
        send(runs, "/households/" + home.id + "/hand-over", "from", runs.id() + "", "to", wenna.id() + "", "note", "Pim bolts at bins.").andExpect(redirectedUrl("/households/" + home.id));
        open(wenna, "/").andExpect(content().string(allOf(containsString("Handed over to you"), containsString("Pim bolts at bins."), containsString("From Runa"))));
        open(runs, "/").andExpect(content().string(allOf(not(containsString("Pim bolts at bins.")), not(containsString("Home " + home.id + "</a>")))));
        open(runs, "/?whose=all").andExpect(content().string(containsString("Home " + home.id)));
        postman.round();
        assertThat(post.arrived(runs.practice()).get(0).text()).contains("Runa Heron has handed Home " + home.id + " over to you.", "Pim bolts at bins.", "/households/" + home.id);
        long note = homes.number(runs, "select id from hand_over where household_id = " + home.id);
        send(runs, "/hand-overs/" + note + "/read");
        open(wenna, "/").andExpect(content().string(containsString("Pim bolts at bins.")));
        send(wenna, "/hand-overs/" + note + "/read").andExpect(redirectedUrl("/"));
        open(wenna, "/").andExpect(content().string(not(containsString("Pim bolts at bins."))));
        send(wenna, "/households/" + home.id + "/hand-over", "from", wenna.id() + "", "to", runs.id() + "", "note", "There").andExpect(status().is3xxRedirection());
        send(runs, "/households/" + home.id + "/hand-over", "from", runs.id() + "", "to", wenna.id() + "", "note", "And back. " + "Long. ".repeat(100)).andExpect(status().is3xxRedirection());
        open(runs, "/").andExpect(content().string(not(containsString("There</span>"))));
        open(wenna, "/").andExpect(content().string(allOf(containsString("And back."), containsString("Read the rest"), not(containsString("Long. ".repeat(60))))));
        open(wenna, "/households/" + home.id + "/hand-over").andExpect(content().string(allOf(containsString("From Runa to Wenna"), containsString("Pim bolts at bins."))));
        open(wenna, "/households/" + home.id + "/history").andExpect(content().string(containsString("Runa handed the household over: to Wenna")));
    }

    @Test
    void ofTwoWhoHandOverAtOnceTheSecondIsAskedAgain() throws Exception {
        Home home = homeOf(runs);
        send(wenna, "/households/" + home.id + "/hand-over", "from", runs.id() + "", "to", wenna.id() + "").andExpect(status().is3xxRedirection());
        send(runs, "/households/" + home.id + "/hand-over", "from", runs.id() + "", "to", "", "note", "For all of us").andExpect(content().string(allOf(containsString("went to somebody else meanwhile"), containsString("For all of us"))));
        send(runs, "/households/" + home.id + "/hand-over", "from", wenna.id() + "", "to", edda().id() + "").andExpect(content().string(containsString("must be everybody or a trainer")));
        assertThat(homes.number(runs, "select trainer_id from household where id = " + home.id)).isEqualTo(wenna.id());
    }

    @Test
    void neitherOfTwoAtOneHouseholdLosesWhatTheyWrote() throws Exception {
        Home home = homeOf(runs);
        send(runs, "/households/" + home.id, "version", "0", "name", "Orrin", "zone", "Europe/London", "cautions", "Shy of hats").andExpect(status().is3xxRedirection());
        send(wenna, "/households/" + home.id, "version", "0", "name", "Orrin", "zone", "Europe/London", "cautions", "Shy of bicycles").andExpect(status().isConflict())
                .andExpect(content().string(allOf(containsString("Shy of hats"), containsString("Shy of bicycles"))));
        for (TrainerUser each : List.of(runs, wenna)) {
            draft(each, home, "By " + each.signature());
        }
        assertThat(homes.texts(runs, "select words from draft order by words")).containsExactly("By Runa", "By Wenna");
    }

    private void draft(TrainerUser who, Home home, String words) throws Exception {
        mvc.perform(post("/drafts").with(user(who)).with(csrf()).contentType("application/json")
                .content("{\"form\":\"/households/%d/intake/home\",\"device\":\"d\",\"seen\":null,\"fields\":{\"tried\":\"%s\"}}".formatted(home.id, words))).andExpect(status().is2xxSuccessful());
    }

    @Test
    void lessonsAreOnesOwnUnlessAsked() throws Exception {
        Home mine = homeOf(runs);
        Home hers = homeOf(wenna);
        Home shared = homeOf(wenna);
        homes.change(runs, "update household set trainer_id = null where id = " + shared.id);
        Instant at = now().plus(3, ChronoUnit.DAYS);
        long mineAt = lesson(mine, at);
        long hersAt = lesson(hers, at);
        long sharedAt = lesson(shared, at.plus(5, ChronoUnit.HOURS));
        open(wenna, "/lessons").andExpect(content().string(allOf(containsString("/lessons/" + hersAt), containsString("/lessons/" + sharedAt), not(containsString("/lessons/" + mineAt)))));
        open(wenna, "/lessons?whose=all").andExpect(content().string(allOf(containsString("/lessons/" + hersAt), containsString("/lessons/" + mineAt), containsString("given by Wenna"))));
        assertThat(clashesOf(mine)).as("two trainers are at two places at once").isEmpty();
        homes.change(runs, "update lesson set travel_min = 90, starts_at = starts_at + interval '65 minutes' where id = " + hersAt);
        open(wenna, "/lessons?whose=all").andExpect(content().string(allOf(not(containsString("the way takes 90")), not(containsString("too short")))));
        homes.change(runs, "update lesson set travel_min = 0, starts_at = starts_at - interval '65 minutes' where id = " + hersAt);
        send(runs, "/households/" + hers.id + "/lessons", "id", hersAt + "", "version", "0", "startsAt", at.atZone(hers.facts().household().zone()).toLocalDateTime().truncatedTo(ChronoUnit.MINUTES).toString(),
                "minutes", "60", "givenBy", runs.id() + "").andExpect(content().string(containsString("runs into lesson with Home " + mine.id)));
        homes.change(runs, "update lesson set trainer_id = " + runs.id() + " where id = " + hersAt);
        assertThat(clashesOf(mine)).hasSize(1);
        open(wenna, "/lessons").andExpect(content().string(not(containsString("/lessons/" + hersAt))));
        open(wenna, "/lessons/" + hersAt).andExpect(content().string(containsString(", given by Runa")));
        assertThat(calendar(wenna)).doesNotContain("Home " + hers.id).contains("Home " + shared.id);
        assertThat(calendar(runs)).contains("Home " + hers.id, "Home " + mine.id, "Home " + shared.id);
    }

    private List<Clashes.Clash> clashesOf(Home home) {
        return PracticeScope.within(runs.practice(), () -> clashes.of(runs.practice(), home.facts().lessons().get(0)));
    }

    private String calendar(TrainerUser of) throws Exception {
        send(of, "/lessons/calendar");
        return mvc.perform(get("/lessons.ics").with(user(of))).andReturn().getResponse().getContentAsString();
    }

    // ---- away ----

    @Test
    void whoStandsInHasTheHouseholdsTheLessonsAndTheCalls() throws Exception {
        Home home = homeOf(wenna);
        long inside = lesson(home, now().plus(2, ChronoUnit.DAYS));
        long after = lesson(home, now().plus(9, ChronoUnit.DAYS));
        open(runs, "/").andExpect(content().string(not(containsString("Home " + home.id + "</a>"))));
        String owners = "/o/" + home.token + "/alarm";
        assertThat(rung(owners)).containsExactly(wenna.id());
        away(wenna, runs, 0, 7);
        open(runs, "/").andExpect(content().string(containsString("Home " + home.id + "</a>")));
        open(wenna, "/").andExpect(content().string(containsString("Home " + home.id + "</a>")));
        open(runs, "/households/" + home.id).andExpect(content().string(containsString("Wenna has this household. Runa stands in until")));
        open(runs, "/lessons").andExpect(content().string(allOf(containsString("/lessons/" + inside), not(containsString("/lessons/" + after)))));
        open(wenna, "/lessons").andExpect(content().string(allOf(containsString("/lessons/" + after), not(containsString("/lessons/" + inside + "\"")))));
        assertThat(rung(owners)).containsExactly(runs.id());
        assertThat(homes.texts(runs, "select (gives = gives_lesson(practice_id, household_id, trainer_id, starts_at))::text from lesson_given")).as("kept or planned, it is the same").containsExactly("true", "true");

        home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"BIT\",\"what\":\"On the hand\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), now())).andExpect(status().isOk());
        assertThat(homes.texts(runs, "select to_address from mail where kind = 'ALARM' and next_at <= made_at")).as("at once").containsExactly(runs.email());
        assertThat(homes.texts(runs, "select distinct to_address from mail where kind = 'ALARM' and next_at > made_at order by 1")).as("while nobody opens it").containsExactly(runs.email(), wenna.email());
        home.post("questions", "{\"id\":\"%s\",\"words\":\"May he have cheese?\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), now())).andExpect(status().isOk());
        assertThat(homes.texts(runs, "select to_address from mail where kind = 'QUESTIONS'")).containsExactly(runs.email());

        send(wenna, "/settings/trainers/away/" + homes.number(runs, "select id from stand_in") + "/end").andExpect(redirectedUrl("/settings/trainers#away"));
        assertThat(rung(owners)).containsExactly(wenna.id());
    }

    /** Whose numbers the owners' page has. */
    private List<Long> rung(String page) throws Exception {
        String seen = mvc.perform(get(page)).andReturn().getResponse().getContentAsString();
        return List.of(runs, wenna).stream().filter(t -> seen.contains("tel:+4420794601" + (t.id() % 90 + 10))).map(TrainerUser::id).toList();
    }

    @Test
    void whoGaveALessonStaysNamedWhenTheHouseholdGoesOn() throws Exception {
        Home home = homeOf(wenna);
        long before = lesson(home, Instant.now().minus(2, ChronoUnit.DAYS));
        long after = lesson(home, now().plus(2, ChronoUnit.DAYS));
        send(runs, "/households/" + home.id + "/hand-over", "from", wenna.id() + "", "to", runs.id() + "").andExpect(status().is3xxRedirection());
        assertThat(homes.texts(runs, "select gives_lesson(practice_id, household_id, trainer_id, starts_at)::text from lesson where id in (" + before + ", " + after + ") order by starts_at"))
                .containsExactly(wenna.id() + "", runs.id() + "");
        send(wenna, "/lessons/" + after + "/state", "state", "GIVEN").andExpect(status().is3xxRedirection());
        assertThat(homes.number(runs, "select trainer_id from lesson where id = " + after)).as("who says it was given, gave it").isEqualTo(wenna.id());
    }

    @Test
    void daysThatWereStayAsTheyWereWhenSomebodyComesBackEarly() throws Exception {
        homes.change(runs, "insert into stand_in (practice_id, trainer_id, stand_in_id, from_day, until_day) values (" + runs.practice() + ", " + wenna.id() + ", " + runs.id() + ", current_date - 3, current_date + 300)");
        send(wenna, "/settings/trainers/away/" + homes.number(runs, "select id from stand_in") + "/end").andExpect(status().is3xxRedirection());
        assertThat(homes.texts(runs, "select (until_day < current_date + 3 and until_day >= current_date - 1)::text from stand_in")).containsExactly("true");
        assertThat(PracticeScope.within(runs.practice(), () -> accounts.whose(runs, false, now())).trainers()).isEqualTo("{" + runs.id() + "}");
    }

    @Test
    void daysAwayThatCannotBeAreRefused() throws Exception {
        away(wenna, runs, 1, 7);
        TrainerUser third = practices.colleagueOf(runs, "Piran Low", "piran@" + place + ".example");
        String[][] refused = {{wenna.id() + "", third.id() + "", "5", "9", "Wenna Tarn is away"}, {runs.id() + "", third.id() + "", "5", "9", "Runa Heron stands in"}, {third.id() + "", wenna.id() + "", "5", "9", "Wenna Tarn is away"},
                {third.id() + "", third.id() + "", "5", "9", "must be somebody else"}, {third.id() + "", runs.id() + "", "9", "5", "not before the first day"}, {third.id() + "", runs.id() + "", "-9", "-5", "must be from today on"},
                {third.id() + "", edda().id() + "", "5", "9", "must be a trainer of the practice"}};
        for (String[] r : refused) {
            send(runs, "/settings/trainers/away", "away", r[0], "standIn", r[1], "from", today().plusDays(Long.parseLong(r[2])) + "", "until", today().plusDays(Long.parseLong(r[3])) + "").andExpect(content().string(containsString(r[4])));
        }
        send(wenna, "/settings/trainers/away", "away", third.id() + "", "standIn", wenna.id() + "", "from", "soon", "until", "").andExpect(content().string(allOf(containsString("only who runs it says so of others"), containsString("value=\"soon\""))));
        away(third, runs, 1, 7); // one may stand in for two
        send(third, "/settings/trainers/away/" + homes.number(runs, "select id from stand_in where trainer_id = " + wenna.id()) + "/end").andExpect(status().isNotFound());
    }

    @Test
    void theNeighbourFindsNothing() throws Exception {
        Home home = homeOf(wenna);
        send(runs, "/households/" + home.id + "/hand-over", "from", wenna.id() + "", "to", runs.id() + "");
        long note = homes.number(runs, "select id from hand_over");
        open(edda(), "/households/" + home.id + "/hand-over").andExpect(status().isNotFound());
        send(edda(), "/households/" + home.id + "/hand-over", "from", runs.id() + "", "to", "").andExpect(status().isNotFound());
        open(edda(), "/settings/trainers/" + wenna.id() + "/let-go").andExpect(status().isNotFound());
        send(edda(), "/settings/trainers/" + wenna.id() + "/let-go").andExpect(status().isNotFound());
        send(edda(), "/settings/trainers/" + wenna.id() + "/role", "role", "READS").andExpect(status().isNotFound());
        send(edda(), "/settings/trainers/" + wenna.id() + "/again").andExpect(status().isNotFound());
        send(edda(), "/hand-overs/" + note + "/read").andExpect(status().isNotFound());
        assertThat(homes.number(runs, "select count(*) from hand_over where read_at is not null")).isZero();
        open(edda(), "/").andExpect(content().string(not(containsString("Home " + home.id))));
    }
}
