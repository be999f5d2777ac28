package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.forecast.Forecasts;
import cahier.app.forecast.Held;
import cahier.app.track.Roadmap;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** When the goal may be reached at other rhythms, reckoned when somebody asks, because it takes as long as five forecasts; and whether earlier forecasts were right. */
@Controller
class RhythmController {

    private final Tracks tracks;
    private final Forecasts forecasts;
    private final Clock clock;

    RhythmController(Tracks tracks, Forecasts forecasts, Clock clock) {
        this.tracks = tracks;
        this.forecasts = forecasts;
        this.clock = clock;
    }

    /** Was it right? What was said of tracks that have ended, against the day they did. */
    @GetMapping("/forecasts")
    String held(@AuthenticationPrincipal TrainerUser me, Model model) {
        List<Held> held = forecasts.held(me.practice());
        model.addAttribute("held", held);
        model.addAttribute("right", held.stream().filter(Held::isRight).count());
        return "book/forecasts";
    }

    @GetMapping("/tracks/{id}/rhythms")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Roadmap map = tracks.get(me.practice(), id);
        model.addAttribute("rhythms", forecasts.rhythms(me.practice(), map, Instant.now(clock)));
        return "book/rhythms";
    }
}
