package cahier.app.judge;

import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.core.decide.Case;
import cahier.core.decide.Replay;
import cahier.core.decide.TrackKind;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** What another pass rule would have said, and when, on the reps already logged (docs/rules.md 36). Nothing is kept. */
@Controller
class WhatIfController {

    private static final int MOST = 30;

    private final Tracks tracks;
    private final Looks looks;
    private final Clock clock;

    WhatIfController(Tracks tracks, Looks looks, Clock clock) {
        this.tracks = tracks;
        this.looks = looks;
        this.clock = clock;
    }

    /** Another rule as it is typed; what is left out asks for nothing. */
    record WhatIf(@Nullable String pass, @Nullable String run, @Nullable String days, @Nullable String people, @Nullable String places) {
    }

    /**
     * The answer.
     *
     * @param words the whole rule, "5 clean in a row, on 2 days"
     * @param first when it would first have let the dog go on; says so too when never
     * @param now what it would say at the last session's close
     */
    record Answer(String words, String first, String now) {
    }

    @GetMapping("/tracks/{id}/what-if")
    String ask(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") WhatIf form, BindingResult result, Model model) {
        TrackSteps map = tracks.get(me.practice(), id);
        Check check = new Check(result);
        Optional<Case> given = looks.at(me.practice(), id, Instant.now(clock));
        int fewest = map.track().kind() == TrackKind.COMFORT ? Run.COMFORT_LEAST : 1;
        PassChoice pass = check.choice("pass", form.pass(), PassChoice.class);
        int run = pass.isRun() ? check.whole("run", form.run(), fewest, Run.MOST) : Run.DEFAULT;
        Spread spread = new Spread(part(check, "days", form.days()), 0, part(check, "people", form.people()), part(check, "places", form.places()), 0, 0);
        model.addAttribute("refusals", result.getFieldErrors().stream().map(e -> label(e.getField()) + " " + e.getDefaultMessage() + ".").toList());
        if (!result.hasErrors() && given.isPresent()) {
            StepPlan other = map.current().orElseThrow().plan().passedBy(pass, run, spread.equals(Spread.NONE) ? null : spread);
            model.addAttribute("answer", answer(map, given.get(), other));
        }
        return "judge/what-if";
    }

    private Answer answer(TrackSteps map, Case given, StepPlan other) {
        Replay replay = Replay.of(given, other.rule(map.track().kind()));
        String first = replay.firstUp().map(c -> Words.say("judge.WhatIfController.on-after", SuggestionWords.verdict(c.said().decision()), Dates.longDate(c.session().day()), c.reps()))
                .orElse(Words.say("judge.WhatIfController.not-once-in-reps", given.visit().work().size()));
        String now = replay.now().map(c -> SuggestionWords.verdict(c.said().decision()) + ".").orElse(Words.say("judge.WhatIfController.no-reps-yet"));
        return new Answer(other.passWords(), first, now);
    }

    private static int part(Check check, String field, @Nullable String typed) {
        return check.optionalWhole(field, typed, 0, MOST).orElse(0);
    }

    private static String label(String field) {
        return Character.toUpperCase(field.charAt(0)) + field.substring(1);
    }
}
