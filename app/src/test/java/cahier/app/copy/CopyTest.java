package cahier.app.copy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.audit.Audited;
import cahier.app.erasure.ErasureRound;
import cahier.app.erasure.Erasures;
import cahier.app.household.Households;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.BadFile;
import cahier.app.support.AppTest;
import cahier.app.support.Installation;
import cahier.app.support.Postgres;
import cahier.app.support.Quick;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A household or a practice goes out whole and comes in whole: the same rows, whatever numbers they have there. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CopyTest extends AppTest {

    @Autowired
    private Copies copies;
    @Autowired
    private BringIn bringIn;
    @Autowired
    private Households households;
    @Autowired
    private Catalogue catalogue;
    private static Installation here;
    @TempDir
    private Path folder;

    /** What a copy holds, by the name of the file. */
    private static Map<String, String> content(Path copy) throws IOException {
        Map<String, String> content = new TreeMap<>();
        try (ZipFile zip = new ZipFile(copy.toFile())) {
            Enumeration<? extends ZipEntry> entries = zip.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                content.put(entry.getName(), new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return content;
    }

    private static Map<String, String> rows(Map<String, String> content) {
        Map<String, String> rows = new TreeMap<>(content);
        rows.keySet().removeIf(name -> !name.startsWith("data/"));
        return rows;
    }

    private Path changed(Path copy, Map<String, UnaryOperator<String>> changes) throws IOException {
        Path file = Files.createTempFile(folder, "changed", ".zip");
        Map<String, String> content = new LinkedHashMap<>(content(copy));
        changes.forEach((name, change) -> content.put(name, change.apply(content.getOrDefault(name, ""))));
        try (OutputStream out = Files.newOutputStream(file); ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> entry : content.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return file;
    }

    @BeforeAll
    static void anotherInstallation() {
        if (!Quick.isOn()) {
            here = Installation.empty("Not named yet", "Edda Brandt", "EDDA@marlroad.example");
        }
    }

    @AfterAll
    static void isClosed() {
        if (here != null) {
            here.close();
        }
    }

    @Test
    @Order(1)
    void aPracticeWithARowOfEveryTableComesToAnotherInstallationAsItWas() throws IOException {
        Quick.skip();
        try (Installation there = Installation.withARowOfEverything()) {
            TrainerUser left = there.trainer("edda@marlroad.example");
            TrainerUser me = here.trainer("edda@marlroad.example");
            Path out = there.within(left, () -> there.bean(Copies.class).practice(left.practice(), now()));
            Map<String, String> before = rows(content(out));
            there.bean(Catalogue.class).tables().forEach(t -> assertThat(before.get(Manifest.entry(t.name()))).as("a row of " + t.name()).isNotEqualTo("[]"));
            BringIn.Came came = here.within(me, () -> here.bean(BringIn.class).from(me, out, now()));
            assertThat(came.rows()).hasSizeGreaterThan(55);
            Path again = here.within(me, () -> here.bean(Copies.class).practice(me.practice(), now()));
            Map<String, String> after = rows(content(again));
            after.replaceAll((name, text) -> text.replace("EDDA@", "edda@"));
            List.of(before, after).forEach(rows -> rows.replaceAll((name, text) -> name.equals("data/trainer.json") ? text.replaceAll("\"joined_at\":[^,]*,", "") : text)); // each joins where they sign in
            assertThat(after).isEqualTo(unsent(before));
            fitTheSchemaThatGoesWithThem(content(out));

            JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(here.database()));
            JdbcTemplate were = new JdbcTemplate(Postgres.superuserOf(there.database()));
            for (String table : were.queryForList("select tablename from pg_tables where schemaname = 'public'", String.class)) {
                if (catalogue.byName().containsKey(table)) {
                    assertThat(all.queryForObject("select count(*) from " + table, Integer.class)).as(table).isEqualTo(were.queryForObject("select count(*) from " + table, Integer.class));
                }
            }
            assertThat(all.queryForList("select id::text from rep order by 1", String.class)).as("the phones' ids stay").isEqualTo(were.queryForList("select id::text from rep order by 1", String.class));
            assertThat(here.within(me, () -> here.bean(Households.class).all(me.practice()))).extracting(h -> h.name()).isEqualTo(
                    there.within(left, () -> there.bean(Households.class).all(left.practice())).stream().map(h -> h.name()).toList());
            erase(there, left, were);
        }
    }

    /** And is gone from where it was: a row of every table, and nothing of another household. */
    private static void erase(Installation there, TrainerUser left, JdbcTemplate all) {
        all.update("insert into household (id, practice_id, name, home, zone, cautions) overriding system value values (10, 9, 'Next Door', '', 'UTC', '')");
        all.update("insert into dog (practice_id, household_id, name) values (9, 10, 'Bracken')");
        assertThat(Postgres.rowsOf(all, 9, 9)).as("a row of every table").allSatisfy((table, count) -> assertThat(count).as(table).isPositive());
        all.update("insert into erasure (practice_id, household_id, asked_at, asked_by) values (9, 9, now(), 'Edda Brandt')");
        there.bean(ErasureRound.class).round();
        assertThat(Postgres.rowsOf(all, 9, 9)).allSatisfy((table, count) -> assertThat(count).as(table).isZero());
        assertThat(all.queryForList("select name from dog", String.class)).containsExactly("Bracken");
        assertThat(all.queryForObject("select count(*) from busy", Integer.class)).as("what is the practice's stays").isPositive();
        assertThat(there.within(left, () -> there.bean(Erasures.class).page(left.practice(), 1)).rows().get(0).isDone()).isTrue();
    }

    @Test
    @Order(2)
    void theDemosHouseholdsComeToAnotherInstallationAsTheyWere() throws IOException {
        Quick.skip();
        TrainerUser me = here.trainer("edda@marlroad.example");
        for (var household : asImre(() -> households.all(imre().practice()).stream().filter(h -> !h.name().contains("home")).toList())) {
            Path out = asImre(() -> copies.household(imre().practice(), household.id(), Audited.What.EXPORTED, now()));
            Map<String, String> before = content(out);
            BringIn.Came came = here.within(me, () -> here.bean(BringIn.class).from(me, out, now()));
            Path again = here.within(me, () -> here.bean(Copies.class).household(me.practice(), came.households().get(0), Audited.What.EXPORTED, now()));
            Map<String, String> after = content(again);
            assertThat(rows(after)).isEqualTo(unsent(rows(before)));
            assertThat(after.get("reps.csv")).isEqualTo(before.get("reps.csv")).hasLineCount(came.rows().get("rep") + 1);
            assertThat(after.keySet()).isEqualTo(before.keySet());
            if (came.rows().get("rep") > 0) { // of others nothing says that they are the same
                assertThatThrownBy(() -> here.within(me, () -> here.bean(BringIn.class).from(me, out, now()))).as("twice").isInstanceOf(BadFile.class).hasMessageContaining("is here already");
            }
        }
    }

    private static void fitTheSchemaThatGoesWithThem(Map<String, String> copy) throws IOException {
        JsonNode schema = new ObjectMapper().readTree(copy.get("data.schema.json"));
        for (Map.Entry<String, String> file : rows(copy).entrySet()) {
            JsonNode table = schema.path("$defs").path(file.getKey().replaceAll("^data/|\\.json$", ""));
            assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(table).validate(new ObjectMapper().readTree(file.getValue()))).as(file.getKey()).isEmpty();
        }
    }

    /** Mail that was waiting there is not sent from here. */
    private static Map<String, String> unsent(Map<String, String> rows) {
        rows.replaceAll((name, text) -> name.equals("data/mail.json") ? text.replaceAll("\"state\":\"(WAITING|FAILED)\"", "\"state\":\"DROPPED\"").replaceAll("(\"state\":\"DROPPED\".{0,400}?\"trouble\":)\"[^\"]*\"", "$1\"It was still waiting when the copy was made.\"") : text);
        return rows;
    }

    private Path ofPim() {
        long pim = asImre(() -> households.all(imre().practice()).stream().filter(h -> h.name().equals("Abara-Quist")).findFirst().orElseThrow().id());
        return asImre(() -> copies.household(imre().practice(), pim, Audited.What.EXPORTED, now()));
    }

    @Test
    void aCopyLetsNobodyIntoAPracticeThatHasHouseholds() throws IOException {
        Path practice = asImre(() -> copies.practice(imre().practice(), now()));
        TrainerUser me = practices.trainerOf("Fallow Gate", "Tilda Moor", "tilda@fallowgate.example");
        homes.bareWithin(me);
        Path written = changed(practice, Map.of("data/trainer.json", text -> text.replace("imre@hollowlane.example", "mallory@elsewhere.example")));
        assertThatThrownBy(() -> PracticeScope.within(me.practice(), () -> bringIn.from(me, written, now()))).isInstanceOf(BadFile.class); // its reps are here; nothing came in
        assertThat(homes.number(me, "select count(*) from trainer where email like 'mallory%'")).isZero();
        Map<String, UnaryOperator<String>> empty = new LinkedHashMap<>();
        content(written).keySet().stream().filter(n -> n.startsWith("data/") && !n.equals("data/trainer.json")).forEach(n -> empty.put(n, text -> "[]"));
        empty.put("copy.json", text -> text.replaceAll("(\"(?!trainer\")[a-z_]+\" : )[0-9]+", "$10"));
        Path bare = changed(written, empty);
        assertThat(PracticeScope.within(me.practice(), () -> bringIn.from(me, bare, now())).trainers()).isEmpty();
        assertThat(homes.number(me, "select count(*) from trainer where email like 'mallory%'")).isZero();
        TrainerUser fresh = practices.trainerOf("Fallow Top", "Ansel Moor", "ansel@fallowtop.example");
        assertThat(PracticeScope.within(fresh.practice(), () -> bringIn.from(fresh, bare, now())).trainers()).containsExactly("mallory@elsewhere.example");
    }

    private void refused(Path file, String why) {
        TrainerUser me = practices.trainerOf("Reed End", "Yara Lind", "yara@reedend.example");
        assertThatThrownBy(() -> PracticeScope.within(me.practice(), () -> bringIn.from(me, file, Instant.EPOCH))).isInstanceOf(BadFile.class).hasMessageContaining(why);
        assertThat(PracticeScope.within(me.practice(), () -> households.all(me.practice()))).as("nothing came in").isEmpty();
    }

    @Test
    void whatIsNoCopyOrWasTamperedWithIsRefusedAndNothingComesIn() throws IOException {
        Path good = ofPim();
        refused(Files.writeString(folder.resolve("no.zip"), "no zip at all"), "it is no ZIP file, or was cut short");
        refused(changed(good, Map.of("copy.json", text -> "{")), "line 1: must be JSON");
        refused(changed(good, Map.of("copy.json", text -> text.replace("cahier-copy-1", "cahier-copy-9"))), "format: must be the constant value");
        refused(changed(good, Map.of("copy.json", text -> text.replace("\"dog\" : 1", "\"dog\" : 99999999"))), "tables.dog: must have a maximum value of 10000000, was 99999999");
        refused(changed(good, Map.of("copy.json", text -> text.replace("\"dog\" : 1", "\"dog\" : 999999"))), "tables, dog: must be 0 to 500000, was 999999");
        refused(changed(good, Map.of("copy.json", text -> text.replace("\"track\" : 3", "\"track\" : 2"))), "track: copy.json says 2 rows, there are more");
        refused(changed(good, Map.of("data/track.json", text -> text.replace("\"dog_id\":1", "\"dog_id\":7"))), "track, row 1: names row 7 of dog, which is not in it");
        refused(changed(good, Map.of("data/trainer.json", text -> "[{\"name\":\"X\",\"email\":\"x@y\"}]")), "data/trainer.json: a copy of a household holds no such file");
        refused(changed(good, Map.of("data/shedlock.json", text -> "[]")), "holds no such file");
        refused(changed(good, Map.of("data/dog.json", text -> text.replace("\"looks\"", "\"looks; drop table dog\""))), "no column is called “looks; drop table dog” here");
        refused(changed(good, Map.of("data/dog.json", text -> text.replace("\"weight_g\":8400", "\"weight_g\":-5"))), "dog: a row does not fit what can be kept");
        refused(changed(good, Map.of("data/dog.json", text -> "[7]")), "each row is an object");
        refused(changed(good, Map.of("data/dog.json", text -> text.substring(0, text.length() / 2))), "is not JSON that can be read");
        refused(changed(good, Map.of("data/track.json", text -> text.replace("SKILL", "MAGIC"))), "track: a row does not fit what can be kept (track_kind_check)");
        refused(good, "some of it is here already");
    }

    @Test
    void aCopyHoldsNoPasswordAndNothingOfAnotherHousehold() throws IOException {
        Map<String, String> household = content(ofPim());
        assertThat(household).doesNotContainKeys("data/trainer.json", "data/practice.json", "data/audit.json").containsKeys("sheets/sheet-4.pdf", "lessons.ics", "reps.csv");
        assertThat(household.get("copy.json")).contains("\"of\" : \"household\"", "\"name\" : \"Abara-Quist\"");
        Map<String, String> practice = content(asImre(() -> copies.practice(imre().practice(), now())));
        assertThat(practice.get("data/trainer.json")).contains("imre@hollowlane.example").doesNotContain("password", "bcrypt");
        assertThat(practice.get("data/owner_link.json")).doesNotContain("sealed");
        assertThat(String.join("", rows(household).values())).doesNotContain("Tolliver", "Sorrel");
        assertThat(Set.of(household.get("reps.csv").lines().findFirst().orElseThrow().split(","))).contains("time", "outcome", "who", "taken_back");
    }
}
