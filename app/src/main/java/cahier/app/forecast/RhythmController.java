package cahier.app.forecast;

import cahier.app.scope.TrainerUser;
import cahier.app.track.PassChoice;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** When the goal may be reached at other rhythms, reckoned when somebody asks, because it takes as long as five forecasts; and whether earlier forecasts were right. */
@Controller
class RhythmController {

    private static final int USUAL = 5;

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

    /** A figure or rule that is none is taken as the usual one: a slider sends no nonsense, and nothing is kept. */
    @GetMapping("/tracks/{id}/rhythms")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(defaultValue = "5") String sessions, @RequestParam(defaultValue = "") String pass, Model model) {
        TrackSteps map = tracks.get(me.practice(), id);
        int asked = sessions.matches("\\d{1,2}") ? Math.max(1, Math.min(Forecasts.MOST_SESSIONS, Integer.parseInt(sessions))) : USUAL;
        Optional<PassChoice> rule = Arrays.stream(PassChoice.values()).filter(c -> c.name().equals(pass)).findFirst();
        model.addAttribute("rhythms", forecasts.rhythms(me.practice(), map, asked, rule, Instant.now(clock)).orElse(null));
        return "forecast/rhythms";
    }
}
