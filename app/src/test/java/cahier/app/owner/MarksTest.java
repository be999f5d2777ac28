package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Met;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Topic;
import cahier.core.rest.Work;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a phone logs beside the tracks. */
class MarksTest extends AppTest {

    @Autowired
    private Marks marks;
    @Autowired
    private Exposures exposures;

    @Test
    void itIsKeptAndMarkedOrNeither() {
        Home home = homes.make(edda(), TrackKind.COMFORT, 1);
        Owner owner = new Owner(edda().practice(), home.id);
        long dog = home.facts().dogs().get(0).id();
        Met met = new Met(UUID.randomUUID(), home.id, dog, Trigger.DOG, 9, "9 m", Response.STARED, "", null, null, now(), 0, "");
        Runnable keep = () -> exposures.keep(edda().practice(), met, null, now());
        assertThatThrownBy(() -> asEdda(() -> {
            marks.keep(owner, Work.EXPOSURE, Topic.DOGS, new Marks.Tapped(met.id(), dog, null, now()), now(), () -> {
                keep.run();
                throw new IllegalStateException("the line is cut");
            });
            return "";
        })).hasMessage("the line is cut");
        assertThat(asEdda(() -> exposures.of(edda().practice(), home.id, now()))).isEmpty();

        asEdda(() -> {
            marks.keep(owner, Work.EXPOSURE, Topic.DOGS, new Marks.Tapped(met.id(), dog, null, now()), now(), keep);
            return "";
        });
        assertThat(asEdda(() -> exposures.of(edda().practice(), home.id, now()))).hasSize(1);
    }
}
