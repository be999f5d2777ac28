package cahier.app.gate;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.core.gate.Gate;
import cahier.core.gate.Gate.Clearance;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The red flags of households, kept for good. */
@Service
@Transactional
public class Gates {

    private final GateMapper gates;
    private final Households households;

    Gates(GateMapper gates, Households households) {
        this.gates = gates;
        this.households = households;
    }

    /** Those that stand first, then the cleared ones. */
    public List<RaisedGate> ofHousehold(PracticeId practice, long household) {
        return gates.ofHousehold(practice, household);
    }

    public RaisedGate get(PracticeId practice, long id) {
        return gates.find(practice, id).orElseThrow(() -> new NotFound("red flag " + id));
    }

    /** Raises a flag; one that stands already gets the new words added. */
    public void raise(TrainerUser trainer, long household, long dog, RedFlag flag, String what, Instant now) {
        Household of = households.get(trainer.practice(), household);
        if (households.dogs(trainer.practice(), household).stream().noneMatch(d -> d.id() == dog)) {
            throw new NotFound("dog " + dog);
        }
        LocalDate today = now.atZone(of.zone()).toLocalDate();
        gates.raise(trainer.practice(), household, dog, flag, what, today, trainer.signature());
    }

    /** Clears a flag; the core refuses a profession that may not, and a day before the flag was raised. */
    public void clear(PracticeId practice, long id, Clearance clearance) {
        RaisedGate raised = get(practice, id);
        Gate cleared = new Gate(raised.flag(), raised.raisedOn(), Optional.of(clearance));
        gates.clear(practice, id, cleared.clearance().orElseThrow());
    }

    /** Raised by mistake: no longer shown, still kept. */
    public void withdraw(PracticeId practice, long id, Instant now) {
        get(practice, id);
        gates.withdraw(practice, id, now);
    }

    /** Takes a withdrawal back. */
    public void restore(PracticeId practice, long id) {
        gates.restore(practice, id);
    }

    /** The flags that shut a topic for a dog; empty when homework may be issued. */
    public List<RedFlag> shutting(PracticeId practice, long household, long dog, Topic topic) {
        return Gate.shutting(gates.ofHousehold(practice, household).stream().filter(g -> g.dogId() == dog).map(RaisedGate::toGate).toList(), topic);
    }
}
