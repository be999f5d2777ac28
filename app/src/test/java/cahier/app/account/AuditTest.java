package cahier.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.audit.AuditLog;
import cahier.app.audit.Audited;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who came in and who let whom in is kept for good, for the practice alone. */
class AuditTest extends AppTest {

    @Autowired
    private AuditLog log;
    @Autowired
    private DataSource database;
    @Autowired
    private PlatformTransactionManager transactions;

    @Test
    void whatLetsSomebodyInIsKeptAndStays() throws Exception {
        TrainerUser wanda = practices.trainerOf("Otter Weir", "Wanda Ekholm", "wanda@otterweir.example");
        Home home = homes.make(wanda, TrackKind.SKILL, 2);
        mvc.perform(post("/login").with(csrf()).param("username", "wanda@otterweir.example").param("password", PracticeMaker.PASSWORD).header("User-Agent", "Mozilla/5.0 (Windows NT 10.0) Gecko/20100101 Firefox/140.0"));
        send(wanda, "/households/" + home.id + "/link");
        send(wanda, "/households/" + home.id + "/link/revoke");
        send(wanda, "/lessons/calendar");
        send(wanda, "/lessons/calendar/stop");
        send(wanda, "/account/password", "old", PracticeMaker.PASSWORD, "fresh", PracticeMaker.PASSWORD);
        assertThat(PracticeScope.within(wanda.practice(), () -> log.page(wanda.practice(), 1).rows())).extracting(AuditLog.Entry::what).containsSubsequence(Audited.What.PASSWORD_CHANGED,
                Audited.What.CALENDAR_STOPPED, Audited.What.CALENDAR_MADE, Audited.What.LINK_STOPPED, Audited.What.LINK_REPLACED, Audited.What.SIGNED_IN);
        String name = home.facts().household().name();
        open(wanda, "/account").andExpect(content().string(containsString("Wanda Ekholm replaced the owners’ link"))).andExpect(content().string(containsString("of " + name)))
                .andExpect(content().string(containsString("Firefox on Windows"))).andExpect(content().string(containsString("Wanda Ekholm changed the password")));
        open("/account").andExpect(content().string(not(containsString("Wanda"))));
        for (String change : new String[]{"delete from audit", "update audit set who = 'Nobody'"}) {
            assertThatThrownBy(() -> PracticeScope.within(wanda.practice(), () -> new TransactionTemplate(transactions).execute(t -> new JdbcTemplate(database).update(change)))).as(change)
                    .hasStackTraceContaining("audit rows are only ever added");
        }
    }
}
