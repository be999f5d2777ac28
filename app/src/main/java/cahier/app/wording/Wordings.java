package cahier.app.wording;

import cahier.app.account.AccountService;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The practice's texts: the trainer's own wording, or the usual one. */
@Service
@Transactional
public class Wordings {

    private final WordingMapper wordings;

    private final AccountService accounts;

    Wordings(WordingMapper wordings, AccountService accounts) {
        this.accounts = accounts;
        this.wordings = wordings;
    }

    /** What the practice calls itself. */
    public String practice(PracticeId practice) {
        return accounts.name(practice);
    }

    /** The trainer's wording, or the usual one. */
    public Wording of(PracticeId practice, TextKind kind) {
        return wordings.find(practice, kind).orElseGet(kind::usual);
    }

    public void keep(PracticeId practice, TextKind kind, Wording wording) {
        wordings.keep(practice, kind, wording);
    }

    /** The usual wording stands again. */
    public void forget(PracticeId practice, TextKind kind) {
        wordings.drop(practice, kind);
    }

    /** What this household says to strangers. */
    public String strangers(PracticeId practice, Facts facts) {
        return of(practice, TextKind.STRANGERS).with(Map.of("dogs", dogs(facts), "are", Words.say("mail.STRANGERS.are", facts.dogs().size()))).body();
    }

    /** "Sorrel and Juniper"; without a dog, the household's name. */
    public static String dogs(Facts facts) {
        List<String> names = facts.dogs().stream().map(Dog::name).toList();
        return names.isEmpty() ? facts.household().name() : Words.list(names);
    }
}
