package cahier.app.probe;

import cahier.app.scope.TrainerUser;
import cahier.core.probe.Probe;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The trainer asks a household for a test. */
@Controller
class ProbeController {

    private final Probes probes;
    private final Clock clock;

    ProbeController(Probes probes, Clock clock) {
        this.probes = probes;
        this.clock = clock;
    }

    @PostMapping("/tracks/{track}/probe")
    String ask(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam Probe kind) {
        probes.ask(me, track, kind, Instant.now(clock));
        return "redirect:/tracks/" + track + "#evidence";
    }
}
