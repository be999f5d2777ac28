package cahier.app.shelf;

import cahier.app.household.Households;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.Templates.Listed;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The shelf: every template, own ones among them; shown, made of a track, shared, sent out and taken in. */
@Controller
class ShelfController {

    /** Stands for a dog's name where there is no dog. */
    static final String A_DOG = "the dog";

    private final Templates templates;
    private final Methods methods;
    private final Tracks tracks;
    private final Households households;
    private final Clock clock;

    ShelfController(Templates templates, Methods methods, Tracks tracks, Households households, Clock clock) {
        this.households = households;
        this.templates = templates;
        this.methods = methods;
        this.tracks = tracks;
        this.clock = clock;
    }

    /** What a template is about, as it is typed. */
    record DetailsForm(int version, @Nullable String title, @Nullable String goal, @Nullable String plan, @Nullable String kind, @Nullable String topic, @Nullable String notes) {

        static DetailsForm of(OwnTemplate own) {
            Template t = own.template();
            return new DetailsForm(own.version(), t.title(), t.goal(), t.plan(), t.kind().name(), t.topic().name(), t.notes());
        }

        Template read(Check check, Template t) {
            return new Template(t.format(), t.id(), check.text("title", title, 80), check.optional("goal", goal, 400), check.optional("plan", plan, 400),
                    check.choice("kind", kind, TrackKind.class), check.choice("topic", topic, Topic.class), t.word(), t.say(), t.needs(), t.apart(), t.ages(), t.author(), check.optional("notes", notes, 2000), t.version(), t.steps());
        }
    }

    @GetMapping("/shelf")
    String all(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("sought") Sought sought, Model model) {
        model.addAttribute("shelf", templates.listed(me, methods.ofPractice(me.practice()), A_DOG, sought));
        model.addAttribute("none", Map.of());
        return "shelf/shelf";
    }

    @GetMapping("/shelf/{name}")
    String one(@AuthenticationPrincipal TrainerUser me, @PathVariable String name, Model model) {
        Listed listed = templates.listed(me, name, methods.ofPractice(me.practice()), A_DOG);
        model.addAttribute("listed", listed);
        model.addAttribute("older", tracks.older(me.practice(), name, TemplateFile.digest(listed.template())));
        return "shelf/template";
    }

