package cahier.app.step;

import cahier.app.language.Words;
import cahier.app.track.MeasureWords;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.exposure.PlaceByPlace;
import cahier.core.exposure.Trigger;
import cahier.core.handling.Zone;
import cahier.core.measure.Measure;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a step measures, as it is typed.
 *
 * @param kind of {@link Measure.Kind}
 * @param trigger for a distance
 * @param loudness for a noise, 1 to 5
 * @param zone for the hand
 * @param goal "5 m", "1 h", "30" minutes, "200" paces; nothing for a zone
 * @param places of a walk that goes place by place, one a line; then they are its goal
 * @param cue whether a look at the cue counts
 */
public record MeasureForm(@Nullable String kind, @Nullable String trigger, @Nullable String loudness, @Nullable String zone, @Nullable String goal, @Nullable String places, @Nullable String cue) {

    /** In the place of a kind: an ordinary step. */
    public static final String NONE = "NONE";
    private static final Pattern WRITTEN = Pattern.compile("([A-Z]{1,20})\\|([^|]{0,2000})\\|([0-9.E]{1,20})\\|(true|false)");
    private static final double NEAREST_M = 1;

    /** Before anything was chosen. */
    public static MeasureForm empty() {
        return new MeasureForm(Measure.Kind.DISTANCE.name(), Trigger.DOG.name(), Integer.toString(Measure.LOUDEST), Zone.MUZZLE.name(), "", "", "");
    }

    public static MeasureForm of(Measure m) {
        MeasureForm usual = empty();
        String goal = switch (m.kind()) {
            case DISTANCE, NOISE -> Measures.plain(m.goal(), 1) + " m";
            case ALONE -> Measures.plain(m.goal(), 0) + " s";
            case SITTING -> Measures.plain(m.goal(), 0);
            case WALK -> m.placeByPlace().isPresent() ? "" : Measures.plain(m.goal(), 0);
            case ZONE -> "";
        };
        return new MeasureForm(m.kind().name(), m.kind() == Measure.Kind.DISTANCE ? m.about() : usual.trigger(), m.kind() == Measure.Kind.NOISE ? m.about() : usual.loudness(), m.kind() == Measure.Kind.ZONE ? m.about() : usual.zone(), goal, m.kind() == Measure.Kind.WALK ? m.about() : "",
                m.cueCounts() ? "true" : "");
    }

    /** Refused beside the field it is about; nothing then. */
    public @Nullable Measure read(Check check) {
        Measure.Kind by = check.choice("kind", kind, Measure.Kind.class);
        if (check.isRefused("kind")) {
            return null;
        }
        String about = switch (by) {
            case DISTANCE -> check.choice("trigger", trigger, Trigger.class).name();
            case ZONE -> check.choice("zone", zone, Zone.class).name();
            case NOISE -> Integer.toString(check.whole("loudness", loudness, 1, Measure.LOUDEST));
            case WALK -> String.join("\n", placeByPlace(check));
            case ALONE, SITTING -> "";
        };
        double end = by == Measure.Kind.WALK && !about.isEmpty() ? about.lines().count() : goal(check, by);
        boolean refused = Arrays.stream(new String[] {"trigger", "zone", "loudness", "places", "goal"}).anyMatch(check::isRefused);
        return refused ? null : new Measure(by, about, end, by.isNearer() && "true".equals(cue));
    }

    private List<String> placeByPlace(Check check) {
        List<String> typed = (places == null ? "" : places).lines().map(String::strip).filter(p -> !p.isEmpty()).toList();
        try {
            return typed.isEmpty() ? typed : new PlaceByPlace(typed).places();
        } catch (IllegalArgumentException e) {
            check.refuse("places", Words.say("step.MeasureForm.must-be-1-to-places", PlaceByPlace.MOST_PLACES, PlaceByPlace.LONGEST_NAME));
            return List.of();
        }
    }

    private double goal(Check check, Measure.Kind by) {
        return switch (by) {
            case ZONE -> 1;
            case SITTING, WALK -> check.whole("goal", goal, 1, (int) by.most());
            case DISTANCE, NOISE -> within(check, by, NEAREST_M, check.measure("goal", goal, Measures::metres).orElse(0));
            case ALONE -> within(check, by, 1, check.measure("goal", goal, Measures::seconds).orElse(0));
        };
    }

    private double within(Check check, Measure.Kind by, double least, double value) {
        if (!check.isRefused("goal") && !(value >= least && value <= by.most())) {
            check.refuse("goal", Words.say("step.MeasureForm.must-be-was", (by == Measure.Kind.ALONE ? Words.say("step.MeasureForm.from-1-s-to-12") : Words.say("step.MeasureForm.from-1-to-1000-m")), (goal == null ? "" : goal)));
        }
        return value;
    }

    /** "How near something may be: dog" for a page. */
    public static String words(Measure m) {
        String about = MeasureWords.about(m);
        return MeasureWords.kind(m.kind()) + (about.isEmpty() ? "" : ": " + about);
    }

    /** As the form of a step carries it, out of sight. */
    static String write(@Nullable Measure m) {
        return m == null ? "" : m.kind() + "|" + URLEncoder.encode(m.about(), StandardCharsets.UTF_8) + "|" + m.goal() + "|" + m.cueCounts();
    }

    static @Nullable Measure read(Check check, @Nullable String written) {
        if (written == null || written.isBlank()) {
            return null;
        }
        Matcher m = WRITTEN.matcher(written);
        try {
            if (m.matches()) {
                return new Measure(Measure.Kind.valueOf(m.group(1)), URLDecoder.decode(m.group(2), StandardCharsets.UTF_8), Double.parseDouble(m.group(3)), Boolean.parseBoolean(m.group(4)));
            }
        } catch (IllegalArgumentException e) {
            // said below: it is no field that anybody types into
        }
        check.refuse("title", Words.say("step.MeasureForm.came-with-something-that-is", written));
        return null;
    }
}
