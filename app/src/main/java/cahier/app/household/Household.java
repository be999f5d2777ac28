package cahier.app.household;

import cahier.app.language.Language;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Phones;
import java.time.Instant;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/**
 * Who lives together with the dogs.
 *
 * @param home in words, say "third-floor flat"
 * @param zoneId decides calendar days, see {@link #zone}
 * @param cautions shown on every page about the household
 * @param emergency whom they call in need, say the vet and its hours; may be empty
 * @param emergencyPhone its number as it is kept; empty when there is none
 * @param trainerId whose household it is; none where all trainers of the practice share it
 * @param ownLanguage what its pages, sheet and mail are in, by its tag; none where that is the practice's
 * @param language the same, whoever said it
 * @param closedAt since when nothing is asked of it any more; none while it is worked with
 */
public record Household(long id, PracticeId practiceId, String name, String home, String zoneId, String cautions, String emergency, String emergencyPhone, @Nullable Instant closedAt,
                        @Nullable Long trainerId, @Nullable String ownLanguage, String language, int version) {

    /** A household that is not kept yet. */
    public static Household fresh(PracticeId practice, String name, String home, String zone, String cautions) {
        return new Household(0, practice, name, home, zone, cautions, "", "", null, null, null, Language.BRITISH.tag(), 0);
    }

    /** The same with whom to call in need. */
    public Household calling(String whom, String phone) {
        return new Household(id, practiceId, name, home, zoneId, cautions, whom, phone, closedAt, trainerId, ownLanguage, language, version);
    }

    /** The same as a trainer's own. */
    public Household of(TrainerUser trainer) {
        return new Household(id, practiceId, name, home, zoneId, cautions, emergency, emergencyPhone, closedAt, trainer.id(), ownLanguage, language, version);
    }

    public ZoneId zone() {
        return ZoneId.of(zoneId);
    }

    /** The language its pages, sheet and mail are in. */
    public Language reads() {
        return Language.of(language);
    }

    public boolean isClosed() {
        return closedAt != null;
    }

    public boolean hasEmergency() {
        return !emergency.isEmpty() || !emergencyPhone.isEmpty();
    }

    /** "+44 20 7946 0123", empty when there is none. */
    public String emergencyPhoneShown() {
        return Phones.shown(emergencyPhone);
    }
}