    @GetMapping("/shelf/{name}.json")
    ResponseEntity<String> export(@AuthenticationPrincipal TrainerUser me, @PathVariable String name) {
        Listed listed = templates.listed(me, name, methods.ofPractice(me.practice()), A_DOG);
        Template template = listed.own().map(o -> listed.template().by(listed.template().author().isEmpty() ? o.madeBy() : listed.template().author(), o.version() + 1)).orElse(listed.template());
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(name + ".json").build().toString()).body(TemplateFile.write(template));
    }

    /** A track on its way to the shelf. */
    record NamesForm(@Nullable String title, @Nullable String notes) {
    }

    /** Asks what shall stand in the place of names, before a track becomes an own template. */
    @GetMapping("/tracks/{track}/template")
    String names(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, Model model, RedirectAttributes flash) {
        TrackSteps map = tracks.get(me.practice(), track);
        if (map.steps().isEmpty()) {
            flash.addFlashAttribute("refusal", NO_STEP);
            return "redirect:/tracks/" + track;
        }
        Template made = made(me, map);
        model.addAttribute("form", new NamesForm(made.title(), made.notes()));
        return names(map, names(me, map, made, new LinkedMultiValueMap<>()), model);
    }

    private static String names(TrackSteps map, List<Names.Name> names, Model model) {
        model.addAttribute("track", map.track());
        model.addAttribute("names", names);
        return "shelf/names";
    }

    /** The names in it, each with what was sent to stand in its place. */
    private List<Names.Name> names(TrainerUser me, TrackSteps map, Template made, MultiValueMap<String, String> sent) {
        List<String> named = sent.getOrDefault("named", List.of());
        List<String> others = sent.getOrDefault("other", List.of());
        return Names.in(made, map.track().dogName(), households.facts(me.practice(), map.track().householdId())).stream().map(n -> {
            int at = named.indexOf(n.name());
            return at < 0 || at >= others.size() || others.get(at).isBlank() ? n : n.to(others.get(at).strip());
        }).toList();
    }

    private Template made(TrainerUser me, TrackSteps map) {
        return Written.of(map, templates.taken(map.track()), School.read(map.track().school())).by(me.signature(), 0);
    }

    /** Keeps a track as an own template, without the names. */
    @PostMapping("/tracks/{track}/template")
    String ofTrack(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") NamesForm form, BindingResult result, @RequestParam MultiValueMap<String, String> sent,
                   Model model, RedirectAttributes flash) {
        TrackSteps map = tracks.get(me.practice(), track);
        if (map.steps().isEmpty()) {
            flash.addFlashAttribute("refusal", NO_STEP);
            return "redirect:/tracks/" + track;
        }
        Template made = made(me, map);
        List<Names.Name> names = names(me, map, made, sent);
        Check check = new Check(result);
        String title = form.title() == null ? made.title() : check.text("title", form.title(), 80);
        String notes = check.optional("notes", form.notes(), 2000);
        try {
            if (!result.hasErrors()) {
                return shelf(templates.add(me, Names.without(made.called(title, notes), names), Instant.now(clock)));
            }
        } catch (BadFile e) {
            result.rejectValue("title", "refused", String.join(". ", e.findings()));
        }
        return names(map, names, model);
    }

    /** An own copy to edit, of one that ships or that another trainer shares. */
    @PostMapping("/shelf/{name}/copy")
    String copy(@AuthenticationPrincipal TrainerUser me, @PathVariable String name) {
        Listed listed = templates.listed(me, name, methods.ofPractice(me.practice()), A_DOG);
        return shelf(templates.add(me, listed.template().by(listed.own().map(OwnTemplate::madeBy).orElse(me.signature()), 0), Instant.now(clock)));
    }

    @GetMapping("/shelf/own-{id}/edit")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        OwnTemplate own = templates.mine(me, id);
        model.addAttribute("own", own);
        model.addAttribute("form", DetailsForm.of(own));
        return "shelf/template-form";
    }

    @PostMapping("/shelf/own-{id}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") DetailsForm form, BindingResult result, Model model) {
        OwnTemplate own = templates.mine(me, id);
        Template edited = form.read(new Check(result), own.template());
        if (!result.hasErrors()) {
            try {
                templates.save(me, id, form.version(), edited);
                return shelf(id);
            } catch (BadFile e) {
                result.rejectValue("kind", "refused", String.join(". ", e.findings()));
            }
        }
        model.addAttribute("own", own);
        return "shelf/template-form";
    }

    @PostMapping("/shelf/own-{id}/share")
    String share(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam boolean shared) {
        templates.share(me, id, shared);
        return shelf(id);
    }

    @PostMapping("/shelf/own-{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, RedirectAttributes flash) {
        OwnTemplate own = templates.mine(me, id);
        flash.addFlashAttribute("removed", own.name());
        flash.addFlashAttribute("removedTitle", own.template().title());
        templates.remove(me, id, Instant.now(clock));
        return "redirect:/shelf";
    }

    @PostMapping("/shelf/own-{id}/restore")
    String restore(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        templates.restore(me, id);
        return shelf(id);
    }

    @GetMapping("/shelf/import")
    String blankImport(Model model) {
        model.addAttribute("text", "");
        return "shelf/import";
    }

    /** A file, or what was pasted; what does not fit comes back with its findings, to be mended in place. */
    @PostMapping("/shelf/import")
    String takeIn(@AuthenticationPrincipal TrainerUser me, @RequestParam(required = false) @Nullable MultipartFile file, @RequestParam(defaultValue = "") String text, Model model) {
        String content = Upload.text(file, text);
        try {
            return shelf(templates.add(me, TemplateFile.read(content), Instant.now(clock)));
        } catch (BadFile e) {
            model.addAttribute("findings", e.findings());
            model.addAttribute("text", content);
            return "shelf/import";
        }
    }

    private static final String NO_STEP = "A template must have a step; this track has none yet.";

    private static String shelf(long own) {
        return "redirect:/shelf/own-" + own;
    }
}
