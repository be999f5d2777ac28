package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.alarm.Alarm;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.language.Language;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Quick;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Households of the application taken through many acts of trainer and owner, in any order (-Dacts=200 for longer lives): the phone asks nothing that rests and nothing that nobody put there. */
class PhoneFollowsTest extends AppTest {

    private static final int RUNS = Quick.isOn() ? 4 : 20;
    private static final int ACTS = Integer.getInteger("acts", 60);

    @Autowired
    private OwnerPractice practice;
    @Autowired
    private Judgements judgements;
    @Autowired
    private Answers answers;
    @Autowired
    private AskedTogether together;

    private TrainerUser me;
    private Home home;
    private Random random;
    private Today today;
    private TrackSteps map;
    private Optional<Decided> open = Optional.empty();
    private int asked;

    /** Signing in anew for each act would take most of the time. */
    private <T> T within(Supplier<T> work) {
        return PracticeScope.within(me.practice(), work);
    }

    /** The step the sheet asks for, by where it stands now; 0 where the sheet asks for none. */
    private static int sheetNumber(Today today, TrackSteps map) {
        return today.sheet().orElseThrow().items().stream().map(i -> map.indexOf(i.stepId()).orElse(-1) + 1).findFirst().orElse(0);
    }

    @Test
    void thePhoneNeverAsksWhatRestsAndNeverClimbsByItself() throws Exception {
        me = practices.trainerOf("Long Lane Lessons", "Per Linde", "per@longlane.example"); // hundreds of alarms, and their mail, are nobody else's
        for (int seed = 0; seed < RUNS; seed++) {
            random = new Random(seed);
            home = homes.make(me, seed % 2 == 0 ? TrackKind.SKILL : TrackKind.COMFORT, 4);
            look();
            for (int i = 0; i < ACTS; i++) {
                int sheetBefore = sheetNumber(today, map);
                String act = act();
                look();
                check("seed " + seed + ", act " + i + ", " + act, act.equals("issue") ? Integer.MAX_VALUE : sheetBefore + (act.equals("split") ? 1 : 0));
            }
            clock.reset();
        }
        assertThat(asked).as("the phone asked often enough to test anything").isGreaterThan(RUNS * ACTS / 10);
    }

    /** What there is to see after an act. */
    private void look() {
        within(() -> together.look(() -> {
            today = practice.today(new Owner(me.practice(), home.id, Language.BRITISH), now());
            map = home.roadmap();
            open = judgements.open(me.practice(), home.track);
            return today;
        }));
    }

    private Optional<Today.Task> asks() {
        return today.tasks().stream().filter(Today.Task::isPractised).findFirst();
    }

    private void check(String where, int mostOnTheSheet) throws Exception {
        int sheet = sheetNumber(today, map);
        assertThat(sheet).as("%s: a sheet climbs only when it is sent", where).isLessThanOrEqualTo(mostOnTheSheet);
        Optional<Today.Task> task = asks();
        if (task.isEmpty()) {
            return;
        }
        int number = map.indexOf(task.get().stepId()).orElseThrow() + 1;
        assertThat(today.alarms()).as(where).isEmpty();
        assertThat(map.track().isRested()).as(where).isFalse();
        assertThat(map.track().isParked(LocalDate.ofInstant(now(), ZoneOffset.UTC))).as(where).isFalse();
        assertThat(number).as("%s: not above where the dog stands", where).isLessThanOrEqualTo(map.track().isDone() ? map.steps().size() : map.number());
        assertThat(number).as("%s: put there by a person", where).isLessThanOrEqualTo(sheet);
        open.filter(d -> d.cause().restsTheStep() && d.grounds().suggestion().staysOpen()).ifPresent(d -> {
            assertThat(d.cause()).as(where).isNotEqualTo(Cause.ALARM);
            assertThat(task.get().stepId()).as("%s: the step that was too much", where).isNotEqualTo(d.stepId());
        });
        if (asked++ % 20 == 0) {
            mvc.perform(get("/o/" + home.token + "/practice/" + task.get().stepId())).andExpect(content().string(containsString("data-outcome")));
        }
    }

    /** Does one thing and names it. */
    private String act() throws Exception {
        boolean resting = asks().isEmpty();
        boolean call = open.filter(d -> d.suggested() == Decision.CALL).isPresent();
        int roll = random.nextInt(20);
        if (resting && roll < 8 && map.track().isRested()) {
            send(me, "/tracks/" + home.track + "/take-up");
            return "take up";
        }
        if (resting && roll < 6 && map.track().isDone()) {
            send(me, "/tracks/" + home.track + "/dog-on/" + map.steps().get(1).id());
            return "put on 2";
        }
        if (roll < 4 && map.current().isPresent()) {
            clock.pass(Duration.ofMinutes(20));
            String reps = random.nextInt(4) == 0 ? "ctct" : random.nextBoolean() ? "ccccc" : "ccmh";
            home.practise(reps);
            return "practise " + reps;
        }
        if (roll < 8) {
            clock.pass(Duration.ofDays(1));
            return "day";
        }
        if (roll < 10) {
            if (random.nextInt(8) > 0) {
                return "nothing";
            }
            String id = UUID.randomUUID().toString();
            home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%d\",\"kind\":\"BIT\",\"what\":\"\",\"at\":\"%s\"}".formatted(id, home.facts().dogs().get(0).id(), now()));
            return "alarm";
        }
        List<Alarm> alarmed = today.alarms();
        if (!alarmed.isEmpty() && roll < 14) {
            send(me, "/alarms/" + alarmed.get(0).id() + "/answer", "with", "Dele", "answer", "Spoken", random.nextBoolean() ? "next-" + home.track : "none", "REST");
            return "answer";
        }
        if (open.isPresent() && roll < 17) {
            long id = open.get().id();
            String version = Integer.toString(open.get().version());
            if (call) {
                String next = List.of("REST", "BACK", "GO_ON").get(random.nextInt(3));
                send(me, "/tracks/" + home.track + "/call", "suggestion", Long.toString(id), "version", version, "next", next, "words", "Spoken with Dele");
                return "call " + next;
            }
            if (open.get().suggested() == Decision.SPLIT) {
                within(() -> answers.split(me, id, Home.step("Between " + random.nextInt()), "", now()));
                return "split";
            }
            send(me, "/decisions/" + id + "/accept", "version", version, "back", "/tracks/" + home.track);
            return "accept";
        }
        return switch (roll) {
            case 10, 11, 12 -> {
                clock.pass(Duration.ofMinutes(2));
                send(me, "/households/" + home.id + "/homework");
                yield "issue";
            }
            case 13, 14 -> {
                if (map.track().isRested()) {
                    send(me, "/tracks/" + home.track + "/take-up");
                    yield "take up";
                }
                Step any = map.steps().get(random.nextInt(map.steps().size()));
                send(me, "/tracks/" + home.track + "/dog-on/" + any.id());
                yield "put on " + (map.indexOf(any.id()).orElse(0) + 1);
            }
            case 15 -> {
                send(me, "/tracks/" + home.track + "/park", map.track().parkedUntil() == null ? "until" : "back", map.track().parkedUntil() == null ? "" : "yes");
                yield "park";
            }
            default -> {
                Optional<Decided> last = within(() -> judgements.lastAnswered(me.practice(), home.track));
                if (last.isPresent()) {
                    send(me, "/decisions/" + last.get().id() + "/undo", "back", "/tracks/" + home.track);
                }
                yield "undo";
            }
        };
    }
}
