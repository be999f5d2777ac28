package cahier.app.shelf;

import cahier.app.cost.Cost;
import cahier.app.cost.Costs;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.app.web.StaleEdit;
import cahier.core.gate.Topic;
import cahier.core.method.Method;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All templates a practice can start from: those that ship, and its own. */
@Service
@Transactional
public class Templates {

    private final Shelf shelf;
    private final OwnTemplateMapper own;
    private final Costs costs;
    private final Tracks tracks;

    Templates(Shelf shelf, OwnTemplateMapper own, Costs costs, Tracks tracks) {
        this.tracks = tracks;
        this.shelf = shelf;
        this.own = own;
        this.costs = costs;
    }

    /** By the name a track keeps: the id of one that ships, or that of an own one, even a removed one. */
    public Optional<Template> find(PracticeId practice, String name) {
        return OwnTemplate.isName(name) ? own.find(practice, OwnTemplate.idOf(name)).map(r -> TemplateFile.read(r.body())) : shelf.find(name);
    }

    /** The template as a track took it; as it is now where that was never kept. */
    public Optional<Template> taken(Track track) {
        return track.template().isEmpty() ? Optional.empty() : kept(track).or(() -> find(track.practiceId(), track.template()));
    }

    /** What was kept of the template that a track took; nothing where nothing was, or in a way that is no longer read. */
    public Optional<Template> kept(Track track) {
        try {
            return track.templateDigest().isEmpty() ? Optional.empty() : tracks.keptTemplate(track.practiceId(), track.id()).map(TemplateFile::read);
        } catch (BadFile e) {
            return Optional.empty();
        }
    }

    /** One that this trainer may start from. */
    public Optional<Template> find(TrainerUser me, String name) {
        return OwnTemplate.isName(name) ? ownOf(me).stream().filter(o -> o.name().equals(name)).map(OwnTemplate::template).findFirst() : shelf.find(name);
    }

    /** The trainer's own and those that others of the practice share, by title. */
    public List<OwnTemplate> ownOf(TrainerUser me) {
        return own.seenBy(me.practice(), me.id()).stream().map(r -> seen(me, r)).toList();
    }

    /**
     * A template as it is shown on a shelf.
     *
     * @param ready in the words of a method
     * @param cost of one that ships; that of an own one is walked when it is asked for
     */
    public record Listed(String name, Template template, Template.InSchool ready, Optional<OwnTemplate> own, Optional<Cost> cost) {

        public List<StepPlan> plans() {
            return ready.steps().stream().map(KeyedPlan::plan).toList();
        }

        /** "living room, kitchen, pavement". */
        public String places() {
            return String.join(", ", plans().stream().map(StepPlan::place).filter(p -> !p.isEmpty()).distinct().toList());
        }

        /** "a friend", "nobody": whom it needs at most. */
        public String company() {
            return Sought.helper(plans()).words();
        }

        /** All that has to be at hand for one of its steps or another. */
        public String equipment() {
            return String.join(", ", plans().stream().flatMap(p -> Arrays.stream(p.teaching().equipment().split(", "))).map(String::strip).filter(t -> !t.isEmpty())
                    .map(t -> Character.toLowerCase(t.charAt(0)) + t.substring(1)).distinct().toList());
        }
    }

    /** Everything this trainer may start from, by what it is about, each topic by title. */
    public Map<Topic, List<Listed>> listed(TrainerUser me, Method method, String dogName) {
        return Stream.concat(shelf.templates().stream().map(t -> shipped(t, method, dogName)), ownOf(me).stream().map(o -> made(o, method, dogName))).sorted(Comparator.comparing(l -> l.template().title()))
                .collect(Collectors.groupingBy(l -> l.template().topic(), () -> new EnumMap<>(Topic.class), Collectors.toList()));
    }

    /** Those of them that are looked for. */
    public Map<Topic, List<Listed>> listed(TrainerUser me, Method method, String dogName, Sought sought) {
        Map<Topic, List<Listed>> all = listed(me, method, dogName);
        all.replaceAll((topic, some) -> some.stream().filter(l -> sought.fits(l.template(), l.ready())).toList());
        all.values().removeIf(List::isEmpty);
        return all;
    }

    /** One of them. */
    public Listed listed(TrainerUser me, String name, Method method, String dogName) {
        Optional<Listed> found = OwnTemplate.isName(name) ? ownOf(me).stream().filter(o -> o.name().equals(name)).map(o -> made(o, method, dogName)).findFirst()
                : shelf.find(name).map(t -> shipped(t, method, dogName));
        return found.orElseThrow(() -> new NotFound("template " + name));
    }

    private Listed shipped(Template t, Method method, String dogName) {
        return new Listed(t.id(), t, t.in(method, dogName), Optional.empty(), costs.of(t.id()));
    }

    private static Listed made(OwnTemplate o, Method method, String dogName) {
        return new Listed(o.name(), o.template(), o.template().in(method, dogName), Optional.of(o), Optional.empty());
    }

    private static OwnTemplate seen(TrainerUser me, OwnTemplateMapper.Row row) {
        return new OwnTemplate(row.id(), row.madeBy(), row.trainerId() == me.id(), row.shared(), row.version(), TemplateFile.read(row.body()));
    }

    /** One that this trainer made and may change, or the page for what does not exist. */
    OwnTemplate mine(TrainerUser me, long id) {
        return own.find(me.practice(), id).filter(r -> r.trainerId() == me.id()).map(r -> seen(me, r)).orElseThrow(() -> new NotFound("template " + id));
    }

    /** Keeps a new one, seen by its trainer alone. Returns its id. */
    public long add(TrainerUser me, Template template, Instant now) {
        return own.insert(me.practice(), me.id(), me.signature(), TemplateFile.write(TemplateFile.checked(template)), now);
    }

    /** Saves an edit, unless it was saved in another tab meanwhile. */
    public void save(TrainerUser me, long id, int version, Template edited) {
        OwnTemplate saved = mine(me, id);
        String body = TemplateFile.write(TemplateFile.checked(edited));
        if (own.update(me.practice(), id, version, body) == 0) {
            throw new StaleEdit(saved.template().title(), "/shelf/" + saved.name(), List.of(
                    new StaleEdit.Difference("Title", saved.template().title(), edited.title()),
                    new StaleEdit.Difference("Goal", saved.template().goal(), edited.goal()),
                    new StaleEdit.Difference("Steps", titles(saved.template()), titles(edited))));
        }
    }

    private static String titles(Template template) {
        return String.join("; ", template.steps().stream().map(TemplateStep::title).toList());
    }

    public void share(TrainerUser me, long id, boolean shared) {
        mine(me, id);
        own.share(me.practice(), id, shared);
    }

    /** Takes it off the shelf; tracks made from it stay as they are. */
    public void remove(TrainerUser me, long id, Instant now) {
        mine(me, id);
        own.setRemoved(me.practice(), id, now);
    }

    public void restore(TrainerUser me, long id) {
        mine(me, id);
        own.setRemoved(me.practice(), id, null);
    }
}
