package cahier.app.attack;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Postgres;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;

/**
 * An attack on the application as it runs, in a heap of 256 MB, by a trainer of another practice, by an owner and by nobody; prints what was tried and how
 * much of it held. {@code ./cahier attack} sends more malformed files.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class AttackTest {

    private static final int FILES = Integer.getInteger("cahier.attack.files", 60);
    private static final Duration AT_MOST = Duration.ofSeconds(2);
    /** A machine under tests is slower than one that is attacked. */
    private static final int SLACK = 3;
    private static final String PIM = "demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";
    private static final String MADE_UP = "demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3e";
    private static final Map<String, String> IDS = new HashMap<>();
    private static final Map<String, String> SAID = new LinkedHashMap<>();

    private static ApplicationProcess application;
    private static JdbcTemplate all;
    private static Attacker foreign;
    private static Attacker imre;

    @BeforeAll
    static void besiege() throws Exception {
        application = ApplicationProcess.shared();
        all = new JdbcTemplate(Postgres.superuserOf(application.database()));
        all.update("insert into practice (id, name, zone, created_at) overriding system value values (900, 'Other Side', 'UTC', now())");
        all.update("insert into trainer (practice_id, name, email, password_hash) values (900, 'Odile Rask', 'odile@otherside.example', '{noop}knocking at doors')");
        foreign = new Attacker(application.address());
        assertThat(foreign.signIn("odile@otherside.example", "knocking at doors").to()).doesNotContain("login");
        imre = new Attacker(application.address());
        assertThat(imre.signIn("imre@hollowlane.example", "hollow-lane").to()).doesNotContain("login");
    }

    @AfterAll
    @SuppressWarnings("SystemOut")
    static void tell() {
        SAID.forEach((what, held) -> System.out.printf("attack: %-60s %s%n", what, held));
    }

    private static void held(String what, int tried, List<String> fell) {
        SAID.put(what, tried + " tried, " + (tried - fell.size()) + " held");
        assertThat(fell).as(what).isEmpty();
        assertThat(tried).as(what).isPositive();
    }

    private static String id(String table) {
        return IDS.computeIfAbsent(table, t -> String.valueOf(all.queryForObject("select min(id::text) from " + t + " where practice_id <> 900", String.class)));
    }

    /** With rows of Imre's practice where something is named. */
    private static String filled(String pattern) {
        return pattern.replaceAll("\\{kind:[^}]*}", "dogs").replace("{household}", id("household")).replace("{track}", id("track")).replace("{step}", id("step")).replace("{dog}", id("dog"))
                .replace("{person}", id("person")).replace("{visit}", id("visit")).replace("{removed}", "1").replace("{handle}", "0000").replace("/households/{id}", "/households/" + id("household"))
                .replace("/tracks/{id}", "/tracks/" + id("track")).replace("/steps/{id}", "/steps/" + id("step")).replace("/lessons/{id}", "/lessons/" + id("lesson"))
                .replace("/sheets/{id}", "/sheets/" + id("homework")).replace("/decisions/{id}", "/decisions/" + id("decision")).replace("/alarms/{id}", "/alarms/" + id("alarm"))
                .replace("/baselines/{id}", "/baselines/" + id("baseline")).replaceAll("/texts/\\{kind}", "/texts/NONE").replaceAll("\\{[^}]*}", "1");
    }

    @Test
    @Order(1)
    void anotherPracticesRowsAreNotHere() throws Exception {
        List<String> fell = new ArrayList<>();
        int tried = 0;
        long before = Postgres.number(application.database(), "select count(*) + (select count(*) from track) + (select count(*) from audit) + (select count(*) from homework) from household");
        for (Routes route : Routes.all()) {
            if (route.hasNumber() && !route.isOwners() && !route.pattern().matches("/shelf/.*|/account/.*|/outbox/texts.*|/bench.*")) {
                String path = filled(route.pattern());
                Attacker.Answer answer = route.method() == RequestMethod.POST ? foreign.post(path, Map.of("name", "x", "words", "x", "version", "0", "body", "x")) : foreign.get(path);
                tried++;
                if (answer.status() < 400 || answer.status() >= 500) {
                    fell.add(route.method() + " " + path + " " + answer.status() + " " + answer.to());
                }
            }
        }
        held("addresses of another practice's rows", tried, fell);
        assertThat(Postgres.number(application.database(), "select count(*) + (select count(*) from track) + (select count(*) from audit) + (select count(*) from homework) from household"))
                .as("nothing was added or taken").isEqualTo(before);
    }

    @Test
    @Order(2)
    void aLinkThatIsNotOnesOwnOpensNothing() throws Exception {
        Attacker nobody = new Attacker(application.address());
        List<String> fell = new ArrayList<>();
        int tried = 0;
        String step = all.queryForObject("select min(step_id)::text from homework_item where household_id <> (select household_id from owner_link where token_hash = sha256('" + PIM + "'))", String.class);
        for (Routes route : Routes.all()) {
            if (route.isOwners() && tried < 90) { // links that lead nowhere are braked too
                String path = filled(route.pattern().replace("{token}", MADE_UP));
                Attacker.Answer answer = route.method() == RequestMethod.POST ? nobody.json(path, "{}") : nobody.get(path);
                tried++;
                if (answer.status() != HttpStatus.NOT_FOUND.value()) {
                    fell.add(route.method() + " " + path + " " + answer.status());
                }
            }
        }
        Attacker.Answer another = nobody.get("/o/" + PIM + "/practice/" + step);
        if (another.status() != HttpStatus.NOT_FOUND.value()) {
            fell.add("the step of another household " + another.status());
        }
        held("owners' addresses with a link that was never made", tried + 1, fell);
    }

    @Test
    @Order(3)
    void nothingIsPostedWithoutTheTokenOfAPage() throws Exception {
        List<String> fell = new ArrayList<>();
        int tried = 0;
        for (Routes route : Routes.all()) {
            if (route.method() == RequestMethod.POST && !route.isOwners()) {
                Attacker.Answer answer = imre.postWithoutToken(filled(route.pattern()));
                tried++;
                if (answer.status() != HttpStatus.FORBIDDEN.value()) {
                    fell.add(route.pattern() + " " + answer.status() + " " + answer.to());
                }
            }
        }
        held("posts of another site's page", tried, fell);
    }

    @Test
    @Order(4)
    void nobodyWhoIsNotSignedInSeesAPage() throws Exception {
        Attacker nobody = new Attacker(application.address());
        List<String> fell = new ArrayList<>();
        int tried = 0;
        for (Routes route : Routes.all()) {
            if (route.method() == RequestMethod.GET && !route.isOwners() && !route.pattern().matches("/login.*|/lost-password|/new-password.*|/join.*|/first-run|/calendar.*|/error|/theme")) {
                Attacker.Answer answer = nobody.get(filled(route.pattern()));
                tried++;
                if (!answer.to().endsWith("/login")) {
                    fell.add(route.pattern() + " " + answer.status() + " " + answer.to());
                }
            }
        }
        held("pages without signing in", tried, fell);
    }

    private record Kind(String path, String name, String good) {
    }

    private static byte[] broken(byte[] good, Random random) {
        byte[] broken = good.clone();
        switch (random.nextInt(4)) {
            case 0 -> {
                for (int i = 0; i < 1 + random.nextInt(20) && broken.length > 0; i++) {
                    broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
                }
            }
            case 1 -> broken = Arrays.copyOf(broken, random.nextInt(broken.length + 1));
            case 2 -> {
                ByteArrayOutputStream often = new ByteArrayOutputStream();
                for (int i = 0; i < 1 + random.nextInt(200); i++) {
                    often.writeBytes(good);
                }
                broken = often.toByteArray();
            }
            default -> {
                String text = new String(good, StandardCharsets.ISO_8859_1);
                broken = text.replaceFirst("[0-9]+", "9".repeat(1 + random.nextInt(3000))).replace('"', random.nextBoolean() ? '\u0000' : '"').getBytes(StandardCharsets.ISO_8859_1);
            }
        }
        return broken;
    }

    private static byte[] copy() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("copy.json"));
            zip.write("{\"format\":\"cahier-copy-1\",\"of\":\"household\",\"name\":\"X\",\"made\":\"2026-01-01T00:00:00Z\",\"tables\":{\"household\":1}}".getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("data/household.json"));
            zip.write(("[" + "{\"id\":1,\"name\":\"" + "x".repeat(30_000_000) + "\"}]").getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        return out.toByteArray();
    }

    @Test
    @Order(5)
    void malformedFilesAreAnsweredInTwoSecondsAndInLittleMemory() throws Exception {
        String household = id("household");
        String calendar = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260101T100000Z\r\nDTEND:20260101T110000Z\r\nRRULE:FREQ=DAILY;COUNT=20\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        String roadmap = imre.get("/households/" + household + "/roadmap.json").body();
        String template = imre.get("/shelf/recall").body().isEmpty() ? "{}" : Files.readString(Path.of("src/main/resources/shelf/recall.yaml"));
        List<Kind> kinds = List.of(new Kind("/o/" + PIM + "/week/calendar", "c.ics", calendar), new Kind("/lessons/busy", "c.ics", calendar), new Kind("/households/" + household + "/roadmap/import", "r.json", roadmap),
                new Kind("/shelf/import", "t.yaml", template), new Kind("/households/" + household + "/watches", "w.wav", "RIFF\u0024\u0000\u0000\u0000WAVEfmt \u0010\u0000\u0000\u0000\u0001\u0000\u0001\u0000data"),
                new Kind("/settings/bring-in", "c.zip", new String(copy(), StandardCharsets.ISO_8859_1)));
        Random random = new Random(19);
        List<String> fell = new ArrayList<>();
        int tried = 0;
        List<String> bombs = List.of("EXRULE:FREQ=SECONDLY", "RRULE:FREQ=SECONDLY", "RRULE:FREQ=HOURLY;BYMINUTE=0,1,2,3,4,5,6,7,8,9;BYSECOND=0,1,2,3,4,5,6,7,8,9", "RRULE:FREQ=YEARLY;BYYEARDAY=1;COUNT=999999999",
                "DTSTART;TZID=Nowhere/Land:20260101T100000");
        for (String bomb : bombs) {
            for (Kind kind : kinds.subList(0, 2)) {
                tried += attack(kind, calendar.replace("RRULE:FREQ=DAILY;COUNT=20", bomb).getBytes(StandardCharsets.UTF_8), fell, bomb);
            }
        }
        for (int i = 0; i < FILES; i++) {
            Kind kind = kinds.get(i % kinds.size());
            tried += attack(kind, broken(kind.good().getBytes(StandardCharsets.ISO_8859_1), random), fell, "number " + i);
        }
        tried += attack(kinds.get(5), copy(), fell, "a household whose name has 30 million letters");
        held("malformed files, each within " + AT_MOST.toSeconds() + " s (x" + SLACK + " here), in a heap of 256 MB", tried, fell);
    }

    private static int attack(Kind kind, byte[] content, List<String> fell, String which) throws IOException, InterruptedException {
        Attacker.Answer answer = imre.file(kind.path(), kind.name(), content, Map.of("zone", "UTC", "who", "home", "text", "", "dog", "0"));
        if (answer.status() >= 500 || answer.took().compareTo(AT_MOST.multipliedBy(SLACK)) > 0) {
            fell.add(kind.path() + " " + which + ": " + answer.status() + " after " + answer.took().toMillis() + " ms");
        }
        return 1;
    }

    @Test
    @Order(6)
    void charactersThatNoPaperTakesBreakNothing() throws Exception {
        String household = id("household");
        List<String> fell = new ArrayList<>();
        int tried = 0;
        for (String odd : List.of("\u000B", "\u001B", "\uFFFE", "\u0000", "\u202E", "\uD800", "<script>alert(1)</script>", "{{7*7}}", "${7*7}", "%s%n", "‮", "\n\n\n")) {
            imre.post("/households/" + household + "/people", Map.of("id", "0", "version", "0", "name", "Odd " + odd + tried, "mayHandle", "on", "note", odd));
            imre.post("/households/" + household + "/homework", Map.of());
            String sheet = all.queryForObject("select max(id)::text from homework where household_id = " + household, String.class);
            for (String path : List.of("/households/" + household, "/sheets/" + sheet, "/sheets/" + sheet + ".pdf", "/o/" + PIM)) {
                Attacker.Answer answer = imre.get(path);
                tried++;
                if (answer.status() != 200 || answer.body().contains("<script>alert(1)") || answer.body().contains("Odd 49")) {
                    fell.add(path + " with " + odd.codePointAt(0) + ": " + answer.status());
                }
            }
        }
        held("pages and PDFs with odd characters in names", tried, fell);
    }

    @Test
    @Order(7)
    void whatIsTooLargeIsRefusedBeforeItIsRead() throws Exception {
        List<String> fell = new ArrayList<>();
        int tried = 0;
        String much = "x".repeat(2_000_000);
        for (String path : List.of("/o/" + PIM + "/reps", "/o/" + PIM + "/questions", "/o/" + PIM + "/alarms", "/o/" + PIM + "/exposures")) {
            tried++;
            try {
                int status = imre.json(path, much).status();
                if (status != HttpStatus.PAYLOAD_TOO_LARGE.value()) {
                    fell.add(path + " " + status);
                }
            } catch (IOException closed) {
                // the connection was closed on what still came: refused as well
            }
        }
        held("bodies of 2 MB from a phone", tried, fell);
    }

    /** Only where nobody else wants to sign in from this machine for a while. */
    @Test
    @Order(8)
    @EnabledIfSystemProperty(named = "cahier.attack.files", matches = ".+")
    void passwordsAreTriedAFewAtATime() throws Exception {
        List<String> fell = new ArrayList<>();
        Attacker guesser = new Attacker(application.address());
        int looked = 0;
        for (int i = 0; i < 30; i++) {
            looked += guesser.signIn("tamsin@nobody.example", "guess " + i).to().contains("error") ? 1 : 0;
        }
        if (looked > 20) {
            fell.add(looked + " of 30 wrong passwords were looked at");
        }
        SAID.put("wrong passwords: 30 tried", looked + " looked at");
        held("a brake on passwords", 1, fell);
    }

    @Test
    @Order(9)
    void afterAllThatItStillWorks() throws Exception {
        assertThat(imre.get("/").status()).isEqualTo(200);
        assertThat(new Attacker(application.address()).get("/o/" + PIM).status()).isEqualTo(200);
    }
}
