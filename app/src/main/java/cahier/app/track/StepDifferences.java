package cahier.app.track;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.app.web.StaleEdit.Difference;
import java.util.List;
import java.util.stream.Collectors;

/** Two versions of a step, field by field, for the pages that show both. */
public final class StepDifferences {

    private StepDifferences() {
    }

    public static List<Difference> between(StepPlan saved, StepPlan yours) {
        return List.of(
                new Difference("Title", saved.title(), yours.title()),
                new Difference(Words.say("track.StepDifferences.how-to-do-it"), saved.how(), yours.how()),
                new Difference("Place", saved.place(), yours.place()),
                new Difference("Distance", saved.distance(), yours.distance()),
                new Difference("Duration", saved.duration(), yours.duration()),
                new Difference("Distraction", saved.distraction(), yours.distraction()),
                new Difference(Words.say("track.StepDifferences.lead-and-company"), saved.who(), yours.who()),
                new Difference("Aid", StepPlan.words(saved.aid()), StepPlan.words(yours.aid())),
                new Difference("Word", saved.word(), yours.word()),
                new Difference("Pass", saved.passWords(), yours.passWords()),
                new Difference("Dose", saved.dose(), yours.dose()),
                new Difference(Words.say("track.StepDifferences.on-a-miss"), saved.onMiss(), yours.onMiss()),
                new Difference("Cautions", saved.cautions(), yours.cautions()),
                new Difference(Words.say("track.StepDifferences.how-to-pay"), saved.teaching().pay(), yours.teaching().pay()),
                new Difference("Food", PayWords.of(saved.teaching().fed()), PayWords.of(yours.teaching().fed())),
                new Difference("Equipment", saved.teaching().equipment(), yours.teaching().equipment()),
                new Difference("Helper", saved.teaching().helper().words(), yours.teaching().helper().words()),
                new Difference(Words.say("track.StepDifferences.typical-mistakes"), slips(saved), slips(yours)),
                new Difference("Chain", String.join(", ", saved.teaching().events()), String.join(", ", yours.teaching().events())),
                new Difference(Words.say("track.StepDifferences.pay-every"), every(saved), every(yours)),
                new Difference(Words.say("track.StepDifferences.paid-with-mixed"), mix(saved), mix(yours)),
                new Difference("Beside", traits(saved), traits(yours)));
    }

    private static String every(StepPlan plan) {
        Integer seconds = plan.teaching().payEveryS();
        return seconds == null ? "" : Words.say("track.StepDifferences.about-every", Measures.duration(seconds));
    }

    private static String traits(StepPlan plan) {
        return plan.teaching().traits().stream().map(Trait::words).collect(Collectors.joining(", "));
    }

    private static String mix(StepPlan plan) {
        return plan.teaching().payoffs().stream().map(PayWords::of).collect(Collectors.joining(", "));
    }

    private static String slips(StepPlan plan) {
        return plan.teaching().slips().stream().map(SlipWords::name).collect(Collectors.joining(", "));
    }
}
