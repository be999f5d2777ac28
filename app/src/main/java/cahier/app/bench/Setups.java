package cahier.app.bench;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps set-ups as places of a household and draws them again. */
@Service
@Transactional
public class Setups {

    /** A place that a set-up makes is a middling one until somebody says otherwise. */
    private static final int NEW_PLACE_DIFFICULTY = 3;

    private final SetupMapper setups;
    private final Households households;

    Setups(SetupMapper setups, Households households) {
        this.setups = setups;
        this.households = households;
    }

    /** At the place of that name, which is made when the household has none. */
    public void keep(PracticeId practice, long household, String place, Setup.Kind kind, String address, String by, Instant now) {
        Facts facts = households.facts(practice, household);
        if (find(facts, place).isEmpty()) {
            households.put(practice, household, Place.named(place, NEW_PLACE_DIFFICULTY));
            facts = households.facts(practice, household);
        }
        Place at = find(facts, place).orElseThrow();
        setups.insert(practice, new Setup(0, household, at.id(), kind, at.name(), address, now, by));
    }

    private static Optional<Place> find(Facts facts, String name) {
        return facts.places().stream().filter(p -> p.name().equalsIgnoreCase(name)).findFirst();
    }

    public void remove(PracticeId practice, long household, long id, Instant now) {
        changed(setups.remove(practice, household, id, now), id);
    }

    /** Undo of {@link #remove}. */
    public void restore(PracticeId practice, long household, long id) {
        changed(setups.restore(practice, household, id), id);
    }

    private static void changed(int rows, long id) {
        if (rows == 0) {
            throw new NotFound("set-up " + id);
        }
    }

    /** Those that were kept at that moment, drawn. */
    @Transactional(readOnly = true)
    public List<DrawnSetup> at(PracticeId practice, long household, Instant moment) {
        return setups.at(practice, household, moment).stream().flatMap(s -> draw(s).stream()).toList();
    }

    private static Optional<DrawnSetup> draw(Setup s) {
        BenchCheck check = new BenchCheck();
        return switch (s.kind()) {
            case SIGHT -> SightForm.parse(s.address()).read(check).map(r -> new DrawnSetup(s, r.drawing(), r.verdict() + ". " + r.seconds()));
            case TRIANGLE -> RecallForm.parse(s.address()).read(check).map(r -> new DrawnSetup(s, r.drawing(), r.next() + ". " + r.says()));
        };
    }
}
