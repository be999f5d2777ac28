package cahier.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Postgres;
import cahier.core.decide.TrackKind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;

/** {@code ./cahier backup} and {@code restore}: every row of every practice, or a plain no. */
class BackupTest extends AppTest {

    private static final Set<String> PASSING = Set.of("spring_session", "spring_session_attributes", "shedlock", "brake");

    @Value("${spring.datasource.url}")
    private String url;
    @TempDir
    private Path folder;

    private record Ran(int code, String said) {
    }

    private static Ran cahier(String database, String owner, String key, String... command) throws IOException, InterruptedException {
        ProcessBuilder launcher = new ProcessBuilder(command).directory(Path.of("..").toFile()).redirectErrorStream(true);
        launcher.environment().putAll(Map.of("CAHIER_DB_URL", database, "CAHIER_DB_USER", Postgres.user(), "CAHIER_DB_PASSWORD", Postgres.password(), "CAHIER_DB_OWNER", owner,
                "CAHIER_DB_OWNER_PASSWORD", Postgres.password(), "CAHIER_KEY", key));
        Process process = launcher.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ran(process.waitFor(), said);
    }

    @Test
    void everyRowOfEveryPracticeComesBackIntoAnEmptyDatabase() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 2);
        home.practise("cchm");
        Path file = folder.resolve("kept.tar");
        Ran backup = cahier(url, Postgres.owner(), "one", "./cahier", "backup", file.toString());
        assertThat(backup.code()).as(backup.said()).isZero();
        assertThat(backup.said()).contains("rows of", "keep it with CAHIER_KEY");
        assertThat(cahier(url, Postgres.owner(), "one", "./cahier", "backup", file.toString()).said()).contains("is there already");
        assertThat(cahier(url, Postgres.owner(), "one", "./cahier", "restore", file.toString()).said()).contains("the database is not empty; nothing was changed");

        String empty = Postgres.freshDatabase();
        assertThat(cahier(empty, Postgres.user(), "one", "./cahier", "restore", file.toString()).said()).contains("the tables belonged to the role cahier_owner");
        Ran restore = cahier(empty, Postgres.owner(), "two", "./cahier", "restore", file.toString());
        assertThat(restore.code()).as(restore.said()).isZero();
        assertThat(restore.said()).contains("are back, as they were", "CAHIER_KEY is not the one of the backup");
        assertThat(Postgres.rows(empty, PASSING)).isEqualTo(Postgres.rows(url, PASSING)).hasSizeGreaterThan(50);
        JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(empty));
        assertThat(all.queryForObject("select count(*) from pg_class where relforcerowsecurity", Integer.class)).as("the walls are back too")
                .isEqualTo(new JdbcTemplate(Postgres.superuserOf(url)).queryForObject("select count(*) from pg_class where relforcerowsecurity", Integer.class));
    }

    @Test
    void theApplicationsRoleSeesNothingAndSaysSo() throws Exception {
        Path file = folder.resolve("empty.tar");
        Ran backup = cahier(url, Postgres.user(), "one", "./cahier", "backup", file.toString());
        assertThat(backup.code()).isNotZero();
        assertThat(file).doesNotExist();
    }

    @Test
    void whatCameBackOtherwiseIsSaid() throws Exception {
        Path file = folder.resolve("kept.tar");
        cahier(url, Postgres.owner(), "one", "./cahier", "backup", file.toString());
        cahier(url, Postgres.owner(), "one", "bash", "-c", "cd " + folder + " && tar xf kept.tar && sed -i 's/^household\\t[0-9]*/household\\t7777/' rows.tsv && tar cf kept.tar about.tsv rows.tsv cahier.dump");
        Ran restore = cahier(Postgres.freshDatabase(), Postgres.owner(), "one", "./cahier", "restore", file.toString());
        assertThat(restore.code()).isNotZero();
        assertThat(restore.said()).contains("what is in the database is not what was in the backup", "7777");
        assertThat(cahier(url, Postgres.owner(), "one", "./cahier", "restore", Files.writeString(folder.resolve("no.tar"), "no").toString()).said()).contains("is no backup of Cahier");
    }
}
