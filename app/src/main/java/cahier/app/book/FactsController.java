package cahier.app.book;

import cahier.app.account.AccountService;
import cahier.app.household.Dog;
import cahier.app.household.FactForms.DogForm;
import cahier.app.household.FactForms.LessonForm;
import cahier.app.household.FactForms.PersonForm;
import cahier.app.household.FactForms.PlaceForm;
import cahier.app.household.FactForms.WordForm;
import cahier.app.household.FactKind;
import cahier.app.household.HomeKind;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.lesson.Clashes;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** People, dogs, places, words and lessons: added, edited and removed on a loose leaf over the book. */
@Controller
@RequestMapping("/households/{household}")
class FactsController {

    private final Households households;
    private final BookPage page;
    private final AccountService accounts;
    private final Clashes clashes;
    private final Clock clock;

    FactsController(Households households, BookPage page, AccountService accounts, Clashes clashes, Clock clock) {
        this.clashes = clashes;
        this.accounts = accounts;
        this.households = households;
        this.page = page;
        this.clock = clock;
    }

    @PostMapping("/people")
    String person(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") PersonForm form,
                  BindingResult result, Model model) {
        return save(FactKind.PEOPLE, me, household, result, model, "name", c -> form.read(c, households.facts(me.practice(), household).people(), accounts.settings(me.practice()).country()), p -> households.put(me.practice(), household, p));
    }

    @PostMapping("/dogs")
    String dog(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") DogForm form,
               BindingResult result, Model model) {
        LocalDate today = LocalDate.now(clock.withZone(zone(me, household)));
        Integer before = households.dogs(me.practice(), household).stream().filter(d -> d.id() == form.id()).map(Dog::weightG)
                .filter(Objects::nonNull).findFirst().orElse(null);
        model.addAttribute("asked", form.weight());
        return save(FactKind.DOGS, me, household, result, model, "name", c -> form.read(c, today, before),
                d -> households.put(me.practice(), household, d));
    }

    @PostMapping("/places")
    String place(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") PlaceForm form,
                 BindingResult result, Model model) {
        return save(FactKind.PLACES, me, household, result, model, "name", form::read, p -> households.put(me.practice(), household, p));
    }

    @PostMapping("/words")
    String word(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") WordForm form,
                BindingResult result, Model model) {
        return save(FactKind.WORDS, me, household, result, model, "word", c -> form.read(c, households.dogs(me.practice(), household)),
                w -> households.put(me.practice(), household, w));
    }

    @PostMapping("/lessons")
    String lesson(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") LessonForm form,
                  BindingResult result, Model model) {
        ZoneId zone = zone(me, household);
        return save(FactKind.LESSONS, me, household, result, model, "startsAt", c -> {
            Lesson lesson = form.read(c, household, zone, accounts.working(me.practice()));
            String clash = result.hasErrors() || form.isSure() ? "" : Clashes.said(clashes.ofPlanned(me.practice(), lesson), zone);
            if (!clash.isEmpty()) {
                c.refuse("startsAt", clash + ". Save again to plan it all the same");
                model.addAttribute("sure", form.startsAt());
            }
            return lesson;
        }, l -> households.put(me.practice(), l));
    }

    @PostMapping("/{kind:people|dogs|places|words|lessons}/{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable String kind, @PathVariable long id,
                  RedirectAttributes flash) {
        FactKind fact = FactKind.valueOf(kind.toUpperCase(Locale.ROOT));
        try {
            flash.addFlashAttribute("removed", households.remove(fact, me.practice(), household, id));
        } catch (DataIntegrityViolationException e) {
            flash.addFlashAttribute("refusal", Words.say("book.FactsController.this-stays-something-belongs-to", fact.getTable()));
        }
        return back(household, fact);
    }

    @PostMapping("/{kind:people|dogs|places|words|lessons}/put-back/{removed}")
    String putBack(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable String kind, @PathVariable long removed, RedirectAttributes flash) {
        FactKind fact = FactKind.valueOf(kind.toUpperCase(Locale.ROOT));
        try {
            households.putBack(fact, me.practice(), household, removed);
        } catch (DuplicateKeyException e) {
            flash.addFlashAttribute("refusal", Words.say("book.FactsController.it-was-not-put-back", fact.getTable()));
        }
        return back(household, fact);
    }

    /** Fills an empty list of places from the kind of home; a list that has been begun is left alone. */
    @PostMapping("/places/start")
    String start(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam HomeKind kind) {
        households.startPlaces(me.practice(), household, kind);
        return back(household, FactKind.PLACES);
    }

    private ZoneId zone(TrainerUser me, long household) {
        return households.get(me.practice(), household).zone();
    }

    /** @param unique the field that must be unlike the others' of the household */
    private <F> String save(FactKind kind, TrainerUser me, long household, BindingResult result, Model model, String unique,
                            Function<Check, F> read, Consumer<F> put) {
        Check check = new Check(result);
        F fact = read.apply(check);
        if (!result.hasErrors()) {
            try {
                put.accept(fact);
                return back(household, kind);
            } catch (DuplicateKeyException e) {
                check.refuse(unique, Words.say("book.FactsController.must-be-unlike-the-others", result.getFieldValue(unique)));
            }
        }
        return page.show(me.practice(), household, kind, null, model);
    }

    private static String back(long household, FactKind kind) {
        return "redirect:/households/" + household + "?facts=" + kind.path();
    }
}
