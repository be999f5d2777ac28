package cahier.app.support;

import static org.springframework.http.MediaType.APPLICATION_JSON;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.JudgingRound;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.rep.Aid;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A made-up household with one dog on one track, whose owner has a link and taps reps on it. */
public final class Home {

    private static final Map<Character, String> LETTERS = Map.of('c', "CLEAN", 'h', "HELPED", 'm', "MISSED", 't', "TOO_MUCH");
    private static final int SECONDS_A_REP = 30;

    private final Maker maker;
    private final TrainerUser trainer;
    public final long id;
    public final long track;
    public String token;

    private Home(Maker maker, TrainerUser trainer, long id, long track, String token) {
        this.maker = maker;
        this.trainer = trainer;
        this.id = id;
        this.track = track;
        this.token = token;
    }

    /** Makes homes with the application's own services. */
    @TestComponent
    public static class Maker {

        private final Households households;
        private final Tracks tracks;
        private final Homeworks homeworks;
        private final OwnerLinks links;
        private final Judgements judgements;
        private final JudgingRound round;
        private final Answers answers;
        private final MovableClock clock;
        private final MockMvc mvc;
        private final JdbcTemplate jdbc;
        private final TransactionTemplate transactions;
        private int made;

        Maker(Households households, Tracks tracks, Homeworks homeworks, OwnerLinks links, Judgements judgements, JudgingRound round,
              Answers answers, MovableClock clock, MockMvc mvc, JdbcTemplate jdbc, PlatformTransactionManager transactions) {
            this.households = households;
            this.tracks = tracks;
            this.homeworks = homeworks;
            this.links = links;
            this.judgements = judgements;
            this.round = round;
            this.answers = answers;
            this.clock = clock;
            this.mvc = mvc;
            this.jdbc = jdbc;
            this.transactions = new TransactionTemplate(transactions);
        }

        /** One number of the trainer's rows in the database, null where there is none. */
        public Integer number(TrainerUser trainer, String sql) {
            return PracticeScope.within(trainer.practice(), () -> transactions.execute(t -> jdbc.queryForObject(sql, Integer.class)));
        }

        /** The only column of what is found. */
        public List<String> texts(TrainerUser trainer, String sql) {
            return PracticeScope.within(trainer.practice(), () -> transactions.execute(t -> jdbc.queryForList(sql, String.class)));
        }

        /** A statement on the trainer's rows, for what no page does alone. */
        public int change(TrainerUser trainer, String sql) {
            return PracticeScope.within(trainer.practice(), () -> transactions.execute(t -> jdbc.update(sql)));
        }

        /** Long enough ago that the same homework again is another sheet. */
        private static Instant made(MovableClock clock) {
            return clock.instant().minusSeconds(90);
        }

        /** A household of which nothing but the name is known; within the trainer's practice. */
        public long bare(TrainerUser trainer) {
            return households.add(Household.fresh(trainer.practice(), "Bare home " + ++made, "", "Europe/London", ""));
        }

        /** The same, within the practice by itself. */
        public long bareWithin(TrainerUser trainer) {
            return PracticeScope.within(trainer.practice(), () -> bare(trainer));
        }

        /** A household with Dele, Marit, Pim, kitchen and hall, a track of so many steps, and issued homework. */
        public Home make(TrainerUser trainer, TrackKind kind, int steps) {
            return PracticeScope.within(trainer.practice(), () -> {
                long id = households.add(Household.fresh(trainer.practice(), "Test home " + ++made, "flat", "Europe/London", ""));
                List.of("Dele", "Marit").forEach(n -> households.put(trainer.practice(), id, Person.named(n)));
                households.put(trainer.practice(), id, new Dog(0, "Pim", "terrier cross", null, 8400, 0));
                List.of("kitchen", "hall").forEach(n -> households.put(trainer.practice(), id, Place.named(n, 0)));
                long dog = households.dogs(trainer.practice(), id).get(0).id();
                List<KeyedPlan> plans = new ArrayList<>();
                for (int i = 1; i <= steps; i++) {
                    plans.add(KeyedPlan.own(step("Step " + i)));
                }
                long track = tracks.add(trainer.practice(), Track.fresh(trainer.practice(), id, dog, "Leave it", "", "", kind, Topic.EVERYDAY, "", ""),
                        plans, made(clock));
                homeworks.issue(trainer, id, made(clock));
                return new Home(this, trainer, id, track, links.replace(trainer.practice(), id, clock.instant()));
            });
        }
    }

