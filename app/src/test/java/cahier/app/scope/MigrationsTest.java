package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.support.Installation;
import cahier.app.support.Postgres;
import cahier.app.support.Quick;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A database of any age comes to today's shape with every row it had; src/test/resources/migration holds a row of every table, by the version that made it. */
class MigrationsTest {

    private static final int HEAD = 46;
    /** What a migration took away on purpose: V8 says it in aid, V17 reads it from the reps. */
    private static final Set<String> ENDED = Set.of("spring_session", "spring_session_attributes"); // V30 ends every sign-in
    private static final Set<String> GONE = Set.of("step.lure", "judgement_due.gap_person", "judgement_due.gap_times", "judgement_due.gap_counted");

    private final String url = Postgres.freshDatabase();
    private final JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(url));

    private FluentConfiguration flyway(String role) {
        return Flyway.configure().dataSource(url, role, Postgres.password()).placeholders(Map.of("application", Postgres.user()));
    }

    private void fill(int from, int to) {
        Installation.fill(all, from, to);
    }

    private Map<String, Set<String>> columns() {
        Map<String, Set<String>> columns = new TreeMap<>();
        all.query("select table_name, column_name from information_schema.columns where table_schema = 'public' and table_name <> 'flyway_schema_history'",
                row -> {
                    columns.computeIfAbsent(row.getString(1), t -> new TreeSet<>()).add(row.getString(2));
                });
        return columns;
    }

    private Map<String, List<String>> rows(Map<String, Set<String>> columns) {
        Map<String, List<String>> rows = new LinkedHashMap<>();
        columns.forEach((table, names) -> rows.put(table, all.queryForList("select row(" + String.join(", ", names) + ")::text from " + table + " order by 1", String.class)));
        return rows;
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 7, 19, 26})
    void aDatabaseOfAnyAgeKeepsEveryRow(int version) {
        if (version > 2) {
            Quick.skip();
        }
        flyway(Postgres.owner()).target(Integer.toString(version)).load().migrate();
        fill(1, version);
        boolean lured = version >= 3 && version < 8;
        if (lured) {
            all.update("update step set lure = true where id = 7");
        }
        Map<String, Set<String>> before = columns();
        rows(before).forEach((table, rows) -> assertThat(rows).as("a row of " + table + " at V" + version).isNotEmpty());
        Map<String, Set<String>> kept = new TreeMap<>(before);
        kept.keySet().removeAll(ENDED);
        kept.replaceAll((table, names) -> new TreeSet<>(names.stream().filter(n -> !GONE.contains(table + "." + n)).toList()));
        Map<String, List<String>> then = rows(kept);

        flyway(Postgres.owner()).load().migrate();

        Map<String, Set<String>> after = columns();
        kept.forEach((table, names) -> assertThat(after.get(table)).as("columns of " + table).containsAll(names));
        assertThat(rows(kept)).isEqualTo(then);
        assertThat(all.queryForObject("select count(*) from flyway_schema_history where version is not null and success", Integer.class)).isEqualTo(HEAD);
        if (lured) {
            assertThat(all.queryForList("select aid from step order by id", String.class)).containsExactly("FULL_LURE", "NONE", "NONE");
        }
        if (version < 15) {
            assertThat(all.queryForList("select state from lesson order by id", String.class)).containsExactly("GIVEN", "PLANNED");
        }
        if (version < 25) {
            assertThat(all.queryForList("select outdoors from place order by id", Boolean.class)).containsExactly(false, true);
        }
        if (version < 27) {
            assertThat(all.queryForList("select words from update_note", String.class)).isEmpty();
        }
    }

    @Test
    void whatMigrationsOnceMissedIsMendedAndWhatCannotBeIsSaid() {
        all.execute("alter database " + all.queryForObject("select current_database()", String.class) + " owner to " + Postgres.user());
        FluentConfiguration asTheApplication = flyway(Postgres.user()).skipDefaultCallbacks(true).target("7");
        asTheApplication.load().migrate();
        fill(1, 7);
        all.update("update step set lure = true where id = 7");
        asTheApplication.target("26").load().migrate();
        fill(8, 26);
        assertThat(all.queryForList("select aid || state || outdoors from step, lesson, place where step.id = 7 and lesson.id = 8 and place.id = 9", String.class))
                .as("what was missed").containsExactly("NONEPLANNEDfalse");
        all.update("update removed_fact set kind = 'DOGS', body = to_jsonb(d) || '{\"id\": 77, \"name\": \"Fen\"}' from dog d");
        all.update("insert into exposure (id, practice_id, household_id, dog_id, kind, metres, given, response, happened_at, received_at) "
                + "select '00000000-0000-4000-8000-00000000000f', 9, 9, 77, kind, metres, given, response, happened_at, received_at from exposure");
        all.update("insert into touch (id, practice_id, household_id, dog_id, sitting_id, zone, seconds, seen, happened_at, received_at) "
                + "select id, 9, 9, 78, sitting_id, zone, seconds, seen, happened_at, received_at from (select gen_random_uuid() as id, sitting_id, zone, seconds, seen, happened_at, received_at from touch) t");

        assertThatThrownBy(() -> new Migrations(Postgres.user()).migrate(flyway(Postgres.owner()).load()))
                .hasMessageEndingWith("belong to cahier and not to cahier_owner; a superuser hands them over with: reassign owned by cahier to cahier_owner");
        all.execute("reassign owned by " + Postgres.user() + " to " + Postgres.owner());
        new Migrations(Postgres.user()).migrate(flyway(Postgres.owner()).load());

        assertThat(all.queryForList("select state from lesson order by id", String.class)).containsExactly("GIVEN", "PLANNED");
        assertThat(all.queryForList("select outdoors from place order by id", Boolean.class)).containsExactly(false, true);
        assertThat(all.queryForList("select name from dog order by id", String.class)).containsExactly("Bracken", "Fen", "Removed dog 78");
        assertThat(all.queryForObject("select count(*) from removed_fact", Integer.class)).isZero();
        assertThat(all.queryForList("select words from update_note order by id", String.class)).containsExactly(
                "Out of doors now, so that heat and cold count there: Garden. An earlier update had left that out; change it under Places where it is wrong.",
                "How the steps of “Mat” were taught, with food in the hand or without, was lost in an earlier update: On the mat, Ten seconds. Say it again where it matters.",
                "How the steps of “Gate” were taught, with food in the hand or without, was lost in an earlier update: At the gate. Say it again where it matters.",
                "Fen is back among the dogs: something was logged that would belong to no dog without it.",
                "Removed dog 78 is back among the dogs: something was logged that would belong to no dog without it.");
    }

    /** An installation that has run one would not start again where it reads otherwise. */
    @Test
    void aMigrationThatMayHaveRunIsNeverChanged() throws IOException {
        Properties landed = new Properties();
        try (InputStream in = getClass().getResourceAsStream("/migration/landed.properties")) {
            landed.load(in);
        }

        assertThat(Stream.of(flyway(Postgres.owner()).load().info().all()).filter(m -> m.getVersion() != null)
                .collect(Collectors.toMap(m -> (Object) m.getVersion().getVersion(), m -> (Object) m.getChecksum().toString()))).isEqualTo(landed);
    }

    @Test
    void theApplicationsOwnRoleMayNotMigrateAndAWrongPasswordIsSaid() {
        assertThatThrownBy(() -> new Migrations(Postgres.user()).migrate(flyway(Postgres.user()).load()))
                .hasMessage("CAHIER_DB_OWNER must be another role than CAHIER_DB_USER, was cahier for both");
        assertThatThrownBy(() -> new Migrations(Postgres.user()).migrate(Flyway.configure().dataSource(url, Postgres.owner(), "wrong").load()))
                .hasMessageStartingWith("CAHIER_DB_OWNER and CAHIER_DB_OWNER_PASSWORD must be the role that owns the tables");
    }
}
