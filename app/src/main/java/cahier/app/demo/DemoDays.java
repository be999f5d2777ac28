package cahier.app.demo;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How the demo file names days, dogs and what a household has none of. */
final class DemoDays {

    private DemoDays() {
    }

    static <T> List<T> each(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }

    static Instant at(Facts facts, LocalDate today, int day, LocalTime time) {
        return today.plusDays(day).atTime(time).atZone(facts.household().zone()).toInstant();
    }

    static long dog(Facts facts, String name) {
        return facts.dogs().stream().filter(d -> d.name().equals(name)).findFirst().map(Dog::id).orElseThrow();
    }
}
