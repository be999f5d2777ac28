package cahier.app.book;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.PracticeSettings;
import cahier.app.first.FirstHours;
import cahier.app.household.FactForms.DogForm;
import cahier.app.household.FactForms.LessonForm;
import cahier.app.household.FactForms.PersonForm;
import cahier.app.household.FactForms.PlaceForm;
import cahier.app.household.FactForms.WordForm;
import cahier.app.household.FactKind;
import cahier.app.household.Facts;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.team.HandOvers;
import java.time.Clock;
import java.time.Instant;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Draws the book, with a loose leaf of facts over it when one is asked for. */
@Component
class BookPage {

    static final String VIEW = "book/book";

    private final Books books;
    private final AccountService accounts;
    private final FirstHours first;
    private final HandOvers handOvers;
    private final AskedTogether together;
    private final Clock clock;

    BookPage(Books books, AccountService accounts, FirstHours first, HandOvers handOvers, AskedTogether together, Clock clock) {
        this.handOvers = handOvers;
        this.together = together;
        this.first = first;
        this.accounts = accounts;
        this.books = books;
        this.clock = clock;
    }

    /** The book alone. */
    String show(PracticeId practice, long household, Model model) {
        open(practice, household, model);
        return VIEW;
    }

    private Book open(PracticeId practice, long household, Model model) {
        Book book = books.open(practice, household, Instant.now(clock));
        model.addAttribute("book", book);
        model.addAttribute("kept", handOvers.kept(practice, household, Instant.now(clock)));
        if (book.sheet().isEmpty()) {
            together.ask(() -> first.of(practice, household));
            first.of(practice, household).ifPresent(f -> model.addAttribute("first", f));
        }
        return book;
    }

    /** The book with a leaf; its form is the model's "form" if there is one (after a refusal), else that of the fact to edit, else empty. */
    String show(PracticeId practice, long household, FactKind kind, @Nullable Long edit, Model model) {
        Book book = open(practice, household, model);
        model.addAttribute("leaf", kind);
        if (kind == FactKind.LESSONS) {
            model.addAttribute("team", accounts.working(practice));
        }
        if (!model.containsAttribute("form")) {
            model.addAttribute("form", form(kind, book.facts(), edit == null ? 0 : edit, () -> accounts.settings(practice)));
        }
        return VIEW;
    }

    private static Object form(FactKind kind, Facts facts, long id, Supplier<PracticeSettings> usual) {
        return switch (kind) {
            case PEOPLE -> facts.people().stream().filter(f -> f.id() == id).findFirst().map(PersonForm::of).orElse(PersonForm.EMPTY);
            case DOGS -> facts.dogs().stream().filter(f -> f.id() == id).findFirst().map(DogForm::of).orElse(DogForm.EMPTY);
            case PLACES -> facts.places().stream().filter(f -> f.id() == id).findFirst().map(PlaceForm::of).orElse(PlaceForm.EMPTY);
            case WORDS -> facts.words().stream().filter(f -> f.id() == id).findFirst().map(WordForm::of).orElse(WordForm.EMPTY);
            case LESSONS -> facts.lessons().stream().filter(f -> f.id() == id).findFirst()
                    .map(l -> LessonForm.of(l, facts.household().zone())).orElseGet(() -> LessonForm.usual(usual.get(), facts.lessons().stream().findFirst(), facts.household().zone()));
        };
    }
}
