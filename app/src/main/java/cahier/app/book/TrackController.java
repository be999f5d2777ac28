package cahier.app.book;

import cahier.app.alarm.Alarms;
import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.first.Start;
import cahier.app.first.Startings;
import cahier.app.forecast.Forecasts;
import cahier.app.forecast.Outlook;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.incident.Incidents;
import cahier.app.judge.EvidenceView;
import cahier.app.judge.Hints;
import cahier.app.judge.Judgements;
import cahier.app.judge.Looks;
import cahier.app.judge.Note;
import cahier.app.language.Words;
import cahier.app.lesson.Lessons;
import cahier.app.log.Detail;
import cahier.app.log.EarlySigns;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.log.SittingAnswers;
import cahier.app.method.Methods;
import cahier.app.probe.Probes;
import cahier.app.progress.WideStairs;
import cahier.app.roadmap.Newer;
import cahier.app.roadmap.TrackForm;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Stay;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.core.decide.Case;
import cahier.core.decide.TrackKind;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** One track, shown and edited. */
@Controller
class TrackController {

    private static final Duration LOOKED_BACK = Duration.ofDays(180);

    private final EarlySigns signs;
    private final Tracks tracks;
    private final Households households;
    private final Judgements judgements;
    private final Books books;
    private final Baselines baselines;
    private final RepLog log;
    private final Incidents incidents;
    private final Looks looks;
    private final Methods methods;
    private final Probes probes;
    private final Forecasts forecasts;
    private final Lessons lessons;
    private final Alarms alarms;
    private final AskedTogether together;
    private final Newer newer;
    private final Clock clock;

    TrackController(Tracks tracks, Households households, Judgements judgements, Books books, Baselines baselines,
                    RepLog log, Incidents incidents, Looks looks, Methods methods, Probes probes, Forecasts forecasts, Lessons lessons, Alarms alarms, AskedTogether together, Clock clock, EarlySigns signs, Newer newer) {
        this.newer = newer;
        this.signs = signs;
        this.together = together;
        this.alarms = alarms;
        this.tracks = tracks;
        this.households = households;
        this.judgements = judgements;
        this.books = books;
        this.baselines = baselines;
        this.log = log;
        this.incidents = incidents;
        this.looks = looks;
        this.methods = methods;
        this.probes = probes;
        this.forecasts = forecasts;
        this.lessons = lessons;
        this.clock = clock;
    }

    @GetMapping("/tracks/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Instant now = Instant.now(clock);
        TrackSteps map = tracks.get(me.practice(), id);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        Household household = facts.household();
        if (map.track().isOver() && tracks.ofHousehold(me.practice(), household.id()).stream().noneMatch(m -> m.track().id() == id)) {
            return over(map, facts, now, model);
        }
        askFor(map, now);
        TrackRow row = books.row(me.practice(), id, now);
        model.addAttribute("row", row);
        model.addAttribute("household", household);
        model.addAttribute("others", tracks.ofHousehold(me.practice(), household.id()).stream().filter(m -> m.track().id() != id && !m.steps().isEmpty()).toList());
        model.addAttribute("table", StepTable.of(row.roadmap(), facts.places()));
        model.addAttribute("today", now.atZone(household.zone()).toLocalDate());
        baselines.concerning(row.roadmap()).ifPresent(b -> model.addAttribute("begin", beginning(row, b)));
        List<KeptRep> reps = log.ofTrack(me.practice(), id, now.minus(LOOKED_BACK));
        Optional<Outlook> outlook = forecasts.of(me.practice(), row.roadmap(), now);
        model.addAttribute("wide", WideStairs.of(facts, row.roadmap(), reps, incidents.since(me.practice(), household.id(), now.minus(LOOKED_BACK)),
                alarms.history(me.practice(), household.id()).stream().filter(a -> a.dogId() == row.track().dogId()).toList(), outlook, now));
        if (map.track().kind() == TrackKind.COMFORT) {
            model.addAttribute("signs", signs.lately(me.practice(), household.id(), row.track().dogId(), now));
        }
        row.note().map(n -> n.decided().grounds()).filter(g -> g.reps() > 0).ifPresent(g -> model.addAttribute("grounds", g));
        looks.at(me.practice(), id, now).ifPresent(given -> evidence(row, given, facts, reps, model));
        outlook.ifPresent(o -> model.addAttribute("outlook", o).addAttribute("howOftenRight", forecasts.howOftenRight(me.practice())));
        newer.pending(row.roadmap()).ifPresent(c -> model.addAttribute("newer", c.count()));
        model.addAttribute("pack", lessons.pack(me.practice(), household.id()));
        model.addAttribute("happened", alarms.history(me.practice(), household.id()).stream().filter(a -> a.dogId() == row.track().dogId()).toList());
        model.addAttribute("history", judgements.history(me.practice(), id).stream().filter(d -> !d.isOpen()).map(d -> Note.of(d, false)).toList());
        return "book/track";
    }