    public static StepPlan step(String title) {
        return new StepPlan(title, title + ": wait, then pay.", "kitchen", 1.0, null, "", "", Aid.NONE, "", PassChoice.RUN, 5, 8, 2, 5, "", "", Teaching.NONE);
    }

    public <T> T within(Supplier<T> work) {
        return PracticeScope.within(trainer.practice(), work);
    }

    public TrackSteps roadmap() {
        return within(() -> maker.tracks.get(trainer.practice(), track));
    }

    public Facts facts() {
        return within(() -> maker.households.facts(trainer.practice(), id));
    }

    public long stepNow() {
        return roadmap().current().orElseThrow().id();
    }

    public void issue() {
        within(() -> maker.homeworks.issue(trainer, id, maker.clock.instant()));
    }

    /** The suggestion that stands, as the trainer would see it now. */
    public Decided suggestion() {
        return within(() -> {
            maker.round.round(trainer.practice(), maker.clock.instant());
            return maker.judgements.open(trainer.practice(), track).orElseThrow();
        });
    }

    public List<Decided> history() {
        return within(() -> maker.judgements.history(trainer.practice(), track));
    }

    public Answers.Result accept() {
        Decided open = suggestion();
        return within(() -> maker.answers.accept(trainer, open.id(), open.version(), maker.clock.instant()));
    }

    /** Answers a CALL with what comes next. */
    public Answers.Result call(Answers.Next next) {
        Decided open = suggestion();
        return within(() -> maker.answers.call(trainer, open.id(), open.version(), next, "Spoken with Dele", maker.clock.instant()));
    }

    public Answers.Result overrule(Decision instead) {
        Decided open = suggestion();
        return within(() -> maker.answers.overrule(trainer, open.id(), open.version(), instead, "Seen at the lesson", maker.clock.instant()));
    }

    /** One sitting of Dele in the kitchen that ends now, one letter a rep: c clean, h helped, m missed, t too much. */
    public void practise(String reps) throws Exception {
        practise("Dele", reps);
    }

    public void practise(String person, String reps) throws Exception {
        String sitting = UUID.randomUUID().toString();
        Instant at = maker.clock.instant().minusSeconds((long) SECONDS_A_REP * reps.length());
        long step = stepNow();
        List<String> items = new ArrayList<>();
        for (char letter : reps.toCharArray()) {
            at = at.plusSeconds(SECONDS_A_REP);
            items.add(rep(UUID.randomUUID().toString(), sitting, step, LETTERS.get(letter), at, person));
        }
        sendReps("{\"reps\":[" + String.join(",", items) + "]}");
        post("sessions/" + sitting + "/finish", "{\"at\":\"" + at + "\",\"how\":\"EAGER\",\"note\":\"\"}");
    }

    public static String rep(String id, String sitting, long step, String outcome, Instant at, String person) {
        return """
                {"id":"%s","sessionId":"%s","stepId":%d,"outcome":"%s","at":"%s","person":"%s","place":"kitchen"}"""
                .formatted(id, sitting, step, outcome, at, person);
    }

    public ResultActions sendReps(String body) throws Exception {
        return post("reps", body);
    }

    public ResultActions post(String path, String body) throws Exception {
        return maker.mvc.perform(MockMvcRequestBuilders.post("/o/" + token + "/" + path)
                .contentType(APPLICATION_JSON).header(HttpHeaders.ACCEPT, APPLICATION_JSON).content(body));
    }
}
