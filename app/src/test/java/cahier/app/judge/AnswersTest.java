package cahier.app.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Stay;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Gap;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** From reps to a suggestion, from the suggestion to an answer, and what is remembered of it. */
class AnswersTest extends AppTest {

    private static final Duration A_DAY = Duration.ofDays(1);

    @Autowired
    private Answers answers;
    @Autowired
    private JudgingRound round;

    private Home skill(int steps) {
        return homes.make(edda(), TrackKind.SKILL, steps);
    }

    private static String says(Decided decided) {
        return decided.suggested() + " " + decided.cause();
    }

    @Test
    void aFinishedSessionIsJudgedAtOnceAndAcceptingMovesTheDog() throws Exception {
        Home home = skill(3);
        home.practise("mccccc");
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
        assertThat(home.accept()).isEqualTo(Answers.Result.DONE);
        assertThat(home.roadmap().number()).isEqualTo(2);
        Decided kept = home.history().stream().filter(Decided::isAnswered).findFirst().orElseThrow();
        assertThat(kept.state()).isEqualTo(Decided.State.ACCEPTED);
        assertThat(kept.answeredBy()).isEqualTo("Edda");
        assertThat(kept.grounds().clean()).isEqualTo(5);
        assertThat(kept.grounds().of()).isEqualTo(6);
        assertThat(kept.grounds().people()).containsExactly(new Grounds.Cell("Dele", 5, 6));
    }

