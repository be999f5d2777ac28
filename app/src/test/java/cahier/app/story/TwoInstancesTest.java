package cahier.app.story;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.ApplicationProcess;
import cahier.app.support.Home;
import cahier.app.support.Pool;
import cahier.app.support.Postgres;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** Two instances behind the balancer of docs/installation, on one database through its pool: one is killed, then both are replaced in turn with a migration in between, while phones go on. */
class TwoInstancesTest {

    private static final String OWNER = "/o/demo-pim-4Zr8wQ2hVt6KxNq1Lb9sYc3d";
    /** Longer than the balancer takes to notice, on a machine under tests too. */
    private static final String NOTICE = "--cahier.leaving-ms=3000";
    private static final int LENT = 6;
    private static final int PHONES = 4;
    private static final int MAILS = 60;
    private static final Duration BETWEEN = Duration.ofMillis(80);
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private final String database = Postgres.freshDatabase();
    private final JdbcTemplate all = new JdbcTemplate(Postgres.superuserOf(database));
    private final int door = ApplicationProcess.freePort();
    private final HttpClient client = HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final Set<String> stored = ConcurrentHashMap.newKeySet();
    private final AtomicInteger repeated = new AtomicInteger();
    private final Queue<String> lost = new ConcurrentLinkedQueue<>();
    private volatile boolean going = true;
    private ApplicationProcess one;
    private ApplicationProcess two;
    private Process balancer;
    private Pool pool;
    private final GreenMail post = new GreenMail(new ServerSetup(ApplicationProcess.freePort(), "127.0.0.1", ServerSetup.PROTOCOL_SMTP));

    @BeforeEach
    void twoBehindABalancer() throws IOException, InterruptedException {
        post.start();
        pool = new Pool(database, LENT);
        one = new ApplicationProcess(database, through());
        two = new ApplicationProcess(database, through());
        Path config = Path.of("target", "haproxy-" + door + ".cfg");
        Files.writeString(config, Files.readString(Path.of("..", "docs", "installation", "haproxy.cfg")).replace("127.0.0.1:8080", "127.0.0.1:" + door)
                .replace("127.0.0.1:8081", "127.0.0.1:" + one.port()).replace("127.0.0.1:8082", "127.0.0.1:" + two.port()));
        balancer = new ProcessBuilder("/usr/sbin/haproxy", "-db", "-f", config.toString()).redirectErrorStream(true).redirectOutput(Path.of("target", "haproxy-" + door + ".log").toFile()).start();
        await(() -> status(request(OWNER).build()) == 200);
    }

    @AfterEach
    void end() throws IOException, InterruptedException {
        going = false;
        post.stop();
        if (balancer != null) {
            balancer.destroyForcibly().waitFor();
        }
        for (ApplicationProcess each : new ApplicationProcess[] {one, two}) {
            if (each != null) {
                each.close();
            }
        }
        if (pool != null) {
            pool.close();
        }
    }

