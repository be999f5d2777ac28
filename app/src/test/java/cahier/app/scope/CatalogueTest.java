package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.support.AppTest;
import cahier.app.support.Postgres;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;

/** What docs/architecture.md says of the tables, read from the database's own catalogue: a new table cannot go round it. */
class CatalogueTest extends AppTest {

    /** Tables without data of a practice. */
    private static final Set<String> NOBODYS = Set.of("brake", "flyway_schema_history", "installation", "shedlock", "spring_session", "spring_session_attributes");
    /** Names that end in _id and are no key: what the phone groups by, and rows of many tables. */
    private static final Set<String> NO_KEYS = Set.of("departure.sitting_id", "touch.sitting_id", "tap_mark.tap_id", "erasure.household_id");
    /** Deleted never; after them what may change of a row. */
    private static final Map<String, String> KEPT = new TreeMap<>(Map.ofEntries(Map.entry("rep", ""), Map.entry("rep_void", ""), Map.entry("homework", ""),
            Map.entry("homework_item", ""), Map.entry("homework_withdrawn", ""), Map.entry("tap_mark", ""), Map.entry("incident", ""), Map.entry("comfort", ""),
            Map.entry("handling_target", ""), Map.entry("kept_forecast", ""), Map.entry("working_distance", ""), Map.entry("probe", ""),
            Map.entry("audit", ""), Map.entry("edit", ""), Map.entry("hand_over", "read_at"), Map.entry("look", "first_at,last_at,times"), Map.entry("erasure", "done_at,counts"), Map.entry("visit", "left_at,left_by,undone"), Map.entry("alarm", "opened_at,answered_at,answered_by,answer,spoken_with"),
            Map.entry("question", "answer,answered_at,answered_by"), Map.entry("exposure", "sign,calm_after_s,undone_at"), Map.entry("watching", "place_id"),
            Map.entry("watching_tap", "undone_at"), Map.entry("place_count", "place_id,undone_at"), Map.entry("outing", "undone_at"), Map.entry("departure", "undone_at,settled_s"), Map.entry("touch", "undone_at"), Map.entry("early_sign", "undone_at"),
            Map.entry("setup", "place_id,gone_at"), Map.entry("owner_link", "sealed,revoked_at"),
            Map.entry("gate", "what,cleared_by,cleared_name,cleared_on,cleared_note,withdrawn_at; once cleared withdrawn_at"),
            Map.entry("decision", "anything; once answered state,version"), Map.entry("baseline", "anything; once closed nothing"),
            Map.entry("step", "anything"), Map.entry("track", "anything")));
    /** Keys by which rows are looked up although what they name is never deleted. */
    private static final List<String> LOOKED_UP = List.of("rep.visit_id", "rep.sitting_id", "visit.step_id", "decision.visit_id");

    @Autowired
    private DataSource application;
    @Value("${spring.datasource.url}")
    private String url;
    private JdbcTemplate catalogue;

    @BeforeEach
    void openTheCatalogue() {
        catalogue = new JdbcTemplate(Postgres.superuserOf(url));
    }

    private List<String> strings(String sql) {
        return catalogue.queryForList(sql, String.class);
    }

    @Test
    void everyTableOfAPracticeIsForcedWithBothPolicies() {
        List<String> tables = strings("select relname from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p', 'm') order by 1");
        assertThat(tables).containsAll(NOBODYS).hasSizeGreaterThan(55);
        for (String table : tables) {
            if (!NOBODYS.contains(table)) {
                assertThat(strings("select relrowsecurity and relforcerowsecurity from pg_class where relname = '" + table + "'")).as(table).containsExactly("t");
                assertThat(strings("select polname || ' ' || polcmd::text || ' ' || polpermissive || ' ' || pg_get_expr(polqual, polrelid) from pg_policy where polrelid = '" + table
                        + "'::regclass and polname in ('own', 'migration') order by 1")).as(table).hasSize(2)
                        .satisfies(p -> assertThat(p.get(0)).isEqualTo("migration * true true"))
                        .satisfies(p -> assertThat(p.get(1)).startsWith("own * true ").endsWith(" = current_practice())"));
                assertThat(strings("select r.rolname from pg_policy p, pg_roles r where p.polrelid = '" + table + "'::regclass and polname = 'migration' and r.oid = any(p.polroles)"))
                        .as("who may see all of " + table).containsExactly(Postgres.owner());
                assertThat(strings("select tableowner from pg_tables where tablename = '" + table + "'")).containsExactly(Postgres.owner());
            }
        }
    }

    /** A view that asked as its owner would see every practice. */
    @Test
    void everyViewAsksAsWhoeverReadsIt() {
        assertThat(strings("select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'v' and reloptions @> '{security_invoker=true}'")).containsExactly("lesson_given");
        assertThat(strings("select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'v' and not coalesce(reloptions @> '{security_invoker=true}', false)")).isEmpty();
    }

