package cahier.app.shelf;

import cahier.app.household.HomeKind;
import cahier.app.language.Words;
import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Trait;
import cahier.core.gate.Topic;
import cahier.core.roadmap.Lacking;
import cahier.core.roadmap.Lacking.Help;
import cahier.core.roadmap.Lacking.Lack;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which templates are looked for, as an address has it. What is left out, or is none of the choices, looks for all.
 *
 * @param about a {@link Topic}
 * @param age an {@link Age}
 * @param place a {@link Where}
 * @param helper a {@link Helper}: whom it may need at most
 * @param without a {@link Lack} of a thing: what is not at hand; "ALL" for none of them
 */
public record Sought(@Nullable String about, @Nullable String age, @Nullable String place, @Nullable String helper, @Nullable String without) {

    private static final Set<Lack> THINGS = EnumSet.range(Lack.HARNESS, Lack.MAT);
    private static final Lacking.Home NOTHING = new Lacking.Home(Set.of(), 1, List.of());

    /** Where it is practised. */
    public enum Where {
        INDOORS, BEGINS_INDOORS, OUTDOORS;

        public String words() {
            return Words.say("shelf.Where." + name());
        }

        private boolean fits(List<StepPlan> steps) {
            boolean first = HomeKind.isOutdoors(steps.get(0).place());
            boolean any = steps.stream().anyMatch(s -> HomeKind.isOutdoors(s.place()));
            return switch (this) {
                case INDOORS -> !any;
                case BEGINS_INDOORS -> !first;
                case OUTDOORS -> any;
            };
        }
    }

    /** Everything. */
    public static final Sought ALL = new Sought(null, null, null, null, null);

    public static List<Lack> things() {
        return List.copyOf(THINGS);
    }

    public boolean isAll() {
        return read(Topic.class, about).isEmpty() && read(Age.class, age).isEmpty() && read(Where.class, place).isEmpty() && read(Helper.class, helper).isEmpty() && lacked().isEmpty();
    }

    private static <E extends Enum<E>> Optional<E> read(Class<E> kind, @Nullable String name) {
        return Arrays.stream(kind.getEnumConstants()).filter(e -> e.name().equals(name)).findFirst();
    }

    private Set<Lack> lacked() {
        return "ALL".equals(without) ? THINGS : read(Lack.class, without).filter(THINGS::contains).map(Set::of).orElse(Set.of());
    }

    /** Whether a template is one of them, as it reads in a method. */
    public boolean fits(Template template, Template.InSchool ready) {
        List<StepPlan> steps = ready.steps().stream().map(KeyedPlan::plan).toList();
        return read(Topic.class, about).map(t -> t == template.topic()).orElse(true) && read(Age.class, age).map(a -> template.ages().isEmpty() || template.ages().contains(a)).orElse(true)
                && read(Where.class, place).map(w -> w.fits(steps)).orElse(true) && read(Helper.class, helper).map(h -> helper(steps).compareTo(h) <= 0).orElse(true)
                && things(steps).stream().noneMatch(lacked()::contains);
    }

    /** The company it needs at most. */
    public static Helper helper(List<StepPlan> steps) {
        return steps.stream().map(s -> s.teaching().helper()).max(Helper::compareTo).orElse(Helper.NOBODY);
    }

    /** What of the things a household may not have it needs. */
    public static Set<Lack> things(List<StepPlan> steps) {
        Set<Lack> things = EnumSet.noneOf(Lack.class);
        for (StepPlan s : steps) {
            things.addAll(Lacking.of(new Lacking.Step(s.place(), s.who(), s.teaching().equipment(), Help.NOBODY, s.teaching().has(Trait.OFF_LEAD)), NOTHING, false));
        }
        things.retainAll(THINGS);
        return things;
    }
}
