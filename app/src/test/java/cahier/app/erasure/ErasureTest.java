package cahier.app.erasure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Postgres;
import cahier.core.decide.TrackKind;
import java.util.Map;
import java.util.Set;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A household that was asked to be erased is gone from every table, nobody else's row is, and no request can take what stays. */
class ErasureTest extends AppTest {

    @Autowired
    private ErasureRound round;
    @Autowired
    private DataSource database;
    @Autowired
    private PlatformTransactionManager transactions;
    @Value("${spring.datasource.url}")
    private String url;
    private TrainerUser nell;

    @BeforeEach
    void aPractice() {
        nell = practices.trainerOf("Heron Sluice", "Nell Brack", "nell@heronsluice.example");
    }

    private String ask(Home home) throws Exception {
        return send(nell, "/households/" + home.id + "/erase", "name", home.facts().household().name()).andExpect(status().is3xxRedirection()).andReturn().getResponse().getRedirectedUrl();
    }

    @Test
    void itIsListedFirstThenTheNameIsTypedThenItIsGoneAndACertificateSaysSo() throws Exception {
        Home home = homes.make(nell, TrackKind.SKILL, 3);
        Home other = homes.make(nell, TrackKind.SKILL, 3);
        home.practise("cchm");
        other.practise("cchmm");
        String name = home.facts().household().name();
        open(nell, "/households/" + home.id + "/erase").andExpect(content().string(containsString("4 reps"))).andExpect(content().string(containsString("2 people")))
                .andExpect(content().string(containsString("1 dog")));
        send(nell, "/households/" + home.id + "/erase", "name", "Somebody else").andExpect(status().isOk()).andExpect(content().string(containsString("must be “" + name + "”, was “Somebody else”")));
        Map<String, String> before = Postgres.rows(url, Set.of());

        String certificate = ask(home);
        assertThat(ask(home)).as("asked once").isEqualTo(certificate);
        open(nell, certificate).andExpect(content().string(containsString("Being erased")));
        mvc.perform(MockMvcRequestBuilders.get("/o/" + home.token)).andExpect(status().isNotFound());
        open(edda(), certificate).andExpect(status().isNotFound());
        round.round();

        open(nell, certificate).andExpect(content().string(containsString("4 reps"))).andExpect(content().string(containsString("Household number " + home.id)))
                .andExpect(content().string(containsString("Nell Brack"))).andExpect(content().string(not(containsString(name)))).andExpect(content().string(containsString("Backups")));
        open(nell, "/households/" + home.id).andExpect(status().isNotFound());
        open(nell, "/households/closed").andExpect(content().string(not(containsString(name)))).andExpect(content().string(containsString(certificate)));
        open(nell, "/account").andExpect(content().string(not(containsString(name)))).andExpect(content().string(containsString("erased a household")));
        JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(url));
        assertThat(Postgres.rowsOf(all, nell.practice().value(), home.id)).allSatisfy((table, count) -> assertThat(count).as(table).isZero());
        assertThat(homes.number(nell, "select count(*) from rep where household_id = " + other.id)).isEqualTo(5);
        assertThat(Postgres.rows(url, Set.of()).keySet()).isEqualTo(before.keySet());
        assertThat(all.queryForList("select note || who from audit where practice_id = " + nell.practice().value(), String.class)).noneMatch(text -> text.contains(name));
    }

    private int asTheApplication(String... statements) {
        return PracticeScope.within(nell.practice(), () -> new TransactionTemplate(transactions).execute(t -> {
            int last = 0;
            for (String statement : statements) {
                JdbcTemplate application = new JdbcTemplate(database);
                if (statement.startsWith("select")) {
                    application.queryForList(statement);
                } else {
                    last = application.update(statement);
                }
            }
            return last;
        }));
    }

    @Test
    void noRequestTakesWhatStays() throws Exception {
        Home home = homes.make(nell, TrackKind.SKILL, 2);
        home.practise("cc");
        String pretend = "select set_config('cahier.erasing', 'yes', true)";
        assertThatThrownBy(() -> asTheApplication(pretend, "delete from rep where household_id = " + home.id)).hasStackTraceContaining("rep rows are only ever added");
        assertThatThrownBy(() -> asTheApplication(pretend, "update rep set outcome = 'MISSED' where household_id = " + home.id)).hasStackTraceContaining("rep rows are only ever added");
        assertThatThrownBy(() -> asTheApplication(pretend, "delete from audit")).hasStackTraceContaining("audit rows are only ever added");
        assertThatThrownBy(() -> asTheApplication("select erase_household(" + home.id + ")")).hasStackTraceContaining("nobody asked to erase household " + home.id);
        Home foreign = homes.make(edda(), TrackKind.SKILL, 2);
        asTheApplication("insert into erasure (practice_id, household_id, asked_at, asked_by) values (" + nell.practice().value() + ", " + foreign.id + ", now(), 'Nell')",
                "select erase_household(" + foreign.id + ")");
        assertThat(foreign.facts().dogs()).as("of another practice nothing is found to erase").hasSize(1);
        assertThatThrownBy(() -> asTheApplication("update erasure set asked_by = 'Nobody'")).hasStackTraceContaining("erasure rows are only ever added");
        assertThat(homes.number(nell, "select count(*) from rep where household_id = " + home.id)).isEqualTo(2);
    }
}
