package cahier.app.owner;

import cahier.app.account.AccountService;
import cahier.app.ask.Questions;
import cahier.app.coach.CoachTables;
import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.household.Facts;
import cahier.app.incident.Incidents;
import cahier.app.language.Words;
import cahier.app.paper.PaperPdf;
import cahier.app.paper.PdfFile;
import cahier.app.progress.Progress;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.web.Site;
import cahier.app.week.Weeks;
import cahier.core.exposure.Trigger;
import cahier.core.measure.Measure;
import cahier.core.rest.Work;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The owner's pages. */
@Controller
class OwnerController {

    private static final List<Integer> MINUTES = List.of(2, 5, 10, 20);
    private static final String PAPER = "#FCF9F1";
    private static final String COVER = "#2A3263";

    private final OwnerPractice practice;
    private final Progress progress;
    private final Questions questions;
    private final Incidents incidents;
    private final PaperPdf pdf;
    private final Exposures exposures;
    private final Weeks weeks;
    private final Marks marks;
    private final AccountService accounts;
    private final Clock clock;
    private final Site site;

    OwnerController(OwnerPractice practice, Progress progress, Questions questions, Incidents incidents, PaperPdf pdf, Exposures exposures, Weeks weeks, Marks marks, AccountService accounts, Clock clock, Site site) {
        this.site = site;
        this.marks = marks;
        this.accounts = accounts;
        this.practice = practice;
        this.progress = progress;
        this.questions = questions;
        this.incidents = incidents;
        this.pdf = pdf;
        this.exposures = exposures;
        this.weeks = weeks;
        this.clock = clock;
    }

    @GetMapping("/o/{token}")
    String today(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam(defaultValue = "0") int minutes, Model model) {
        Today today = practice.today(owner, Instant.now(clock));
        model.addAttribute("token", token);
        model.addAttribute("today", today);
        model.addAttribute("trainers", accounts.toRing(owner.practice(), owner.householdId(), Instant.now(clock)));
        model.addAttribute("mailed", practice.isMailed(owner));
        model.addAttribute("lengths", MINUTES);
        model.addAttribute("minutes", minutes);
        model.addAttribute("turns", MINUTES.contains(minutes) ? practice.turns(owner, today, minutes) : List.of());
        model.addAttribute("week", weeks.of(owner.practice(), owner.householdId(), Instant.now(clock)).orElse(null));
        return "owner/today";
    }

    /** Lets a phone put the household's page on its home screen. */
    @GetMapping(value = "/o/{token}/manifest.webmanifest", produces = "application/manifest+json")
    @ResponseBody
    Map<String, Object> manifest(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner) {
        return Map.of("name", "Cahier, " + practice.facts(owner).household().name(), "short_name", "Cahier", "start_url", "/o/" + token, "scope", "/o/" + token,
                "display", "standalone", "background_color", PAPER, "theme_color", COVER,
                "icons", List.of(Map.of("src", "/favicon.svg", "sizes", "any", "type", "image/svg+xml")));
    }

    /** The sheet that is out, to print. */
    @GetMapping("/o/{token}/sheet.pdf")
    ResponseEntity<byte[]> sheet(@RequestAttribute(OwnerFilter.OWNER) Owner owner) {
        return PdfFile.of(pdf.of(owner.practice(), practice.sheet(owner).id(), site.address()));
    }

    /** What the dog met, and at what distance. */
    @GetMapping("/o/{token}/met")
    String met(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Beside beside = marks.beside(owner, Work.EXPOSURE, Stream.of(Trigger.values()).map(Trigger::topic).collect(Collectors.toCollection(LinkedHashSet::new)), Instant.now(clock));
        if (beside.isNothing()) {
            return rests(token, Words.say("owner.OwnerController.what-came"), beside, owner, model);
        }
        model.addAttribute("token", token);
        model.addAttribute("rests", beside.rests());
        model.addAttribute("triggers", marks.triggers(owner, beside, Instant.now(clock)));
        Facts facts = practice.facts(owner);
        model.addAttribute("facts", beside.of(facts));
        model.addAttribute("paces", facts.people().stream().filter(p -> p.paceCm() != null).map(p -> p.id() + ":" + Far.PACES.metres(1, Objects.requireNonNull(p.paceCm()))).collect(Collectors.joining(" ")));
        model.addAttribute("readings", exposures.of(owner.practice(), owner.householdId(), Instant.now(clock)));
        model.addAttribute("easier", practice.beginsEasier(owner, Measure.Kind.DISTANCE, Instant.now(clock)));
        model.addAttribute("landmarks", exposures.landmarks(owner.practice(), owner.householdId()));
        return "owner/met";
    }

