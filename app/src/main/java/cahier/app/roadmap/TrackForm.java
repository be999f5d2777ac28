package cahier.app.roadmap;

import cahier.app.track.MovesOn;
import cahier.app.track.Track;
import cahier.app.web.Check;
import cahier.core.decide.Case;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A track as it is typed.
 *
 * @param template names of templates to start from, when it is new
 */
public record TrackForm(int version, @Nullable List<String> template, @Nullable String dog, @Nullable String title, @Nullable String goal,
                 @Nullable String plan, @Nullable String kind, @Nullable String topic, @Nullable String staleDays, @Nullable String movesOn) {

    private static final int MOST_STALE_DAYS = 90;

    /** @param templates names of those that are ticked already */
    public static TrackForm blank(String dog, List<String> templates) {
        return new TrackForm(0, templates, dog, "", "", "", TrackKind.SKILL.name(), Topic.EVERYDAY.name(), Integer.toString(Case.STALE_DAYS), MovesOn.TRAINER.name());
    }

    public Track read(Check check, Track before) {
        return before.edited(check.text("title", title, 80), check.optional("goal", goal, 400), check.optional("plan", plan, 400),
                check.choice("kind", kind, TrackKind.class), check.choice("topic", topic, Topic.class),
                staleDays == null ? before.staleDays() : check.whole("staleDays", staleDays, 1, MOST_STALE_DAYS),
                movesOn == null ? before.movesOn() : check.choice("movesOn", movesOn, MovesOn.class), version);
    }

    /** The templates that were ticked. */
    public List<String> templates() {
        return template == null ? List.of() : template.stream().filter(t -> !t.isEmpty()).toList();
    }

    public boolean hasTitle() {
        return title != null && !title.isBlank();
    }
}
