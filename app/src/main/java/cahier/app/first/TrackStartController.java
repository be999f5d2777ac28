package cahier.app.first;

import cahier.app.baseline.Baselines;
import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.intake.Intakes;
import cahier.app.intake.Wish;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.roadmap.Starts;
import cahier.app.roadmap.TrackForm;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.Age;
import cahier.app.shelf.Sought;
import cahier.app.shelf.Template;
import cahier.app.shelf.Templates;
import cahier.app.track.MovesOn;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import cahier.core.method.Question;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Starts tracks: several from the shelf at once, or one from nothing. */
@Controller
class TrackStartController {

    private final Tracks tracks;
    private final Starts starts;
    private final Templates templates;
    private final Methods methods;
    private final Households households;
    private final Intakes intakes;
    private final Baselines baselines;
    private final Clock clock;

    TrackStartController(Tracks tracks, Starts starts, Templates templates, Methods methods, Households households, Intakes intakes, Baselines baselines, Clock clock) {
        this.intakes = intakes;
        this.baselines = baselines;
        this.tracks = tracks;
        this.starts = starts;
        this.templates = templates;
        this.methods = methods;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/tracks/new")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") List<String> template, @ModelAttribute("sought") Sought sought,
                 Model model) {
        List<Dog> dogs = households.dogs(me.practice(), household);
        model.addAttribute("form", TrackForm.blank(dogs.isEmpty() ? "" : Long.toString(dogs.get(0).id()), template));
        return page(me, household, sought, model);
    }

    private String page(TrainerUser me, long household, Sought sought, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        List<Dog> dogs = households.dogs(me.practice(), household);
        model.addAttribute("dogs", dogs);
        List<Wish> wishes = intakes.wishes(me.practice(), household);
        LocalDate today = Instant.now(clock).atZone(households.get(me.practice(), household).zone()).toLocalDate();
        model.addAttribute("ages", dogs.stream().filter(d -> d.born() != null).collect(Collectors.groupingBy(d -> Age.of(Objects.requireNonNull(d.born()), today), Collectors.mapping(Dog::name, Collectors.joining(", ")))));
        model.addAttribute("wishes", wishes.stream().map(Wish::topic).toList());
        model.addAttribute("offers", Offers.of(templates.listed(me, methods.ofHousehold(me.practice(), household), dogs.isEmpty() ? Words.say("first.TrackStartController.the-dog") : dogs.get(0).name(), sought),
                wishes, dogs, me.practice(), baselines.ofHousehold(me.practice(), household)));
        return "roadmap/track-new";
    }

    /** @param further templates whose track begins where the dog's baselines say */
    @PostMapping("/households/{household}/tracks")
    String add(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") TrackForm form, BindingResult result, @RequestParam(defaultValue = "") Set<String> further, Model model) {
        households.get(me.practice(), household);
        Check check = new Check(result);
        Optional<Dog> dog = households.dogs(me.practice(), household).stream().filter(d -> Long.toString(d.id()).equals(form.dog())).findFirst();
        if (dog.isEmpty()) {
            check.refuse("dog", Words.say("first.TrackStartController.must-be-one-of-the"));
        }
        Map<String, Template> chosen = new LinkedHashMap<>();
        for (String name : form.templates()) {
            templates.find(me, name).ifPresentOrElse(t -> chosen.put(name, t), () -> check.refuse("template", Words.say("first.TrackStartController.must-be-on-the-shelf", name)));
        }
        Optional<Track> own = Optional.empty();
        if (chosen.isEmpty() || form.hasTitle()) {
            own = Optional.of(form.read(check, Track.fresh(me.practice(), household, dog.map(Dog::id).orElse(0L), "", "", "", TrackKind.SKILL, Topic.EVERYDAY, "", "")
                    .movedOnBy(MovesOn.of(methods.ofHousehold(me.practice(), household).of(Question.WHO_MOVES_ON)))));
        }
        if (result.hasErrors()) {
            model.addAttribute("sought", Sought.ALL);
            return page(me, household, Sought.ALL, model);
        }
        List<Long> made = new ArrayList<>();
        Instant now = Instant.now(clock);
        chosen.forEach((name, template) -> {
            long track = starts.start(me.practice(), household, dog.orElseThrow(), name, template, now);
            made.add(track);
            if (further.contains(name)) {
                goFurther(me, household, track, now);
            }
        });
        own.ifPresent(track -> made.add(tracks.add(me.practice(), track, List.of(), now)));
        return "redirect:" + (made.size() == 1 ? "/tracks/" + made.get(0) : "/households/" + household + "/roadmap");
    }

    /** The dog goes to the step that its baselines propose. */
    private void goFurther(TrainerUser me, long household, long track, Instant now) {
        TrackSteps map = tracks.get(me.practice(), track);
        Startings.of(map, baselines.ofHousehold(me.practice(), household))
                .ifPresent(s -> tracks.move(me.practice(), track, map.steps().get(s.at()).id(), null, null, me.signature(), now));
    }
}