    @Test
    void everyColumnThatNamesARowIsAForeignKeyAndHoldsTheHouseholdToo() {
        List<String> loose = strings("""
                select c.relname || '.' || a.attname from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
                where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' and a.attname like '%\\_id' and c.relname not like 'spring%'
                  and not exists (select 1 from pg_constraint k where k.conrelid = c.oid and k.contype = 'f' and a.attnum = any (k.conkey)) order by 1""");
        assertThat(loose).containsExactlyInAnyOrderElementsOf(NO_KEYS);
        List<String> narrow = strings("""
                select k.conrelid::regclass || ' to ' || k.confrelid::regclass from pg_constraint k
                where k.contype = 'f' and array_length(k.conkey, 1) = 1 and k.confrelid in ('household'::regclass, 'person'::regclass, 'dog'::regclass, 'place'::regclass,
                      'track'::regclass, 'step'::regclass, 'homework'::regclass, 'sitting'::regclass)
                  and exists (select 1 from pg_attribute a where a.attrelid = k.conrelid and a.attname = 'household_id')""");
        assertThat(narrow).as("keys that would take another household's row").isEmpty();
    }

    @Test
    void everyKeyThatIsLookedUpHasAnIndexThatLeadsToIt() {
        List<String> missing = strings("""
                select k.conrelid::regclass || '.' || a.attname from pg_constraint k join pg_attribute a on a.attrelid = k.conrelid and a.attnum = k.conkey[array_length(k.conkey, 1)]
                where k.contype = 'f' and k.connamespace = 'public'::regnamespace and k.confrelid not in ('practice'::regclass, 'household'::regclass, 'trainer'::regclass)
                  and not exists (select 1 from pg_index i where i.indrelid = k.conrelid and i.indexprs is null
                                  and a.attnum = any ((i.indkey::int2[])[0:array_length(k.conkey, 1) - 1])
                                  and (i.indkey::int2[])[0:0] <@ k.conkey::int2[])
                  and (k.conrelid::regclass || '.' || a.attname = any (string_to_array('%s', ','))
                       or not exists (select 1 from pg_trigger t where t.tgrelid = k.confrelid and t.tgname in (k.confrelid::regclass || '_is_kept', k.confrelid::regclass || '_is_never_deleted')))
                order by 1""".formatted(String.join(",", LOOKED_UP)));
        assertThat(missing).isEmpty();
        assertThat(strings("select indexdef from pg_indexes where indexname = 'lesson_of_practice'").toString()).contains("(practice_id, starts_at)");
    }

    @Test
    void whatBelongsToAHouseholdIsFoundByIt() {
        assertThat(strings("""
                select c.relname from pg_class c join pg_attribute h on h.attrelid = c.oid and h.attname = 'household_id'
                where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and not exists (
                    select 1 from pg_index i join pg_attribute first on first.attrelid = c.oid and first.attnum = i.indkey[0] left join pg_attribute second on second.attrelid = c.oid and second.attnum = i.indkey[1]
                    where i.indrelid = c.oid and i.indpred is null and (first.attname = 'household_id' or first.attname = 'practice_id' and second.attname = 'household_id')) order by 1""")).isEmpty();
    }

    /** So that practices can lie on nodes of their own (docs/scale.md). */
    @Test
    void everyTableOfAPracticeHasItInEachRow() {
        assertThat(strings("""
                select c.relname from pg_class c left join pg_attribute p on p.attrelid = c.oid and p.attname = 'practice_id' and p.attnotnull
                where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and p.attname is null and c.relname <> 'practice' order by 1""")).containsExactlyInAnyOrderElementsOf(NOBODYS);
    }

    @Test
    void whatIsKeptCannotBeChangedByAnyStatement() {
        Map<String, String> kept = new TreeMap<>();
        for (String table : strings("select distinct c.relname from pg_trigger t join pg_class c on c.oid = t.tgrelid where tgname in (relname || '_is_kept', relname || '_is_never_deleted', "
                + "'rep_is_kept', 'void_is_kept')")) {
            kept.put(table, said(table));
        }
        assertThat(kept).isEqualTo(KEPT);
        assertThatThrownBy(() -> new JdbcTemplate(application).execute("alter table rep disable trigger all")).hasStackTraceContaining("must be owner of table rep");
        assertThatThrownBy(() -> new JdbcTemplate(application).execute("delete from flyway_schema_history")).hasStackTraceContaining("permission denied");
    }

    /** What may change of a row, as its triggers have it. */
    private String said(String table) {
        String changes = "anything";
        String later = "";
        for (Map<String, Object> trigger : catalogue.queryForList("""
                select pg_get_triggerdef(oid) as def from pg_trigger where tgrelid = '%s'::regclass and not tgisinternal order by tgname""".formatted(table))) {
            String def = trigger.get("def").toString();
            if (def.contains("DELETE OR UPDATE") && def.contains("refuse_change()")) {
                changes = "";
            } else if (def.contains("refuse_change_but(")) {
                String free = def.replaceAll(".*refuse_change_but\\((.*)\\)$", "$1").replace("'", "").replace(" ", "");
                if (def.contains(" WHEN ")) {
                    String when = def.contains("old.state") ? "answered" : def.contains("closed_at") ? "closed" : "cleared";
                    later = "; once " + when + " " + (free.isEmpty() ? "nothing" : free);
                } else {
                    changes = free;
                }
            }
        }
        return changes + later;
    }
}
