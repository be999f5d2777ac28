package cahier.app.shelf;

import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.core.method.Method;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes templates of what a trainer has: a track, or another template with one step changed. */
final class Written {

    private static final int LONGEST_KEY = 30;

    private Written() {
    }

    /**
     * A track as a template. A step that stands as its template wrote it goes on following the method; every other one stands as it is.
     *
     * @param origin the template the track was made from
     * @param school the method its steps were written in
     */
    static Template of(TrackSteps map, Optional<Template> origin, Method school) {
        Track track = map.track();
        Map<String, StepPlan> wrote = new HashMap<>();
        origin.ifPresent(t -> t.in(school, track.dogName()).steps().forEach((KeyedPlan k) -> wrote.put(k.key(), k.plan())));
        Set<String> keys = new HashSet<>();
        List<TemplateStep> steps = new ArrayList<>();
        for (Step step : map.steps()) {
            boolean untouched = step.written().equals(wrote.get(step.templateKey()));
            boolean leads = steps.isEmpty() && origin.isPresent() && step(origin.get(), step.templateKey()).filter(TemplateStep::naming).isPresent();
            String key = unused(step.templateKey().isEmpty() ? slug(step.written().title()) : step.templateKey(), keys);
            steps.add(untouched && !leads ? step(origin.orElseThrow(), step.templateKey()).orElseThrow().always() : TemplateStep.fixed(key, step.written()));
        }
        String id = origin.map(Template::id).filter(o -> !o.isEmpty()).orElse(slug(track.title()));
        return new Template(Template.FORMAT, id, track.title(), track.goal(), track.plan(), track.kind(), track.topic(), origin.map(Template::word).orElse(""),
                origin.map(Template::say).orElse(Map.of()), origin.map(Template::needs).orElse(List.of()).stream().filter(n -> n.from() == null || keys.contains(n.from())).toList(),
                origin.map(Template::apart).orElse(List.of()), origin.map(Template::ages).orElse(List.of()), "", origin.map(Template::notes).orElse(""), 0, steps);
    }

    private static Optional<TemplateStep> step(Template template, String key) {
        return template.steps().stream().filter(s -> key.equals(s.key())).findFirst();
    }

    /** With this step in the place of the one with its key, or at the end when it has none yet. */
    static Template withStep(Template template, String key, StepPlan plan) {
        List<TemplateStep> steps = new ArrayList<>(template.steps());
        int at = steps.stream().map(TemplateStep::key).toList().indexOf(key);
        if (at < 0) {
            steps.add(TemplateStep.fixed(unused(slug(plan.title()), new HashSet<>(steps.stream().map(TemplateStep::key).toList())), plan));
        } else {
            steps.set(at, TemplateStep.fixed(key, plan));
        }
        return template.withSteps(steps);
    }

    /** Without it; the only step stays. */
    static Template without(Template template, String key) {
        return template.steps().size() == 1 ? template : template.withSteps(template.steps().stream().filter(s -> !key.equals(s.key())).toList());
    }

    static Template moved(Template template, String key, int by) {
        List<TemplateStep> steps = new ArrayList<>(template.steps());
        int from = steps.stream().map(TemplateStep::key).toList().indexOf(key);
        int to = from + Integer.signum(by);
        if (from >= 0 && to >= 0 && to < steps.size()) {
            steps.add(to, steps.remove(from));
        }
        return template.withSteps(steps);
    }

    private static String slug(String title) {
        String slug = title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String shortened = slug.length() > LONGEST_KEY ? slug.substring(0, LONGEST_KEY) : slug;
        return shortened.isEmpty() ? "step" : shortened;
    }

    private static String unused(String key, Set<String> keys) {
        String free = key;
        for (int i = 2; !keys.add(free); i++) {
            free = key + "-" + i;
        }
        return free;
    }
}
