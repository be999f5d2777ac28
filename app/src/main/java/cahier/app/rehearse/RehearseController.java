package cahier.app.rehearse;

import cahier.app.cost.Costs;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.Template;
import cahier.app.shelf.Templates;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.rehearse.Answering;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** A hundred made-up dogs walk a plan: that of a track, of a template, of every track of a household. The address holds what was changed. */
@Controller
class RehearseController {

    private final Rehearsals rehearsals;
    private final Tracks tracks;
    private final Households households;
    private final Templates templates;
    private final Methods methods;
    private final Costs costs;
    private final Clock clock;

    RehearseController(Rehearsals rehearsals, Tracks tracks, Households households, Templates templates, Methods methods, Costs costs, Clock clock) {
        this.costs = costs;
        this.rehearsals = rehearsals;
        this.tracks = tracks;
        this.households = households;
        this.templates = templates;
        this.methods = methods;
        this.clock = clock;
    }

    /** A choice of the form. */
    record Choice(String name, String words) {
    }

    @GetMapping("/tracks/{id}/rehearse")
    String track(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") Change change, Model model) {
        TrackSteps map = tracks.get(me.practice(), id);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        model.addAttribute("what", map.track().title());
        model.addAttribute("address", "/tracks/" + id);
        model.addAttribute("back", Words.say("rehearse.RehearseController.back-to-the-track"));
        model.addAttribute("tab", "households");
        return walked(rehearsals.ofTrack(me.practice(), map, facts, Instant.now(clock)), map.track().dogName(), change, model);
    }

    @GetMapping("/shelf/{name}/rehearse")
    String template(@AuthenticationPrincipal TrainerUser me, @PathVariable String name, @ModelAttribute("form") Change change, Model model) {
        Template template = templates.listed(me, name, methods.ofPractice(me.practice()), Words.say("rehearse.RehearseController.the-dog")).template();
        model.addAttribute("what", template.title());
        model.addAttribute("address", "/shelf/" + name);
        model.addAttribute("back", Words.say("rehearse.RehearseController.back-to-the-template"));
        model.addAttribute("tab", "shelf");
        return walked(rehearsals.ofTemplate(template, methods.ofPractice(me.practice())), "", change, model);
    }

    /** What an own template costs, for its card. */
    @GetMapping("/shelf/{name}/cost")
    String cost(@AuthenticationPrincipal TrainerUser me, @PathVariable String name, Model model) {
        Templates.Listed listed = templates.listed(me, name, methods.ofPractice(me.practice()), Words.say("rehearse.RehearseController.the-dog"));
        model.addAttribute("cost", listed.own().map(own -> costs.of(own.id() + " " + own.version(), () -> Costing.of(own.template()))).orElse(listed.cost()));
        return "shelf/cost";
    }

    private static String walked(Optional<Known> known, String dog, Change change, Model model) {
        known.ifPresent(k -> {
            List<RehearsalView> views = RehearsalView.all(k, change);
            model.addAttribute("views", views);
            model.addAttribute("longest", views.stream().map(RehearsalView::stuck).max(Comparator.comparingInt(List::size)).orElseThrow());
            model.addAttribute("sameSteps", views.stream().allMatch(v -> v.stuck().size() == k.steps().size()));
            model.addAttribute("known", k);
            model.addAttribute("dogs", k.dogs(dog));
            model.addAttribute("answers", k.answering());
            model.addAttribute("answerings", Arrays.stream(Answering.values()).map(a -> new Choice(a.name(), RehearsalView.words(a))).toList());
        });
        return "rehearse/plan";
    }

    /** What stands in the line of one track among those of its household. */
    @GetMapping("/tracks/{id}/rehearse/line")
    String line(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        TrackSteps map = tracks.get(me.practice(), id);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        model.addAttribute("view", rehearsals.ofTrack(me.practice(), map, facts, Instant.now(clock)).map(k -> RehearsalView.all(k, Change.NONE).get(0)));
        return "rehearse/line";
    }

    /** Every track of a household side by side; each line is walked when it is looked at. */
    @GetMapping("/households/{id}/rehearse")
    String roadmap(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        model.addAttribute("household", households.facts(me.practice(), id).household());
        model.addAttribute("maps", tracks.ofHousehold(me.practice(), id).stream().filter(m -> m.visit().isPresent()).toList());
        return "rehearse/roadmap";
    }
}