    @Test
    void acceptingTwiceMovesOnce() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        Decided open = home.suggestion();
        for (int i = 0; i < 2; i++) {
            assertThat(asEdda(() -> answers.accept(edda(), open.id(), open.version(), now()))).isEqualTo(Answers.Result.DONE);
        }
        assertThat(home.roadmap().number()).isEqualTo(2);
    }

    @Test
    void anAnswerToWhatHasChangedMeanwhileDoesNothing() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        Decided seen = home.suggestion();
        clock.pass(A_DAY);
        home.practise("ccctt");
        assertThat(asEdda(() -> answers.accept(edda(), seen.id(), seen.version(), now()))).isEqualTo(Answers.Result.CHANGED);
        assertThat(asEdda(() -> answers.overrule(edda(), seen.id(), seen.version(), Decision.UP, "No", now()))).isEqualTo(Answers.Result.CHANGED);
        assertThat(home.roadmap().number()).isEqualTo(1);
    }

    @Test
    void overrulingKeepsTheReasonAndDoesWhatTheTrainerSaid() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        assertThat(home.overrule(Decision.STAY)).isEqualTo(Answers.Result.DONE);
        assertThat(home.roadmap().number()).isEqualTo(1);
        assertThat(home.history().get(0)).satisfies(d -> {
            assertThat(d.state()).isEqualTo(Decided.State.OVERRULED);
            assertThat(d.suggested()).isEqualTo(Decision.UP);
            assertThat(d.answer()).isEqualTo(Decision.STAY);
            assertThat(d.why()).isEqualTo("Seen at the lesson");
        });
    }

    @Test
    void whatWasAnsweredIsRaisedAgainOnlyAfterASessionHasClosed() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        home.overrule(Decision.STAY);
        clock.pass(A_DAY);
        round.round(edda().practice(), now());
        assertThat(home.history()).noneMatch(Decided::isOpen);
        home.practise("ccccc");
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
    }

    @Test
    void undoPutsTheDogBackAndTheSuggestionStandsAgain() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        home.accept();
        Decided answered = home.history().stream().filter(Decided::isAnswered).findFirst().orElseThrow();
        assertThat(asEdda(() -> answers.undo(edda(), answered.id(), now()))).isEqualTo(Answers.Result.DONE);
        assertThat(home.roadmap().number()).isEqualTo(1);
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
        assertThat(asEdda(() -> answers.undo(edda(), answered.id(), now()))).isEqualTo(Answers.Result.DONE);
    }

    @Test
    void onceRepsWereLoggedOnTheNewStepTheAnswerStands() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        home.accept();
        home.issue();
        home.practise("cc");
        Decided answered = home.history().stream().filter(Decided::isAnswered).findFirst().orElseThrow();
        assertThat(asEdda(() -> answers.undo(edda(), answered.id(), now()))).isEqualTo(Answers.Result.CHANGED);
        assertThat(home.roadmap().number()).isEqualTo(2);
    }

    @Test
    void theGoalIsReachedOnTheLastStepAndUndoReopensIt() throws Exception {
        Home home = skill(1);
        home.practise("ccccc");
        assertThat(says(home.suggestion())).isEqualTo("DONE PASSED");
        home.accept();
        assertThat(home.roadmap().track().isDone()).isTrue();
        assertThat(home.roadmap().current()).isEmpty();
        asEdda(() -> answers.undo(edda(), home.history().get(0).id(), now()));
        assertThat(home.roadmap().track().isDone()).isFalse();
        assertThat(home.roadmap().number()).isEqualTo(1);
    }

    @Test
    void tooMuchTwiceIsAStepBackAndASecondStepBackIsASplit() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        home.accept();
        home.issue();
        home.practise("cctct");
        assertThat(says(home.suggestion())).isEqualTo("BACK TOO_MUCH");
        home.accept();
        assertThat(home.roadmap().number()).isEqualTo(1);
        clock.pass(Duration.ofDays(3));
        home.issue();
        home.practise("ccccc");
        home.practise("ccccccccccc");
        home.overrule(Decision.UP);
        home.issue();
        clock.pass(A_DAY);
        home.practise("mmmmm");
        clock.pass(A_DAY);
        home.practise("mmmmm");
        assertThat(says(home.suggestion())).isEqualTo("SPLIT LOW_RATE");
    }

    @Test
    void aSplitPutsTheNewStepBelowAndTheDogOnIt() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        home.accept();
        home.issue();
        home.practise("cm");
        Decided open = home.suggestion();
        assertThat(asEdda(() -> answers.split(edda(), open.id(), Home.step("Half-way"), "Too big a jump", now()))).isEqualTo(Answers.Result.DONE);
        assertThat(home.roadmap().steps()).extracting(s -> s.title()).containsExactly("Step 1", "Half-way", "Step 2", "Step 3");
        assertThat(home.roadmap().current().orElseThrow().title()).isEqualTo("Half-way");
        Stay visit = home.roadmap().visit().orElseThrow();
        assertThat(visit.enteredBy()).isEqualTo("SPLIT");
        assertThat(asEdda(() -> answers.split(edda(), open.id(), Home.step("Again"), "", now()))).isEqualTo(Answers.Result.CHANGED);
    }

    @Test
    void aCallStaysThroughCleanSessionsUntilTheTrainerAnswers() throws Exception {
        Home home = skill(3);
        home.practise("ctctct");
        assertThat(says(home.suggestion())).isEqualTo("CALL TOO_MUCH_OFTEN");
        for (int i = 0; i < 3; i++) {
            clock.pass(A_DAY);
            home.practise("cccccccccccccccccccccccccccccc");
            assertThat(says(home.suggestion())).isEqualTo("CALL TOO_MUCH_OFTEN");
        }
        assertThat(home.accept()).as("a call is not accepted as it stands").isEqualTo(Answers.Result.ASKS);
        assertThat(home.call(Answers.Next.GO_ON)).isEqualTo(Answers.Result.DONE);
        clock.pass(A_DAY);
        home.practise("cccccccccc");
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
    }

    @Test
    void anOpenUpIsWithdrawnByTooMuch() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
        clock.pass(A_DAY);
        home.practise("tccccc");
        assertThat(says(home.suggestion())).isEqualTo("STAY TOO_MUCH_RECENT");
    }

    @Test
    void aWeekWithoutRepsAsksForAGentleStart() throws Exception {
        Home home = skill(3);
        home.practise("cmc");
        clock.pass(Duration.ofDays(7));
        assertThat(says(home.suggestion())).isEqualTo("REFRESH STALE");
        assertThat(SuggestionWords.evidence(home.suggestion().grounds())).contains("Not practised for 7 days.");
    }

    @Test
    void onePersonWhoseRepsDifferIsNamed() throws Exception {
        Home home = skill(3);
        home.practise("Dele", "cccccccmcc");
        clock.pass(A_DAY);
        home.practise("Marit", "mmmmhhmmmm");
        Decided open = home.suggestion();
        assertThat(says(open)).isEqualTo("STAY PERSON_GAP");
        assertThat(SuggestionWords.evidence(open.grounds())).contains("Without Marit, 9 of 10 reps were clean.");
        assertThat(open.grounds().gaps()).singleElement().satisfies(gap -> {
            assertThat(gap.better()).isEqualTo(new Gap.Share("Dele", 9, 10));
            assertThat(gap.worse()).isEqualTo(new Gap.Share("Marit", 0, 10));
        });
        open("/tracks/" + home.track).andExpect(content().string(containsString("Marit differs")))
                .andExpect(content().string(containsString("Dele 9/10, Marit 0/10 in the same company.")))
                .andExpect(content().string(containsString(">9/10<"))).andExpect(content().string(containsString(">0/10<")));
    }

    @Test
    void anUndoneRepCountsForNothing() throws Exception {
        Home home = skill(3);
        home.practise("ccccc");
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
        List<Decided> before = home.history();
        String sitting = "00000000-0000-4000-8000-00000000000" + home.id % 10;
        String rep = UUID.randomUUID().toString();
        home.sendReps("{\"reps\":[" + Home.rep(rep, sitting, home.stepNow(), "TOO_MUCH", now(), "Dele") + "]}");
        home.post("reps/" + rep + "/undo", "{\"at\":\"" + now() + "\"}");
        clock.pass(Duration.ofMinutes(31));
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
        assertThat(home.suggestion().grounds().reps()).isEqualTo(before.get(0).grounds().reps());
    }

    @Test
    void aSessionNobodyFinishedIsJudgedHalfAnHourAfterItsLastRep() throws Exception {
        Home home = skill(3);
        String sitting = UUID.randomUUID().toString();
        for (int i = 0; i < 5; i++) {
            home.sendReps("{\"reps\":[" + Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), "CLEAN", now(), "Dele") + "]}");
        }
        clock.pass(Duration.ofMinutes(29));
        round.round(edda().practice(), now());
        assertThat(home.history()).noneMatch(d -> d.suggested() == Decision.UP);
        clock.pass(Duration.ofMinutes(2));
        assertThat(says(home.suggestion())).isEqualTo("UP PASSED");
    }

    @Test
    void onAComfortTrackOneTooMuchOnTheFirstStepIsACall() throws Exception {
        Home home = homes.make(edda(), TrackKind.COMFORT, 3);
        home.practise("cccct");
        assertThat(home.suggestion().suggested()).isEqualTo(Decision.CALL);
        assertThat(home.suggestion().cause()).isEqualTo(Cause.TOO_MUCH);
        assertThat(home.suggestion().cause().restsTheStep()).isTrue();
    }
}
