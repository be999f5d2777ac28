package cahier.app.running;

import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** How much waits in all practices together: what grows when a round stands still. */
@Configuration(proxyBeanMethods = false)
class Waiting {

    private static final int PATIENCE_S = 5;

    @Bean
    MeterBinder whatWaits(JdbcTemplate database, PlatformTransactionManager transactions) {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        reading.setTimeout(PATIENCE_S);
        return registry -> {
            gauge(registry, "cahier.mail.waiting", "Mails that are due and have not gone", database, reading, "cahier.postman", "select count(*) from mail where state = 'WAITING' and next_at <= now()");
            gauge(registry, "cahier.judgement.waiting", "Tracks with sessions that are over and not judged", database, reading, "cahier.round", "select count(*) from judgement_due where due_at <= now()");
        };
    }

    /** @param round says to the database that it is a round which works for every practice */
    private static void gauge(MeterRegistry registry, String name, String words, JdbcTemplate database, TransactionTemplate reading, String round, String counted) {
        Gauge.builder(name, () -> reading.execute(t -> {
            database.queryForObject("select set_config(?, 'yes', true)", String.class, round);
            return database.queryForObject(counted, Long.class);
        })).description(words).register(registry);
    }
}
