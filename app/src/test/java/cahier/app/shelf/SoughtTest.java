package cahier.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a shelf is looked through for. */
class SoughtTest {

    private static List<String> found(@Nullable String about, @Nullable String age, @Nullable String place, @Nullable String helper, @Nullable String without) {
        Sought sought = new Sought(about, age, place, helper, without);
        return Shelves.shipped().stream().filter(t -> sought.fits(t, t.in(Schools.with(), "Pim"))).map(Template::id).toList();
    }

    @Test
    void nothingSoughtOrNothingKnownFindsAll() {
        assertThat(found(null, null, null, null, null)).hasSameSizeAs(Shelves.shipped());
        assertThat(found("CATS", "OLDISH", "MOON", "BOSS", "HELPER")).hasSameSizeAs(Shelves.shipped());
        assertThat(Sought.ALL.isAll()).isTrue();
        assertThat(new Sought("", "x", "", "", "ENCLOSED").isAll()).isTrue();
        assertThat(new Sought("ITEMS", null, null, null, null).isAll()).isFalse();
    }

    @Test
    void eachChoiceLeavesOutWhatDoesNotFitIt() {
        assertThat(found("ITEMS", null, null, null, null)).containsExactlyInAnyOrder("give", "leave-it");
        assertThat(found(null, "PUPPY", null, null, null)).contains("puppy", "give").doesNotContain("fetch", "stay");
        assertThat(found(null, "OLD", null, null, null)).doesNotContain("puppy", "fetch").contains("stay");
        assertThat(found(null, null, "INDOORS", null, null)).contains("handling", "crate", "front").doesNotContain("recall", "meeting-a-calm-dog");
        assertThat(found(null, null, "BEGINS_INDOORS", null, null)).contains("recall").doesNotContain("meeting-a-calm-dog");
        assertThat(found(null, null, "OUTDOORS", null, null)).contains("recall", "meeting-a-calm-dog").doesNotContain("crate");
        assertThat(found(null, null, null, "NOBODY", null)).contains("stay").doesNotContain("greeting", "bed-while-someone-comes");
        assertThat(found(null, null, null, "HOUSEHOLD", null)).contains("doorway").doesNotContain("greeting");
        assertThat(found(null, null, null, null, "CRATE")).contains("stay").doesNotContain("crate");
        assertThat(found(null, null, null, null, "ALL")).contains("stay", "down").doesNotContain("crate", "muzzle", "settle-on-a-mat", "loose-lead", "recall");
    }

    @ParameterizedTest
    @CsvSource({"2026-07-01, PUPPY", "2026-06-01, YOUNG", "2024-12-02, YOUNG", "2024-12-01, GROWN", "2018-12-02, GROWN", "2018-12-01, OLD", "2001-01-01, OLD"})
    void ageIsCountedInMonths(LocalDate born, Age age) {
        assertThat(Age.of(born, LocalDate.of(2026, 12, 1))).isEqualTo(age);
    }
}