    private String rests(String token, String title, Beside beside, Owner owner, Model model) {
        return RestPage.show(token, title, beside, practice.today(owner, Instant.now(clock)), model);
    }

    /** How far they have come. */
    @GetMapping("/o/{token}/progress")
    String progress(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("facts", practice.facts(owner));
        model.addAttribute("tracks", progress.of(owner.practice(), owner.householdId(), Instant.now(clock)));
        model.addAttribute("lead", practice.lead(owner, Instant.now(clock)));
        return "owner/progress";
    }

    /** The words agreed, by dog. */
    @GetMapping("/o/{token}/words")
    String words(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("facts", practice.facts(owner));
        return "owner/words";
    }

    /** What was tapped in the last days, to be put right. */
    @GetMapping("/o/{token}/earlier")
    String earlier(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("facts", practice.facts(owner));
        model.addAttribute("sittings", practice.earlier(owner, Instant.now(clock)));
        return "owner/earlier";
    }

    /** The part of a page that tells what is left; the phone asks for it when a sitting ends. */
    @GetMapping("/o/{token}/practice/{step}/left")
    String left(@PathVariable String token, @PathVariable long step, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("left", practice.left(owner, step, Instant.now(clock)));
        return "owner/left";
    }

    /** Asks the trainer between lessons; earlier questions with their answers. */
    @GetMapping("/o/{token}/ask")
    String ask(@PathVariable String token, @RequestParam(defaultValue = "1") int page, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("trainers", accounts.toRing(owner.practice(), owner.householdId(), Instant.now(clock)));
        model.addAttribute("facts", practice.facts(owner));
        model.addAttribute("questions", questions.page(owner.practice(), owner.householdId(), page));
        return "owner/ask";
    }

    /** Something happened for real: a visitor rang, a runner came past. */
    @GetMapping("/o/{token}/happened")
    String happened(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("facts", practice.facts(owner));
        model.addAttribute("incidents", incidents.lately(owner.practice(), owner.householdId(), Instant.now(clock)));
        return "owner/happened";
    }

    /** Stop and call: always there, also when nothing is practised. */
    @GetMapping("/o/{token}/alarm")
    String alarm(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("trainers", accounts.toRing(owner.practice(), owner.householdId(), Instant.now(clock)));
        model.addAttribute("facts", practice.facts(owner));
        return "owner/alarm";
    }

    @GetMapping("/o/{token}/practice/{step}")
    String practise(@PathVariable String token, @PathVariable long step, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        Today today = practice.today(owner, Instant.now(clock));
        Optional<Today.Task> asked = OwnerPractice.task(today, step);
        if (asked.isEmpty()) {
            model.addAttribute("resting", practice.resting(owner, today, step, Instant.now(clock)));
            return "owner/rests";
        }
        Today.Task task = asked.get();
        if (task.plan().teaching().measure() != null) {
            return "redirect:/o/" + token + task.page();
        }
        model.addAttribute("others", today.others(task));
        model.addAttribute("task", task);
        model.addAttribute("coach", CoachTables.of(task.assignment().kind()));
        model.addAttribute("goesOn", practice.goesOn(owner, task));
        practice.probe(owner, task).ifPresent(p -> model.addAttribute("probe", p));
        model.addAttribute("pay", PayScore.of(task, Instant.now(clock)));
        Facts facts = practice.facts(owner);
        model.addAttribute("facts", facts);
        model.addAttribute("handlers", task.assignment().forGrownUps() ? facts.grownUps() : facts.handlers());
        return "owner/practice";
    }
}
