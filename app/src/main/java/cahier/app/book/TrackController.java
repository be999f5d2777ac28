package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.draw.Drawing;
import cahier.app.draw.Shares;
import cahier.app.household.Dog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.judge.Grounds;
import cahier.app.judge.Judgements;
import cahier.app.shelf.Shelf;
import cahier.app.shelf.Template;
import cahier.app.track.Roadmap;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.decide.Case;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Tracks: from a template or from nothing, shown and edited. */
@Controller
class TrackController {

    private final Tracks tracks;
    private final Households households;
    private final Judgements judgements;
    private final Books books;
    private final Shelf shelf;
    private final Baselines baselines;
    private final Clock clock;

    TrackController(Tracks tracks, Households households, Judgements judgements, Books books, Shelf shelf, Baselines baselines, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.judgements = judgements;
        this.books = books;
        this.shelf = shelf;
        this.baselines = baselines;
        this.clock = clock;
    }

    record TrackForm(int version, @Nullable String template, @Nullable String dog, @Nullable String title, @Nullable String goal,
                     @Nullable String plan, @Nullable String kind, @Nullable String topic) {

        Track read(Check check, TrainerUser me, Track before) {
            return new Track(before.id(), me.practice(), before.householdId(), before.dogId(), "", check.text("title", title, 80),
                    check.optional("goal", goal, 400), check.optional("plan", plan, 400), check.choice("kind", kind, TrackKind.class),
                    check.choice("topic", topic, Topic.class), 0,
                    Case.STALE_DAYS, null, version);
        }
    }

    @GetMapping("/households/{household}/tracks/new")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        List<Dog> dogs = households.dogs(me.practice(), household);
        String dog = dogs.isEmpty() ? "" : Long.toString(dogs.get(0).id());
        model.addAttribute("form", new TrackForm(0, "", dog, "", "", "", TrackKind.SKILL.name(), Topic.EVERYDAY.name()));
        return newTrack(me, household, model);
    }

    private String newTrack(TrainerUser me, long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("dogs", households.dogs(me.practice(), household));
        model.addAttribute("shelf", shelf.byTopic());
        return "book/track-new";
    }

    @PostMapping("/households/{household}/tracks")
    String add(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") TrackForm form,
               BindingResult result, Model model) {
        Household of = households.get(me.practice(), household);
        Check check = new Check(result);
        Optional<Dog> dog = households.dogs(me.practice(), household).stream().filter(d -> Long.toString(d.id()).equals(form.dog())).findFirst();
        if (dog.isEmpty()) {
            check.refuse("dog", "must be one of the household's dogs");
        }
        Optional<Template> template = shelf.find(form.template() == null ? "" : form.template());
        TrackForm wanted = template.map(t -> new TrackForm(0, t.id(), form.dog(), t.title(), t.goal(), t.plan(), t.kind().name(), t.topic().name())).orElse(form);
        Track track = wanted.read(check, me, new Track(0, me.practice(), of.id(), dog.map(Dog::id).orElse(0L), "", "", "", "",
                TrackKind.SKILL, Topic.EVERYDAY, 0, Case.STALE_DAYS, null, 0));
        if (result.hasErrors()) {
            return newTrack(me, household, model);
        }
        List<StepPlan> steps = template.map(Template::steps).orElse(List.of());
        long id = tracks.add(me.practice(), track, steps, Instant.now(clock));
        judgements.judge(me.practice(), id, Instant.now(clock));
        return "redirect:/tracks/" + id;
    }

    @GetMapping("/tracks/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Instant now = Instant.now(clock);
        TrackRow row = books.row(me.practice(), id, now);
        Household household = households.get(me.practice(), row.track().householdId());
        model.addAttribute("row", row);
        model.addAttribute("household", household);
        model.addAttribute("today", now.atZone(household.zone()).toLocalDate());
        baselines.concerning(row.roadmap()).ifPresent(b -> model.addAttribute("begin", beginning(row, b)));
        row.note().map(n -> n.decided().grounds()).filter(g -> g.reps() > 0).ifPresent(g -> {
            model.addAttribute("grounds", g);
            model.addAttribute("byPerson", shares(g.people(), g.bar()));
            model.addAttribute("byPlace", shares(g.places(), g.bar()));
        });
        model.addAttribute("history", judgements.history(me.practice(), id).stream().filter(d -> !d.isOpen()).map(d -> Note.of(d, false)).toList());
        return "book/track";
    }

    private static @Nullable Drawing shares(List<Grounds.Cell> cells, double bar) {
        return cells.isEmpty() ? null : Shares.of(cells.stream().map(c -> new Shares.Row(c.name(), c.clean(), c.reps())).toList(), bar);
    }

    /** A step is proposed while the dog still stands where the track was made and nothing was practised. */
    private static Beginning beginning(TrackRow row, Baseline baseline) {
        Roadmap roadmap = row.roadmap();
        int start = Baselines.start(roadmap, baseline).orElse(0);
        boolean fresh = row.reps() == 0 && roadmap.visit().filter(v -> v.enteredBy() == null).isPresent();
        boolean proposed = fresh && start > roadmap.currentIndex().orElse(0);
        String now = row.note().map(n -> n.decided().grounds()).filter(g -> g.of() > 0).map(g -> g.clean() + " of the last " + g.of() + " clean.").orElse("");
        return new Beginning(baseline, proposed, start + 1, roadmap.steps().isEmpty() ? 0 : roadmap.steps().get(start).id(), now);
    }

    @GetMapping("/tracks/{id}/edit")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Track track = tracks.get(me.practice(), id).track();
        model.addAttribute("track", track);
        model.addAttribute("form", new TrackForm(track.version(), "", "", track.title(), track.goal(), track.plan(), track.kind().name(), track.topic().name()));
        return "book/track-form";
    }

    @PostMapping("/tracks/{id}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") TrackForm form, BindingResult result,
                Model model) {
        Roadmap roadmap = tracks.get(me.practice(), id);
        Track edited = form.read(new Check(result), me, roadmap.track());
        if (result.hasErrors()) {
            model.addAttribute("track", roadmap.track());
            return "book/track-form";
        }
        tracks.save(me.practice(), edited);
        judgements.judge(me.practice(), id, Instant.now(clock));
        return "redirect:/tracks/" + id;
    }
}
