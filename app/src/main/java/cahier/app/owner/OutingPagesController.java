package cahier.app.owner;

import cahier.app.alone.Departures;
import cahier.app.handling.Handling;
import cahier.app.household.Facts;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.outing.Outings;
import cahier.app.outing.WatchTap;
import cahier.app.passing.Passing;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.wording.Wordings;
import cahier.core.exposure.LongWatching;
import cahier.core.exposure.Provisions;
import cahier.core.exposure.Traffic;
import cahier.core.food.FoodBudget;
import cahier.core.gate.Topic;
import cahier.core.measure.Measure;
import cahier.core.method.Question;
import cahier.core.rest.Work;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestAttribute;

/** Where owners count along on long sittings, and write down walks, departures and touches. */
@Controller
class OutingPagesController {

    private static final List<Integer> LENGTHS_MIN = List.of(30, 60, 90, 120, 180);

    private final OwnerPractice practice;
    private final Outings outings;
    private final Departures departures;
    private final Methods methods;
    private final Handling handling;
    private final Wordings wordings;
    private final Marks marks;
    private final Passing passing;
    private final Clock clock;

    OutingPagesController(OwnerPractice practice, Outings outings, Departures departures, Methods methods, Handling handling, Wordings wordings, Marks marks, Passing passing, Clock clock) {
        this.passing = passing;
        this.marks = marks;
        this.practice = practice;
        this.outings = outings;
        this.departures = departures;
        this.methods = methods;
        this.handling = handling;
        this.wordings = wordings;
        this.clock = clock;
    }

    /** One place, and the world passes. */
    @GetMapping("/o/{token}/watch")
    String watch(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Beside beside = beside(owner, Work.WATCHING, Topic.PEOPLE);
        if (beside.isNothing()) {
            return rests(token, Words.say("owner.OutingPagesController.watch-the-world"), beside, owner, model);
        }
        model.addAttribute("rests", beside.rests());
        Facts facts = beside.of(practice.facts(owner));
        Map<Integer, Provisions> take = new LinkedHashMap<>();
        LENGTHS_MIN.forEach(m -> take.put(m, Provisions.usual(m, FoodBudget.Treats.USUAL_PER_BISCUIT)));
        model.addAttribute("token", token);
        model.addAttribute("facts", facts);
        model.addAttribute("take", take);
        model.addAttribute("asked", asked(owner, Measure.Kind.SITTING));
        model.addAttribute("kinds", WatchTap.KINDS);
        model.addAttribute("blockMin", LongWatching.BLOCK_MIN);
        model.addAttribute("enoughMin", LongWatching.ENOUGH_MIN);
        model.addAttribute("leastMin", Traffic.LEAST_MIN);
        model.addAttribute("mostMin", Traffic.MOST_MIN);
        model.addAttribute("expected", outings.isLongWatching(owner.practice(), owner.householdId()));
        model.addAttribute("strangers", wordings.strangers(owner.practice(), facts));
        return "owner/watch";
    }

    /** The next departures, timed. */
    @GetMapping("/o/{token}/alone")
    String alone(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Beside beside = beside(owner, Work.DEPARTURE, Topic.ALONE);
        if (beside.isNothing()) {
            return rests(token, "Departures", beside, owner, model);
        }
        model.addAttribute("token", token);
        model.addAttribute("rests", beside.rests());
        Set<Long> easier = practice.beginsEasier(owner, Measure.Kind.ALONE, Instant.now(clock));
        model.addAttribute("tracks", departures.of(owner.practice(), owner.householdId()).stream().filter(t -> beside.has(t.dog().id())).map(t -> easier.contains(t.dog().id()) ? t.easier() : t).toList());
        model.addAttribute("school", methods.ofHousehold(owner.practice(), owner.householdId()).of(Question.RETURN).name());
        return "owner/alone";
    }

    /** Where the hand goes next. */
    @GetMapping("/o/{token}/touch")
    String touch(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Instant now = Instant.now(clock);
        Beside beside = beside(owner, Work.TOUCH, Topic.HANDLING);
        if (beside.isNothing()) {
            return rests(token, "Touch", beside, owner, model);
        }
        model.addAttribute("token", token);
        model.addAttribute("rests", beside.rests());
        model.addAttribute("asked", asked(owner, Measure.Kind.ZONE));
        model.addAttribute("maps", beside.dogs().stream().map(d -> handling.of(owner.practice(), owner.householdId(), d.id(), handling.target(owner.practice(), owner.householdId(), d.id()), now)).toList());
        return "owner/touch";
    }

    /** From the door and home again, a few paces further each time. */
    @GetMapping("/o/{token}/out")
    String out(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Beside beside = beside(owner, Work.WALK, Topic.PEOPLE);
        if (beside.isNothing()) {
            return rests(token, Words.say("owner.OutingPagesController.out-and-back"), beside, owner, model);
        }
        model.addAttribute("token", token);
        model.addAttribute("rests", beside.rests());
        model.addAttribute("facts", beside.of(practice.facts(owner)));
        model.addAttribute("asked", asked(owner, Measure.Kind.WALK));
        model.addAttribute("walks", outings.walks(owner.practice(), owner.householdId()).stream().filter(w -> beside.has(w.dog().id())).toList());
        return "owner/out";
    }

    /** The walk that goes place by place, in and out again. */
    @GetMapping("/o/{token}/way")
    String way(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Beside beside = beside(owner, Work.WALK, Topic.PEOPLE);
        List<Today.Task> ways = practice.today(owner, Instant.now(clock)).tasks().stream().filter(t -> t.isPractised() && !t.places().isEmpty()).toList();
        if (ways.isEmpty() && beside.isNothing()) {
            return rests(token, Words.say("owner.OutingPagesController.place-by-place"), beside, owner, model);
        }
        model.addAttribute("token", token);
        model.addAttribute("rests", beside.rests());
        model.addAttribute("ways", ways);
        return "owner/way";
    }

    /** Ten minutes without the dog: who passes where it will sit. */
    @GetMapping("/o/{token}/count")
    String count(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Facts facts = practice.facts(owner);
        model.addAttribute("token", token);
        model.addAttribute("facts", facts);
        model.addAttribute("said", passing.proposals(owner.practice(), facts, Instant.now(clock)));
        return "owner/count";
    }

    /** What the sheet asks of it today, as it stands now: also how it begins after a pause. */
    private List<String> asked(Owner owner, Measure.Kind kind) {
        return practice.today(owner, Instant.now(clock)).tasks().stream().filter(t -> t.isPractised() && t.plan().teaching().measure() != null && t.plan().teaching().measure().kind() == kind)
                .map(t -> t.item().dogName() + ": " + t.plan().title() + ".").toList();
    }

    private Beside beside(Owner owner, Work work, Topic topic) {
        return marks.beside(owner, work, Set.of(topic), Instant.now(clock));
    }

    private String rests(String token, String title, Beside beside, Owner owner, Model model) {
        return RestPage.show(token, title, beside, practice.today(owner, Instant.now(clock)), model);
    }
}
