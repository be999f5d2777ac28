package cahier.app.support;

import cahier.app.CahierApplication;
import cahier.app.account.AccountService;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Map;
import java.util.function.Supplier;
import org.flywaydb.core.Flyway;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Another installation: the whole application on a database of its own, with rounds that never come by themselves. */
public final class Installation implements AutoCloseable {

    private final ConfigurableApplicationContext application;
    private final String database;

    private Installation(String database) {
        this.database = database;
        this.application = new SpringApplicationBuilder(CahierApplication.class).run("--server.port=0", "--spring.datasource.url=" + database, "--spring.datasource.username=" + Postgres.user(),
                "--spring.datasource.password=" + Postgres.password(), "--spring.flyway.url=" + database, "--spring.flyway.user=" + Postgres.owner(),
                "--spring.flyway.password=" + Postgres.password(), "--cahier.key=another", "--cahier.judge.every-ms=86400000", "--cahier.week.every-ms=86400000",
                "--cahier.mail.every-ms=86400000", "--cahier.erase.every-ms=86400000", "--cahier.forget.every-ms=86400000", "--cahier.learn.every-ms=86400000");
    }

    /** One that nobody has used yet, with one trainer. */
    public static Installation empty(String practice, String name, String email) {
        Installation fresh = new Installation(Postgres.freshDatabase());
        fresh.bean(AccountService.class).install(new AccountService.NewPractice(practice, ZoneId.of("UTC"), name, email, "hollow lane at noon"));
        return fresh;
    }

    /** One with a row of every table, as src/test/resources/migration has them; its trainer is edda@marlroad.example. */
    public static Installation withARowOfEverything() {
        String database = Postgres.freshDatabase();
        Flyway.configure().dataSource(database, Postgres.owner(), Postgres.password()).placeholders(Map.of("application", Postgres.user())).load().migrate();
        fill(new JdbcTemplate(Postgres.superuserOf(database)), 1, Integer.MAX_VALUE);
        return new Installation(database);
    }

    /** The rows that came with these versions. */
    public static void fill(JdbcTemplate superuser, int from, int to) {
        int last = Math.min(to, 200);
        for (int version = from; version <= last; version++) {
            try (InputStream rows = Installation.class.getResourceAsStream("/migration/V" + version + ".sql")) {
                if (rows != null) {
                    superuser.execute(new String(rows.readAllBytes(), StandardCharsets.UTF_8));
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    public <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    public String database() {
        return database;
    }

    public TrainerUser trainer(String email) {
        return (TrainerUser) bean(AccountService.class).loadUserByUsername(email);
    }

    public <T> T within(TrainerUser trainer, Supplier<T> work) {
        return PracticeScope.within(trainer.practice(), work);
    }

    @Override
    public void close() {
        application.close();
    }
}
