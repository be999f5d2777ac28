package cahier.app.team;

import cahier.app.account.AccountService.Trainer;
import cahier.app.language.Words;
import cahier.app.scope.TrainerRole;
import cahier.app.web.Phones;
import java.time.Instant;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Somebody who belongs to a practice, is invited to it or did belong.
 *
 * @param signs how what they do is signed
 * @param joinedAt since the first password was chosen; none while only invited
 * @param leftAt since when no more; none while they belong to it
 * @param households that are theirs and worked with
 */
public record Member(long id, String name, String signs, String email, String phone, TrainerRole role, @Nullable Instant joinedAt, @Nullable Instant leftAt, int households) {

    public boolean isInvited() {
        return joinedAt == null && leftAt == null;
    }

    public boolean isHere() {
        return joinedAt != null && leftAt == null;
    }

    public boolean isGone() {
        return leftAt != null;
    }

    /** Whether they do more than look. */
    public boolean isWorking() {
        return isHere() && role != TrainerRole.READS;
    }

    /** "+44 20 7946 0123", empty when there is none. */
    public String phoneShown() {
        return Phones.shown(phone);
    }

    /** "Reads only.", "Trainer. 3 households." */
    public String says() {
        String words = role.words();
        return words.substring(0, 1).toUpperCase(Locale.UK) + words.substring(1) + "." + (households == 0 ? "" : households == 1 ? Words.say("team.Member.one-household") : Words.say("team.Member.households", households));
    }

    Trainer asTrainer() {
        return new Trainer(id, name, signs, email, phone, role, true, null);
    }
}
