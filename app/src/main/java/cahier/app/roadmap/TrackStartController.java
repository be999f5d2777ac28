package cahier.app.roadmap;

import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.Template;
import cahier.app.shelf.Templates;
import cahier.app.track.MovesOn;
import cahier.app.track.Track;

import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.method.Question;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Starts tracks: several from the shelf at once, or one from nothing. */
@Controller
class TrackStartController {

    private final Tracks tracks;
    private final Starts starts;
    private final Templates templates;
    private final Methods methods;
    private final Households households;
    private final Clock clock;

    TrackStartController(Tracks tracks, Starts starts, Templates templates, Methods methods, Households households, Clock clock) {
        this.tracks = tracks;
        this.starts = starts;
        this.templates = templates;
        this.methods = methods;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/tracks/new")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        List<Dog> dogs = households.dogs(me.practice(), household);
        model.addAttribute("form", TrackForm.blank(dogs.isEmpty() ? "" : Long.toString(dogs.get(0).id())));
        return page(me, household, model);
    }

    private String page(TrainerUser me, long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        List<Dog> dogs = households.dogs(me.practice(), household);
        model.addAttribute("dogs", dogs);
        model.addAttribute("shelf", templates.listed(me, methods.ofHousehold(me.practice(), household), dogs.isEmpty() ? "the dog" : dogs.get(0).name()));
        return "roadmap/track-new";
    }

    @PostMapping("/households/{household}/tracks")
    String add(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") TrackForm form, BindingResult result, Model model) {
        households.get(me.practice(), household);
        Check check = new Check(result);
        Optional<Dog> dog = households.dogs(me.practice(), household).stream().filter(d -> Long.toString(d.id()).equals(form.dog())).findFirst();
        if (dog.isEmpty()) {
            check.refuse("dog", "must be one of the household's dogs");
        }
        Map<String, Template> chosen = new LinkedHashMap<>();
        for (String name : form.templates()) {
            templates.find(me, name).ifPresentOrElse(t -> chosen.put(name, t), () -> check.refuse("template", "must be on the shelf, was “" + name + "”"));
        }
        Optional<Track> own = Optional.empty();
        if (chosen.isEmpty() || form.hasTitle()) {
            own = Optional.of(form.read(check, Track.fresh(me.practice(), household, dog.map(Dog::id).orElse(0L), "", "", "", TrackKind.SKILL, Topic.EVERYDAY, "", "")
                    .movedOnBy(MovesOn.of(methods.ofHousehold(me.practice(), household).of(Question.WHO_MOVES_ON)))));
        }
        if (result.hasErrors()) {
            return page(me, household, model);
        }
        List<Long> made = new ArrayList<>();
        Instant now = Instant.now(clock);
        chosen.forEach((name, template) -> made.add(starts.start(me.practice(), household, dog.orElseThrow(), name, template, now)));
        own.ifPresent(track -> made.add(tracks.add(me.practice(), track, List.of(), now)));
        return "redirect:" + (made.size() == 1 ? "/tracks/" + made.get(0) : "/households/" + household + "/roadmap");
    }
}
