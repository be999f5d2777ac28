package cahier.app.step;

import cahier.app.scope.TrainerUser;
import cahier.app.track.KeyedPlan;
import cahier.app.track.MeasureWords;
import cahier.app.track.PassChoice;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.measure.Measure;
import cahier.core.pass.Run;
import cahier.core.rep.Aid;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A step that measures: a new one, or what a step measures and where it ends; and back to an ordinary one (docs/rules.md 39). */
@Controller
class MeasureController {

    private static final int REPS = 6;
    private static final int MINUTES = 20;

    private final Tracks tracks;
    private final Remeasured remeasured;
    private final Clock clock;

    MeasureController(Tracks tracks, Remeasured remeasured, Clock clock) {
        this.remeasured = remeasured;
        this.tracks = tracks;
        this.clock = clock;
    }

    /** @param kind of what was logged already, where the page comes from there */
    @GetMapping("/tracks/{track}/measure")
    String fresh(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam Optional<Measure.Kind> kind, @RequestParam(defaultValue = "") String about, Model model) {
        MeasureForm usual = MeasureForm.empty();
        boolean distance = kind.filter(k -> k == Measure.Kind.DISTANCE).isPresent() && about.matches("[A-Z]{1,20}");
        return show(tracks.get(me.practice(), track).track(), Optional.empty(),
                new MeasureForm(kind.map(Enum::name).orElse(usual.kind()), distance ? about : usual.trigger(), usual.loudness(), usual.zone(), "", "", ""), model);
    }

    @PostMapping("/tracks/{track}/measure")
    String add(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") MeasureForm form, BindingResult result, Model model) {
        Track home = tracks.get(me.practice(), track).track();
        Measure measure = form.read(new Check(result));
        if (measure == null) {
            return show(home, Optional.empty(), form, model);
        }
        tracks.addStep(me.practice(), track, KeyedPlan.own(plan(measure)), Integer.MAX_VALUE, Instant.now(clock));
        return "redirect:/tracks/" + track;
    }

    private static StepPlan plan(Measure measure) {
        return new StepPlan(MeasureWords.title(measure), MeasureWords.how(measure), "", null, null, "", "", Aid.NONE, "", PassChoice.RUN, Run.DEFAULT, REPS, 1, MINUTES, "", "", Teaching.NONE.measuring(measure));
    }

    @GetMapping("/steps/{step}/measure")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long step, Model model) {
        Step known = tracks.step(me.practice(), step);
        return show(tracks.get(me.practice(), known.trackId()).track(), Optional.of(known), known.measure().map(MeasureForm::of).orElseGet(MeasureForm::empty), model);
    }

    @PostMapping("/steps/{step}/measure")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long step, @RequestParam int version, @ModelAttribute("form") MeasureForm form, BindingResult result, Model model) {
        Step known = tracks.step(me.practice(), step);
        if (MeasureForm.NONE.equals(form.kind())) {
            remeasured.save(me, known, version, null, Instant.now(clock));
            return "redirect:/tracks/" + known.trackId();
        }
        Measure measure = form.read(new Check(result));
        if (measure == null) {
            return show(tracks.get(me.practice(), known.trackId()).track(), Optional.of(known), form, model);
        }
        remeasured.save(me, known, version, measure, Instant.now(clock));
        return "redirect:/tracks/" + known.trackId();
    }

    private static String show(Track track, Optional<Step> step, MeasureForm form, Model model) {
        model.addAttribute("track", track);
        model.addAttribute("step", step);
        model.addAttribute("form", form);
        return "step/measure";
    }
}
