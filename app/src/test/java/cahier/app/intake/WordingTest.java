package cahier.app.intake;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.gate.GateWords;
import cahier.app.household.ClashWords;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Household;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.household.Word;
import cahier.app.method.MethodWords;
import cahier.app.scope.PracticeId;
import cahier.core.gate.Danger;
import cahier.core.gate.Profession;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Question;
import cahier.core.words.Clash;
import cahier.core.words.Signal;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every code of the core has words of its own, short where the margin says them. */
class WordingTest {

    private static <E> void unlike(E[] codes, Function<E, String> words) {
        Set<String> seen = new HashSet<>();
        Arrays.stream(codes).forEach(c -> assertThat(seen.add(words.apply(c))).as(c + " is worded like another").isTrue());
        assertThat(seen).allSatisfy(w -> assertThat(w).isNotBlank().doesNotContain("!"));
    }

    @Test
    void everyCodeIsWordedUnlikeTheOthers() {
        unlike(RedFlag.values(), GateWords::of);
        unlike(Topic.values(), GateWords::of);
        unlike(Profession.values(), GateWords::of);
        unlike(Danger.values(), Dangers::words);
        unlike(Danger.values(), Dangers::because);
        unlike(Danger.values(), Dangers::title);
        unlike(Question.values(), MethodWords::question);
        unlike(Question.values(), MethodWords::why);
        unlike(Choice.values(), MethodWords::choice);
        unlike(Harm.values(), h -> MethodWords.refusal(h, "it"));
        unlike(Clash.Kind.values(), k -> ClashWords.of(new Clash(k, "mat", "cat")));
    }

    @ParameterizedTest
    @EnumSource(Question.class)
    void whyTrainersDifferIsSaidInTwoSentences(Question question) {
        assertThat(MethodWords.why(question).split("\\. ")).hasSize(2);
    }

    @ParameterizedTest
    @EnumSource(Danger.class)
    void theMarginHasAtMostFourWords(Danger danger) {
        assertThat(Dangers.title(danger).split(" ")).hasSizeBetween(1, 4);
    }

    @Test
    void aFlagSaysWhatItShutsAndWhoClearsIt() {
        assertThat(GateWords.shuts(RedFlag.SELF_INJURY)).isEqualTo("being alone; noises");
        assertThat(GateWords.clearedBy(RedFlag.SELF_INJURY)).isEqualTo("a vet or a qualified behaviourist");
        assertThat(GateWords.shut(List.of(RedFlag.PAIN))).isEqualTo("Signs of pain: a vet first.");
    }

    @ParameterizedTest
    @EnumSource(HomeKind.class)
    void theFirstPlacesGoFromEasiestToHardestAndNoNameTwice(HomeKind kind) {
        assertThat(kind.places()).extracting(Place::difficulty).isSorted().allSatisfy(d -> assertThat(d).isBetween(0, 5));
        assertThat(kind.places()).extracting(Place::name).doesNotHaveDuplicates().hasSizeGreaterThanOrEqualTo(6);
    }

    @Test
    void factsAreSaidAsAPersonWould() {
        Place landing = new Place(1, "landing", 3, "tiles", "lift", false, false, "", false, "", 0);
        assertThat(landing.described()).isEqualTo("Difficulty 3, tiles, lift, no signal.");
        Person noor = new Person(1, "Noor", 9, true, false, null, "", "", "", null, true, 0);
        assertThat(noor.called()).isEqualTo("Noor (9)");
        assertThat(noor.isChild()).isTrue();
        assertThat(Person.named("Dele").called()).isEqualTo("Dele");
        Word whistle = new Word(1, "two short", "come", 7L, Signal.WHISTLE, Word.Role.RELEASE, 0);
        Facts facts = new Facts(Household.fresh(new PracticeId(1), "X", "", "UTC", ""), List.of(noor, new Person(2, "Bram", null, false, false, null, "", "", "", null, false, 0)),
                List.of(new Dog(7, "Sorrel", "", null, null, 0)), List.of(landing), List.of(whistle), List.of(), List.of(), List.of());
        assertThat(whistle.shown()).isEqualTo("two short");
        assertThat(new Word(1, "mat", "lie down", null, Signal.VOICE, Word.Role.CUE, 0).shown()).isEqualTo("“mat”");
        assertThat(whistle.aside(facts)).isEqualTo("whistle, release, for Sorrel");
        assertThat(new Word(1, "mat", "lie down", null, Signal.VOICE, Word.Role.CUE, 0).aside(facts)).isEmpty();
        assertThat(facts.handlers()).containsExactly(noor);
        assertThat(facts.dogName(null)).isEqualTo("every dog");
    }
}
