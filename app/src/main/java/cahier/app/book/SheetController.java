package cahier.app.book;

import cahier.app.account.AccountService;
import cahier.app.bench.Setups;
import cahier.app.first.Readiness;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.language.Words;
import cahier.app.outbox.Outbox;
import cahier.app.outbox.Sending;
import cahier.app.rest.Moment;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Draft;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.sheet.SheetItem;
import cahier.app.track.MovesOn;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Paged;
import cahier.app.web.Site;
import cahier.app.week.Weeks;
import cahier.app.wording.Wordings;
import cahier.core.decide.TrackKind;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Issues homework, shows what was issued, and looks after the owner's link. */
@Controller
class SheetController {

    private final Sending sending;
    private final Homeworks homeworks;
    private final Tracks tracks;
    private final OwnerLinks links;
    private final Households households;
    private final FoodLines food;
    private final Setups setups;
    private final Wordings wordings;
    private final Weeks weeks;
    private final Outbox outbox;
    private final AccountService accounts;
    private final AskedTogether together;
    private final Readiness readiness;
    private final Clock clock;
    private final Site site;

    SheetController(Sending sending, Homeworks homeworks, Tracks tracks, OwnerLinks links, Households households, FoodLines food, Setups setups, Wordings wordings, Weeks weeks, Outbox outbox, AccountService accounts,
                    AskedTogether together, Readiness readiness, Clock clock, Site site) {
        this.readiness = readiness;
        this.tracks = tracks;
        this.site = site;
        this.outbox = outbox;
        this.accounts = accounts;
        this.food = food;
        this.setups = setups;
        this.wordings = wordings;
        this.weeks = weeks;
        this.sending = sending;
        this.homeworks = homeworks;
        this.links = links;
        this.households = households;
        this.together = together;
        this.clock = clock;
    }

    /** What would go out, to whom, and what is otherwise than on the sheet that is out. */
    @GetMapping("/households/{household}/homework")
    String preview(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") Set<Long> track, Model model) {
        Facts facts = households.facts(me.practice(), household);
        Instant now = now();
        together.ask(() -> sending.draft(me.practice(), household, chosen(track), now), () -> homeworks.latest(me.practice(), household), () -> readiness.askFor(me.practice(), household));
        Draft draft = sending.draft(me.practice(), household, chosen(track), now);
        model.addAttribute("facts", facts);
        model.addAttribute("draft", draft);
        model.addAttribute("chosen", track);
        model.addAttribute("skills", homeworks.latest(me.practice(), household).isPresent() ? List.of() : skills(me, household, draft.items()).stream().map(Track::title).toList());
        model.addAttribute("out", homeworks.latest(me.practice(), household).orElse(null));
        model.addAttribute("mailed", homeworks.latest(me.practice(), household).filter(h -> outbox.isMailed(me.practice(), h.id())).isPresent());
        model.addAttribute("readers", Outbox.readers(facts));
        model.addAttribute("ready", readiness.of(me.practice(), household, draft.items()));
        model.addAttribute("food", food.of(me.practice(), facts, draft.items().stream().collect(Collectors.toMap(SheetItem::dogName, i -> i.plan().piecesADay(), Integer::sum)),
                now().atZone(facts.household().zone()).toLocalDate()));
        return "sheet/issue";
    }

    /** Those of the first sheet's tracks whose owner may be let move on: skills that nobody lets already. */
    private List<Track> skills(TrainerUser me, long household, List<SheetItem> items) {
        Set<Long> on = items.stream().map(SheetItem::trackId).collect(Collectors.toSet());
        return tracks.ofHousehold(me.practice(), household).stream().map(TrackSteps::track).filter(t -> on.contains(t.id()) && t.kind() == TrackKind.SKILL && t.movesOn() == MovesOn.TRAINER).toList();
    }

    /**
     * Sends it.
     *
     * @param seen stands for what the preview showed
     * @param moves "OWNER" where the owner may move on in the skills of the first sheet
     */
    @PostMapping("/households/{household}/homework")
    String issue(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") Set<Long> track, @RequestParam(defaultValue = "") String seen,
                 @RequestParam(defaultValue = "true") boolean mail, @RequestParam(defaultValue = "") String moves, RedirectAttributes flash) {
        boolean lets = moves.equals(MovesOn.OWNER.name()) && homeworks.latest(me.practice(), household).isEmpty();
        try {
            Optional<Homework> issued = sending.issue(me, household, new Sending.Wish(chosen(track), seen, mail), site.address(), now());
            if (issued.isEmpty()) {
                flash.addFlashAttribute("refusal", Words.say("book.SheetController.there-is-no-step-to"));
                return "redirect:/households/" + household;
            }
            if (lets) {
                tracks.letMoveOn(me.practice(), skills(me, household, issued.get().items()), now());
            }
            flash.addFlashAttribute("justIssued", mail ? "mail" : "page");
            return "redirect:/sheets/" + issued.get().id();
        } catch (Sending.Changed e) {
            flash.addFlashAttribute("refusal", Words.say("book.SheetController.something-has-changed-since-you"));
            return "redirect:/households/" + household + "/homework" + track.stream().map(t -> "track=" + t).collect(Collectors.joining("&", track.isEmpty() ? "" : "?", ""));
        }
    }

