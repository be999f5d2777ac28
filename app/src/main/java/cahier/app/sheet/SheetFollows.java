package cahier.app.sheet;

import cahier.app.track.DogMoved;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Whatever takes the dog down or rests a track changes what the phone asks, in the same transaction (docs/rules.md 38). */
@Component
class SheetFollows {

    private final Homeworks homeworks;

    SheetFollows(Homeworks homeworks) {
        this.homeworks = homeworks;
    }

    @EventListener
    void on(DogMoved event) {
        homeworks.follow(event.practice(), event.household(), event.track(), false, event.by(), event.at());
    }
}
