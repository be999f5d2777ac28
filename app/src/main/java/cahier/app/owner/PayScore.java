package cahier.app.owner;

import cahier.app.track.PayWords;
import cahier.app.track.Teaching;
import cahier.core.pay.Feeding;
import cahier.core.pay.PaySheet;
import cahier.core.pay.Payoffs;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What a page carries of docs/rules.md 13, drawn anew every hour; the phone goes on in it where it stopped, so that days without signal repeat nothing early.
 *
 * @param everyS seconds on average; 0 when the step is not paid while it lasts
 * @param intervals seconds from one pay to the next, comma between
 * @param fed which reps are paid with food, 1 or 0 each, comma between; empty where every one is
 * @param payoffs what each rep is paid with, bar between; empty when the step has no mix
 */
record PayScore(int everyS, String intervals, String fed, String payoffs) {

    private static final int DRAWN = 200;

    static PayScore of(Today.Task task, Instant now) {
        Teaching teaching = task.plan().teaching();
        long seed = task.stepId() * 1_000_003 + now.truncatedTo(ChronoUnit.HOURS).getEpochSecond();
        Integer every = teaching.payEveryS();
        List<Integer> intervals = every == null ? List.of() : PaySheet.of(every, PaySheet.USUAL_SPREAD, DRAWN, seed).intervals();
        List<String> mix = teaching.payoffs().size() < 2 ? List.of() : Payoffs.draw(teaching.payoffs(), DRAWN, seed).stream().map(PayWords::of).toList();
        Feeding feeding = teaching.fed();
        String fed = feeding == Feeding.EVERY_TIME ? "" : feeding.draw(DRAWN, seed).stream().map(f -> f ? "1" : "0").collect(Collectors.joining(","));
        return new PayScore(every == null ? 0 : every, intervals.stream().map(String::valueOf).collect(Collectors.joining(",")), fed, String.join("|", mix));
    }
}
