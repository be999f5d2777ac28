package cahier.app.intake;

import cahier.app.household.HomeKind;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a household lives and what was tried.
 *
 * @param askedFor what the owners ask the trainer to use
 * @param dailyMinutes minutes they have each day, together
 * @param leads lead lengths as typed, say "1.2 m, 2 m"
 * @param equipment names of {@link Equipment}, joined by commas
 */
public record Intake(long householdId, @Nullable HomeKind homeKind, String tried, String askedFor, String otherAnimals, @Nullable Integer dailyMinutes,
                     String leads, String equipment, int version) {

    static Intake empty(long household) {
        return new Intake(household, null, "", "", "", null, "", "", 0);
    }

    public boolean has(Equipment wanted) {
        return items().contains(wanted);
    }

    public List<Equipment> items() {
        return equipment.isEmpty() ? List.of() : Arrays.stream(equipment.split(",")).map(Equipment::valueOf).toList();
    }
}
