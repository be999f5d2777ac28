package cahier.app.track;

import cahier.app.web.StaleEdit.Difference;
import java.util.List;

/** Two versions of a step, field by field, for the page that shows both. */
final class StepDifferences {

    private StepDifferences() {
    }

    static List<Difference> between(StepPlan saved, StepPlan yours) {
        return List.of(
                new Difference("Title", saved.title(), yours.title()),
                new Difference("How to do it", saved.how(), yours.how()),
                new Difference("Place", saved.place(), yours.place()),
                new Difference("Distance", saved.distance(), yours.distance()),
                new Difference("Duration", saved.duration(), yours.duration()),
                new Difference("Distraction", saved.distraction(), yours.distraction()),
                new Difference("Who", saved.who(), yours.who()),
                new Difference("Lure", saved.lure() ? "yes" : "no", yours.lure() ? "yes" : "no"),
                new Difference("Word", saved.word(), yours.word()),
                new Difference("Pass", saved.passWords(), yours.passWords()),
                new Difference("Dose", saved.dose(), yours.dose()),
                new Difference("On a miss", saved.onMiss(), yours.onMiss()),
                new Difference("Cautions", saved.cautions(), yours.cautions()));
    }
}