    /** The application through the pool, its migrations without. */
    private String[] through(String... more) {
        return Stream.concat(Stream.of(NOTICE, "--cahier.mail.host=127.0.0.1", "--cahier.mail.port=" + post.getSmtp().getPort(), "--cahier.mail.every-ms=100", "--spring.datasource.url=" + pool.url(), "--spring.flyway.url=" + database), Stream.of(more)).toArray(String[]::new);
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + door + path)).timeout(Duration.ofSeconds(10));
    }

    /** 0 where the connection broke. */
    private int status(HttpRequest request) {
        try {
            return client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (IOException e) {
            return 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return 0;
        }
    }

    /** Taps as a phone does: what was not said to be stored is sent again, with the same number. */
    private void tap(long step) {
        String sitting = UUID.randomUUID().toString();
        while (going) {
            String id = UUID.randomUUID().toString();
            String body = "{\"reps\":[" + Home.rep(id, sitting, step, "CLEAN", Instant.now(), "") + "]}";
            HttpRequest sent = request(OWNER + "/reps").header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body)).build();
            Instant until = Instant.now().plus(PATIENCE.dividedBy(2));
            int answer = status(sent);
            while (answer != 200 && Instant.now().isBefore(until)) {
                repeated.incrementAndGet();
                pause(BETWEEN);
                answer = status(sent);
            }
            if (answer == 200) {
                stored.add(id);
            } else {
                lost.add(id + " " + answer);
            }
            pause(BETWEEN);
        }
    }

    private static void pause(Duration time) {
        try {
            Thread.sleep(time.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void await(BooleanSupplier done) {
        Instant until = Instant.now().plus(PATIENCE);
        while (!done.getAsBoolean()) {
            assertThat(Instant.now()).as("still waiting; not stored: %s", lost).isBefore(until);
            pause(Duration.ofMillis(100));
        }
    }

    private int storedSoFar() {
        return stored.size();
    }

    private void someMore(int reps) {
        int before = storedSoFar();
        await(() -> storedSoFar() >= before + reps);
    }

    @Test
    void nothingIsLostWhenOneDiesAndNothingIsRefusedWhenBothAreReplaced() throws Exception {
        HttpClient trainer = signedIn();
        Matcher first = Pattern.compile("/practice/(\\d+)").matcher(client.send(request(OWNER).build(), HttpResponse.BodyHandlers.ofString()).body());
        assertThat(first.find()).isTrue();
        long step = Long.parseLong(first.group(1));
        List<Thread> phones = new ArrayList<>();
        for (int i = 0; i < PHONES; i++) {
            phones.add(new Thread(() -> tap(step)));
        }
        phones.forEach(Thread::start);
        someMore(40);
        assertThat(repeated).as("two that live refuse nothing").hasValue(0);

        mailsGoOnce();
        one.kill();
        someMore(40);
        int inItsHands = repeated.get();
        assertThat(inItsHands).as("only what the dead one had in its hands is sent again").isLessThanOrEqualTo(PHONES);
        assertThat(desk(trainer)).as("signed in with either").isEqualTo(200);
        one.startAgain(through());
        someMore(40);

        Path next = Files.createDirectories(Path.of("target", "next-release").toAbsolutePath());
        Files.writeString(next.resolve("V9001__expand.sql"), "alter table rep add column of_the_next_release text;\n");
        String withNext = "--spring.flyway.locations=classpath:db/migration,filesystem:" + next;
        for (ApplicationProcess each : List.of(two, one)) {
            each.stop();
            someMore(20);
            each.startAgain(through(withNext));
            someMore(20);
        }
        assertThat(repeated).as("an instance that stops ends what it is at, and gets nothing new").hasValue(inItsHands);
        assertThat(desk(trainer)).isEqualTo(200);

        one.stop();
        one.startAgain(through());
        someMore(20);
        assertThat(desk(trainer)).as("the release before goes on with the newer tables").isEqualTo(200);

        going = false;
        for (Thread phone : phones) {
            phone.join(PATIENCE.toMillis());
        }
        assertThat(lost).isEmpty();
        Set<String> kept = Set.copyOf(all.queryForList("select id::text from rep", String.class));
        assertThat(kept).containsAll(stored);
        assertThat(Postgres.number(database, "select sum(clean + helped + missed + too_much) from practice_day")).as("each once").isEqualTo(kept.size());
        assertThat(all.queryForList("select count(*) from information_schema.columns where column_name = 'of_the_next_release'", Integer.class)).containsExactly(1);
        System.out.printf("Two instances: %d reps stored, %d sent again after a kill, %d mails once each, none lost, none refused while both were replaced.%n", stored.size(), inItsHands, MAILS);
    }

    /** Both look for what is due ten times a second; whoever finds a mail has it. */
    private void mailsGoOnce() {
        all.update("""
                insert into mail (practice_id, household_id, kind, from_name, reply_to, to_name, to_address, subject, body, site, next_at, made_at)
                select practice_id, id, 'ANSWER', 'Imre', 'imre@hollowlane.example', 'Sanna', 'sanna' || n || '@tamm.example', 'Once ' || n, 'Here it is.', 'http://localhost', now(), now()
                from (select practice_id, id from household order by id limit 1) h, generate_series(1, ?) n""", MAILS);
        await(() -> Postgres.number(database, "select count(*) from mail where subject like 'Once %' and state = 'SENT'") == MAILS);
        assertThat(Stream.of(post.getReceivedMessages()).map(TwoInstancesTest::subject).filter(s -> s.startsWith("Once "))).as("each mail goes once").hasSize(MAILS).doesNotHaveDuplicates();
    }

    private static String subject(MimeMessage mail) {
        try {
            return mail.getSubject();
        } catch (MessagingException e) {
            throw new IllegalStateException(e);
        }
    }

    private HttpClient signedIn() throws IOException, InterruptedException {
        HttpClient trainer = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        String page = trainer.send(request("/login").build(), HttpResponse.BodyHandlers.ofString()).body();
        Matcher csrf = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(page);
        assertThat(csrf.find()).isTrue();
        String form = "username=imre%40hollowlane.example&password=hollow-lane&_csrf=" + URLEncoder.encode(csrf.group(1), StandardCharsets.UTF_8);
        trainer.send(request("/login").header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(form)).build(), HttpResponse.BodyHandlers.discarding());
        assertThat(desk(trainer)).isEqualTo(200);
        return trainer;
    }

    private int desk(HttpClient trainer) throws IOException, InterruptedException {
        return trainer.send(request("/").build(), HttpResponse.BodyHandlers.discarding()).statusCode();
    }
}
