package cahier.app.owner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Met;
import cahier.app.gate.Gates;
import cahier.app.language.Language;
import cahier.app.rest.Taps;
import cahier.app.roadmap.Roadmaps;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.rest.Work;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a phone logs beside the tracks. */
class MarksTest extends AppTest {

    @Autowired
    private Marks marks;
    @Autowired
    private Exposures exposures;
    @Autowired
    private Taps taps;
    @Autowired
    private Roadmaps roadmaps;
    @Autowired
    private Gates gates;
    @Autowired
    private Tracks tracks;

    @Test
    void itIsKeptAndMarkedOrNeither() {
        Home home = homes.make(edda(), TrackKind.COMFORT, 1);
        Owner owner = new Owner(edda().practice(), home.id, Language.BRITISH);
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

    /** Something that rests a track or lets it go on, or does neither. */
    @FunctionalInterface
    private interface Act {
        void on(Home home) throws Exception;
    }

    /** The one question a rep waits for never says that nothing rests where the whole answer would mark it. */
    @Test
    void afterAnyHistoryNoMarkIsPassedOver() throws Exception {
        Home home = homes.make(edda(), TrackKind.COMFORT, 3);
        long track = home.roadmap().track().id();
        List<Act> acts = List.of(h -> h.practise("cctccc"), h -> h.practise("ccccc"), h -> clock.pass(Duration.ofDays(1)), this::answerSuggestion,
                h -> h.post("alarms", "{\"id\":\"%s\",\"dog\":\"%s\",\"kind\":\"BITE\",\"what\":\"\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), h.facts().dogs().get(0).id(), now())),
                h -> homes.change(edda(), "update alarm set answered_at = now(), answered_by = 'Edda', spoken_with = 'Kit', answer = 'Rest.' where answered_at is null and household_id = " + h.id),
                h -> h.within(() -> {
                    gates.raise(edda(), h.id, h.facts().dogs().get(0).id(), RedFlag.values()[0], "seen", now());
                    return null;
                }), h -> homes.change(edda(), "update gate set withdrawn_at = now() where cleared_on is null and withdrawn_at is null and household_id = " + h.id),
                h -> h.within(() -> {
                    tracks.rest(edda().practice(), track, "ill", "Edda", now());
                    return null;
                }), h -> h.within(() -> {
                    tracks.takeUp(edda().practice(), track, now());
                    return null;
                }));
        SplittableRandom random = new SplittableRandom(46);
        int marked = 0;
        int passed = 0;
        for (int i = 0; i < 60; i++) {
            acts.get(i < acts.size() ? i : random.nextInt(acts.size())).on(home);
            boolean may = home.within(() -> taps.mayBeMarked(edda().practice(), home.id));
            boolean marks = home.within(() -> roadmaps.of(edda().practice(), home.id, now()).stream()
                    .anyMatch(way -> way.permit().why().stream().anyMatch(why -> way.allowed().since(why, way.track().dogId(), Optional.of(way.roadmap())).isPresent())));
            assertThat(may || !marks).as("after act %d", i).isTrue();
            marked += marks ? 1 : 0;
            passed += may ? 0 : 1;
        }
        assertThat(marked).as("of 60").isBetween(10, 55);
        assertThat(passed).as("of 60 without a further question").isGreaterThanOrEqualTo(5);
    }

    private void answerSuggestion(Home home) {
        if (homes.number(edda(), "select count(*) from decision where state = 'OPEN' and household_id = " + home.id) > 0) {
            home.overrule(Decision.STAY);
        }
    }
}
