package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.household.Households;
import cahier.app.support.AppTest;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import javax.sql.DataSource;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;

class AskedTogetherTest extends AppTest {

    @Autowired
    private SqlSessionFactory sessions;

    @Autowired
    private DataSource database;

    @Autowired
    private AskedTogether asked;

    @Autowired
    private Households households;

    @Test
    void whatWasAskedTogetherAndTookLongIsNamedWithoutWhatItWasAbout() {
        PracticeId practice = edda().practice();
        long home = homes.bareWithin(edda());
        Logger log = (Logger) LoggerFactory.getLogger(Slow.class);
        ListAppender<ILoggingEvent> said = new ListAppender<>();
        said.start();
        log.addAppender(said);
        try {
            for (int slowMs : new int[] {60_000, 0}) {
                AskedTogether together = new AskedTogether(sessions, database, new Slow(slowMs));
                PracticeScope.within(practice, () -> asked.look(() -> {
                    together.ask(() -> households.changes(practice, home), () -> households.byId(practice));
                    return households.changes(practice, home);
                }));
            }
        } finally {
            log.detachAppender(said);
        }
        assertThat(said.list).extracting(ILoggingEvent::getFormattedMessage)
                .singleElement().asString().matches("cahier\\.app\\.household\\.HouseholdMapper\\.changes with cahier\\.app\\.household\\.HouseholdMapper\\.everOne took \\d+ ms");
    }
}
