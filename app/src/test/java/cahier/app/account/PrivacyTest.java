package cahier.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.gate.Gates;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.RowSecurity;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Postgres;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Owner data is private: another practice gets the page for what does not exist, whatever it asks for. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS) // what the neighbour may not touch is made once: nothing here changes it
class PrivacyTest extends AppTest {

    private TrainerUser neighbour;
    private Home home;
    private long sheet;
    private long decision;
    private long flag;
    private long lesson;

    @Autowired
    private PlatformTransactionManager transactions;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Gates gates;
    @Autowired
    private Households households;
    @Autowired
    private DataSource dataSource;

    @BeforeAll
    void twoPractices() throws Exception {
        neighbour = practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example");
        home = homes.make(edda(), TrackKind.SKILL, 2);
        home.practise("ccccc");
        sheet = asEdda(() -> homeworks.latest(edda().practice(), home.id).orElseThrow().id());
        decision = home.suggestion().id();
        lesson = asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, now(), 60, "", 0));
            return home.facts().lessons().get(0).id();
        });
        flag = asEdda(() -> {
            gates.raise(edda(), home.id, home.facts().dogs().get(0).id(), RedFlag.PAIN, "Limps", now());
            return gates.ofHousehold(edda().practice(), home.id).get(0).id();
        });
    }

    private String filled(String path) {
        return path.replace("{household}", Long.toString(home.id)).replace("{track}", Long.toString(home.track))
                .replace("{step}", Long.toString(home.stepNow())).replace("{sheet}", Long.toString(sheet))
                .replace("{decision}", Long.toString(decision)).replace("{lesson}", Long.toString(lesson)).replace("{flag}", Long.toString(flag));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/households/{household}", "/households/{household}?facts=people", "/households/{household}/edit", "/households/{household}/intake",
        "/households/{household}/flags/new", "/households/{household}/method", "/households/{household}/baselines", "/flags/{flag}", "/flags/{flag}/letter",
        "/households/{household}/tracks/new", "/households/{household}/homework", "/tracks/{track}", "/tracks/{track}/edit", "/tracks/{track}/overrule", "/tracks/{track}/split",
        "/households/{household}/distances", "/households/{household}/alone", "/households/{household}/handling", "/bench/triangle?household={household}", "/bench/provisions?household={household}", "/households/{household}/roadmap", "/households/{household}/roadmap.json", "/households/{household}/roadmap/import", "/households/{household}/method/changes",
        "/tracks/{track}/what-if?pass=RUN&run=5", "/tracks/{track}/rhythms", "/households/{household}/week", "/tracks/{track}/payback?uses=4", "/tracks/{track}/newer", "/tracks/{track}/template", "/shelf/compare?t=stay&t=wait&household={household}", "/lessons/{lesson}", "/tracks/{track}/place", "/tracks/{track}/steps/new", "/tracks/{track}/climb", "/steps/{step}", "/sheets/{sheet}", "/sheets/{sheet}/print", "/sheets/{sheet}.pdf"})
    void theNeighbourOpensNothing(String path) throws Exception {
        mvc.perform(get(filled(path)).with(user(edda()))).andExpect(status().is2xxSuccessful());
        mvc.perform(get(filled(path)).with(user(neighbour))).andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @ValueSource(strings = {"/households/{household}", "/households/{household}/people", "/households/{household}/dogs",
        "/households/{household}/places", "/households/{household}/words", "/households/{household}/lessons",
        "/households/{household}/intake/wishes", "/households/{household}/intake/home", "/households/{household}/intake/dogs/1",
        "/households/{household}/intake/dangers/FENCE?state=done", "/households/{household}/flags", "/flags/{flag}/clear", "/flags/{flag}/withdraw",
        "/households/{household}/method", "/households/{household}/baselines", "/households/{household}/places/start?kind=FLAT",
        "/households/{household}/tracks", "/households/{household}/first-hour?part=WORDS&state=SKIPPED", "/households/{household}/homework/words?track={track}&word=hup", "/households/{household}/homework", "/households/{household}/link", "/households/{household}/link/revoke",
        "/households/{household}/roadmap/issue?track={track}", "/households/{household}/roadmap/import", "/households/{household}/method/changes?track={track}",
        "/households/{household}/parked?item=ball", "/households/{household}/parked/1/return", "/tracks/{track}/order?by=1", "/lessons/{lesson}/agenda", "/lessons/{lesson}/state?state=MISSED", "/lessons/{lesson}/move?startsAt=2026-06-18T09:15", "/lessons/{lesson}/shown?shown-MARKER=not", "/lessons/{lesson}/close", "/lessons/{lesson}/begin", "/lessons/{lesson}/hour/end", "/lessons/{lesson}/reps?track={track}&outcome=CLEAN",
        "/households/{household}/week/plan", "/households/{household}/week/forget", "/households/{household}/week/hours?walk=daily%209-10", "/households/{household}/week/calendar/forget?person=1", "/households/{household}/week/pin?dog=1&at=2026-06-18T09:00", "/households/{household}/week/move?dog=1&at=2026-06-18T09:00", "/households/{household}/packs?lessonsBought=5&lesson={lesson}", "/tracks/{track}/reps/void?rep=x", "/tracks/{track}/probe?kind=PLACE", "/tracks/{track}/reps/restore?rep=x", "/tracks/{track}/park", "/tracks/{track}/template", "/tracks/{track}/newer?take=looks-up",
        "/tracks/{track}/needs?step={step}&first={step}", "/tracks/{track}/needs/1/remove", "/tracks/{track}/apart?other={track}", "/tracks/{track}/place?place=1",
        "/tracks/{track}", "/tracks/{track}/steps", "/tracks/{track}/climb?base={step}", "/tracks/{track}/overrule", "/tracks/{track}/split?decision={decision}", "/tracks/{track}/dog-on/{step}",
        "/steps/{step}", "/steps/{step}/move?by=1", "/steps/{step}/cell?field=word&typed=hup", "/steps/{step}/between", "/steps/{step}/remove", "/steps/{step}/restore",
        "/households/{household}/distances?dog=1&kind=DOG&metres=9", "/households/{household}/exposures?dog=1&kind=DOG&far=9&response=STARED", "/households/{household}/exposures/7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f/undo",
        "/households/{household}/landmarks?metres=9", "/households/{household}/watches?dog=1", "/households/{household}/departures?dog=1&left=5%20s", "/households/{household}/departures/undo?sitting=7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f",
        "/households/{household}/hours?weekday=1&from=9:00&to=10:00", "/households/{household}/hours/1/cover", "/households/{household}/hours/1/remove", "/households/{household}/handling/comfort?dog=1&target=chin&zone=chin&comfort=3",
        "/households/{household}/handling/target?dog=1&target=chin", "/households/{household}/handling/touches?dog=1&target=chin&zone=chin&seconds=3&seen=CALM", "/households/{household}/handling/touches/7f0c5d0e-3b0a-4f6e-9d55-0d1a3c1b2e4f/undo?dog=1&target=chin&zone=chin",
        "/households/{household}/landmarks/1/remove", "/bench/setups?household={household}&kind=TRIANGLE&address=caller%3D8&place=X", "/households/{household}/setups/1/remove", "/households/{household}/setups/1/restore", "/bench/passes?track={track}&address=caller%3D8",
        "/households/{household}/words/put-back/1", "/sheets/{sheet}/mail", "/sheets/{sheet}/take-back", "/tracks/{track}/call?suggestion={decision}&next=REST", "/tracks/{track}/take-up", "/outbox/1/again", "/outbox/1/drop", "/decisions/{decision}/accept?version=0&back=/", "/decisions/{decision}/undo?back=/"})
    void theNeighbourChangesNothing(String path) throws Exception {
        String before = home.facts() + home.roadmap().toString() + home.history();
        send(neighbour, filled(path), "name", "X", "title", "X", "how", "X", "version", "0", "id", "0", "zone", "Europe/London", "difficulty", "0",
                "word", "X", "meaning", "X", "startsAt", "2026-06-18T09:15", "minutes", "60", "run", "5", "reps", "8", "sessions", "2",
                "kind", "SKILL", "decision", "UP", "words", "X").andExpect(status().isNotFound());
        assertThat(home.facts() + home.roadmap().toString() + home.history()).isEqualTo(before);
    }

    @Test
    void theNeighboursListsAreEmpty() throws Exception {
        for (String path : List.of("/", "/households", "/households?find=pim", "/sheets", "/outbox", "/lessons")) {
            mvc.perform(get(path).with(user(neighbour))).andExpect(status().isOk()).andExpect(content().string(not(containsString("Abara-Quist"))))
                    .andExpect(content().string(not(containsString("Test home"))));
        }
    }

    @Test
    void theDatabaseItselfShowsAPracticeOnlyItsOwnRows() {
        JdbcTemplate jdbc = new JdbcTemplate(dataSource);
        List<String> tables = jdbc.queryForList("select table_name from information_schema.columns where column_name = 'practice_id' "
                + "and table_schema = 'public' order by 1", String.class);
        assertThat(tables).contains("household", "rep", "decision", "homework", "owner_link", "step");
        for (String table : tables) {
            assertThat(jdbc.queryForObject("select count(*) from " + table, Long.class)).as("without a practice " + table).isZero();
            long foreign = PracticeScope.within(neighbour.practice(), () -> new TransactionTemplate(transactions).execute(t ->
                    jdbc.queryForObject("select count(*) from " + table + " where practice_id <> " + neighbour.practice(), Long.class)));
            assertThat(foreign).as("as the neighbour " + table).isZero();
        }
    }

    @Test
    void aRoleThatRowSecurityDoesNotBindIsRefusedAtTheStart() {
        new RowSecurity(new JdbcTemplate(dataSource)).afterPropertiesSet();
        JdbcTemplate superuser = new JdbcTemplate(Postgres.superuserOf(Postgres.freshDatabase()));
        assertThatThrownBy(() -> new RowSecurity(superuser).afterPropertiesSet())
                .hasMessageStartingWith("CAHIER_DB_USER must be a role without superuser, bypassrls and tables of its own, was postgres");
    }

    @Test
    void repsAndIssuedHomeworkCannotBeChangedEvenBySql() {
        JdbcTemplate jdbc = new JdbcTemplate(dataSource);
        Map<String, String> refused = Map.of("update rep set outcome = 'CLEAN'", "rep rows are only ever added",
                "delete from homework_item", "homework_item rows are only ever added", "update homework_item set position = 99", "homework_item rows are only ever added",
                "update homework set issued_by = 'Nobody'", "homework rows are only ever added");
        refused.forEach((sql, why) -> assertThatThrownBy(() -> asEdda(() -> new TransactionTemplate(transactions).execute(t -> jdbc.update(sql))))
                .hasStackTraceContaining(why));
    }

    @Test
    void withoutSigningInThereIsOnlyTheSignInPage() throws Exception {
        mvc.perform(get("/")).andExpect(redirectedUrlPattern("**/login"));
        mvc.perform(get(filled("/households/{household}"))).andExpect(redirectedUrlPattern("**/login"));
        mvc.perform(get("/login")).andExpect(status().isOk()).andExpect(content().string(containsString("hollow-lane")));
    }

    @Test
    void aFormFromAForeignPageIsRefused() throws Exception {
        mvc.perform(post(filled("/households/{household}/homework")).with(user(edda()))).andExpect(status().isForbidden());
    }

    @Test
    void everyPageCarriesTheStrictPolicyAndTheOwnersPageNoCookie() throws Exception {
        open("/").andExpect(header().string("Content-Security-Policy", SecurityConfig.POLICY));
        mvc.perform(get("/o/" + home.token)).andExpect(status().isOk()).andExpect(header().string("Content-Security-Policy", SecurityConfig.POLICY))
                .andExpect(header().string("Referrer-Policy", "no-referrer")).andExpect(header().doesNotExist("Set-Cookie"));
        open("/").andExpect(header().string("Permissions-Policy", SecurityConfig.PERMISSIONS)).andExpect(header().string("X-Robots-Tag", "noindex, nofollow"));
        mvc.perform(get("/login")).andExpect(header().string("X-Robots-Tag", "noindex, nofollow"));
        assertThat(SecurityConfig.POLICY).doesNotContain("unsafe").contains("default-src 'none'");
    }
}