    private static Optional<Set<Long>> chosen(Set<Long> tracks) {
        return tracks.isEmpty() ? Optional.empty() : Optional.of(tracks);
    }

    /** The sheet that is out goes by mail, once. */
    @PostMapping("/sheets/{id}/mail")
    String mail(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, RedirectAttributes flash) {
        sending.mail(me, homeworks.get(me.practice(), id), site.address(), now());
        flash.addFlashAttribute("justIssued", "mail");
        return "redirect:/sheets/" + id;
    }

    @PostMapping("/sheets/{id}/take-back")
    String takeBack(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, RedirectAttributes flash) {
        Homework sheet = homeworks.get(me.practice(), id);
        if (!sending.takeBack(me, id, now())) {
            flash.addFlashAttribute("refusal", Words.say("book.SheetController.a-newer-sheet-has-replaced"));
            return "redirect:/sheets/" + id;
        }
        flash.addFlashAttribute("refusal", Words.say("book.SheetController.homework-was-taken-back-what", sheet.number()));
        return "redirect:/households/" + sheet.householdId();
    }

    @GetMapping("/sheets/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Homework sheet = homeworks.get(me.practice(), id);
        Household household = households.get(me.practice(), sheet.householdId());
        model.addAttribute("sheet", sheet);
        model.addAttribute("household", household);
        Facts facts = households.facts(me.practice(), sheet.householdId());
        model.addAttribute("facts", facts);
        model.addAttribute("food", food.of(me.practice(), facts, sheet.pieces(), sheet.issuedAt().atZone(household.zone()).toLocalDate()));
        model.addAttribute("link", links.token(me.practice(), sheet.householdId()).map(token -> site.address() + "/o/" + token).orElse(null));
        model.addAttribute("setups", setups.at(me.practice(), sheet.householdId(), sheet.issuedAt()));
        model.addAttribute("strangers", wordings.strangers(me.practice(), facts));
        model.addAttribute("readers", Outbox.readers(facts).stream().map(Person::name).toList());
        model.addAttribute("linkMadeAt", links.madeAt(me.practice(), sheet.householdId()));
        model.addAttribute("week", weeks.of(me.practice(), sheet.householdId(), now()).orElse(null));
        boolean newest = homeworks.latest(me.practice(), sheet.householdId()).filter(h -> h.id() == id).isPresent();
        model.addAttribute("newest", newest);
        model.addAttribute("mailed", outbox.isMailed(me.practice(), id));
        model.addAttribute("now", newest ? homeworks.assignments(me.practice(), sheet, Moment.DAYS, now()).stream().filter(a -> !a.why().isEmpty()).collect(Collectors.toMap(a -> a.item().trackId(), Function.identity())) : Map.of());
        model.addAttribute("trainers", accounts.toRing(me.practice(), sheet.householdId(), now()));
        return "sheet/sheet";
    }

    @GetMapping("/sheets")
    String list(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "1") int page, Model model) {
        Paged<Homework> sheets = homeworks.page(me.practice(), page);
        model.addAttribute("sheets", sheets);
        model.addAttribute("households", households.these(me.practice(), sheets.rows().stream().map(Homework::householdId).toList()));
        model.addAttribute("opened", households.lastOpened(me, now()));
        return "sheet/sheets";
    }

    @PostMapping("/households/{household}/link")
    String newLink(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        households.get(me.practice(), household);
        links.replace(me.practice(), household, now());
        return "redirect:" + latestSheet(me, household);
    }

    @PostMapping("/households/{household}/link/revoke")
    String revoke(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        households.get(me.practice(), household);
        links.revoke(me.practice(), household, now());
        return "redirect:" + latestSheet(me, household);
    }

    private String latestSheet(TrainerUser me, long household) {
        return homeworks.latest(me.practice(), household).map(h -> "/sheets/" + h.id()).orElse("/households/" + household);
    }

    private Instant now() {
        return Instant.now(clock);
    }
}