    /** A track that nobody works on any more: what was done, and the way back. */
    private String over(TrackSteps map, Facts facts, Instant now, Model model) {
        Track track = map.track();
        List<KeptRep> reps = log.ofTrack(track.practiceId(), track.id(), now.minus(LOOKED_BACK));
        model.addAttribute("map", map);
        model.addAttribute("household", facts.household());
        model.addAttribute("gone", facts.gone().stream().filter(d -> d.id() == track.dogId()).findFirst());
        model.addAttribute("today", now.atZone(facts.household().zone()).toLocalDate());
        model.addAttribute("wide", WideStairs.of(facts, map, reps, List.of(), List.of(), Optional.empty(), now));
        return "book/over";
    }

    private void askFor(TrackSteps map, Instant now) {
        PracticeId practice = map.track().practiceId();
        long household = map.track().householdId();
        long track = map.track().id();
        together.ask(() -> books.askForRows(practice, household, now), () -> baselines.concerning(map), () -> log.ofTrack(practice, track, now.minus(LOOKED_BACK)),
                () -> incidents.since(practice, household, now.minus(LOOKED_BACK)), () -> looks.at(practice, track, now), () -> probes.trials(map),
                () -> methods.ofHousehold(practice, household), () -> lessons.pack(practice, household), () -> judgements.history(practice, track), () -> forecasts.held(practice), () -> forecasts.prior(practice),
                () -> map.visit().ifPresent(v -> log.answers(practice, v.id())));
    }

    private void evidence(TrackRow row, Case given, Facts facts, List<KeptRep> reps, Model model) {
        Stay visit = row.roadmap().visit().orElseThrow();
        List<KeptRep> here = reps.stream().filter(r -> Objects.equals(r.visitId(), visit.id())).toList();
        List<Detail> details = log.details(row.track().practiceId(), row.track().householdId()).getOrDefault(visit.id(), List.of());
        EvidenceView.of(given, row.step().orElseThrow(), facts, here, details).ifPresent(e -> model.addAttribute("evidence", e));
        List<SittingAnswers> answers = log.answers(row.track().practiceId(), visit.id());
        model.addAttribute("trials", probes.trials(row.roadmap()));
        row.note().filter(n -> n.isOpen() && n.decided().cause().isStalled()).flatMap(n -> probes.next(row.roadmap(), facts.places().size()))
                .ifPresent(p -> model.addAttribute("probe", p));
        model.addAttribute("hints", Hints.of(row.roadmap(), given, facts, methods.ofHousehold(row.track().practiceId(), row.track().householdId()), reps, answers, details));
        model.addAttribute("answered", said(answers));
    }

    /** "Ready at the start 5 of 7 times. Came back by itself 9 of 11 times."; empty where nobody said. */
    private static String said(List<SittingAnswers> answers) {
        List<SittingAnswers> asked = answers.stream().filter(a -> a.ready() != null).toList();
        long ready = asked.stream().filter(a -> Boolean.TRUE.equals(a.ready())).count();
        int back = answers.stream().mapToInt(SittingAnswers::cameBack).sum();
        int letOff = back + answers.stream().mapToInt(SittingAnswers::stayedOff).sum();
        return (asked.isEmpty() ? "" : Words.say("book.TrackController.ready-at-the-start-of", ready, asked.size())) + (letOff == 0 ? "" : Words.say("book.TrackController.came-back-by-itself-of", back, letOff));
    }

    /** What there was at the start, and the step it proposes while it does. */
    private static Beginning beginning(TrackRow row, Baseline baseline) {
        Optional<Start> start = Startings.proposed(row.roadmap(), List.of(baseline), row.reps() > 0);
        String now = row.note().map(n -> n.decided().grounds()).filter(g -> g.of() > 0).map(g -> Words.say("book.TrackController.of-the-last-clean", g.clean(), g.of())).orElse("");
        return new Beginning(baseline, start.isPresent(), start.map(s -> s.at() + 1).orElse(0), start.map(s -> row.roadmap().steps().get(s.at()).id()).orElse(0L), now);
    }

    @GetMapping("/tracks/{id}/edit")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Track track = tracks.get(me.practice(), id).track();
        model.addAttribute("track", track);
        model.addAttribute("form", new TrackForm(track.version(), List.of(), "", track.title(), track.goal(), track.plan(), track.kind().name(), track.topic().name(),
                Integer.toString(track.staleDays()), track.movesOn().name()));
        return "track/track-form";
    }

    @PostMapping("/tracks/{id}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") TrackForm form, BindingResult result,
                Model model) {
        TrackSteps roadmap = tracks.get(me.practice(), id);
        Track edited = form.read(new Check(result), roadmap.track());
        if (result.hasErrors()) {
            model.addAttribute("track", roadmap.track());
            return "track/track-form";
        }
        tracks.save(me.practice(), edited, Instant.now(clock));
        return "redirect:/tracks/" + id;
    }
}
