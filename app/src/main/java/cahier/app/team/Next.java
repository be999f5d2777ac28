package cahier.app.team;

import cahier.app.language.Words;
import cahier.app.web.Check;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Who has a household from now on, as forms send it. */
final class Next {

    private Next() {
    }

    /** A trainer's number; none for everybody. Anything else is refused beside the field "to". */
    static Optional<Long> read(Check check, @Nullable String typed, List<Long> working) {
        Optional<Long> to = one(working, typed);
        if (to.isEmpty() && typed != null && !typed.isEmpty()) {
            check.refuse("to", Words.say("team.Next.must-be-everybody-or-a"));
        }
        return to;
    }

    /** Whose it was when the page was opened; none for everybody's, and 0, whom nobody has, for what is no number. */
    static @Nullable Long number(@Nullable String typed) {
        return typed == null || typed.isEmpty() ? null : Long.valueOf(typed.matches("\\d{1,18}") ? typed : "0");
    }

    static Optional<Long> one(List<Long> of, @Nullable String typed) {
        return of.stream().filter(id -> id.toString().equals(typed)).findFirst();
    }
}
