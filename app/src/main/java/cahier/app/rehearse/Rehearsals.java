package cahier.app.rehearse;

import cahier.app.draw.Bundle;
import cahier.app.draw.Drawing;
import cahier.app.household.Facts;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.shelf.Template;
import cahier.app.track.KeyedPlan;
import cahier.app.track.MovesOn;
import cahier.app.track.Stay;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.method.Method;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Owners;
import cahier.core.rehearse.Past;
import cahier.core.rehearse.Plan;
import cahier.core.rehearse.Rehearsal;
import cahier.core.rehearse.Rules;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers a plan and who will walk it, and lets made-up dogs walk it (docs/rules.md 40). Nothing of it is kept. */
@Service
@Transactional(readOnly = true)
public class Rehearsals {

    private static final int LATELY_DAYS = 21;
    private static final int PAST_DAYS = 56;
    private static final double USUAL_DAYS = 0.6;
    private static final double OFTEN_DAYS = 3.0 / 7;
    private static final int DAYS_A_WEEK = 7;
    private static final int WEEKLY_UNTIL_DAYS = 10;
    private static final int ENOUGH_REPS = 8;
    private static final double FORGETS = 0.03;
    static final int TEMPLATE_SEED = 4711;
    private static final int ROOM_DAYS = 14;

    private final Tracks tracks;
    private final RepLog log;

    Rehearsals(Tracks tracks, RepLog log) {
        this.tracks = tracks;
        this.log = log;
    }

    /** The plan of a track from where its dog stands; empty where nothing lies before it but steps that measure. */
    Optional<Known> ofTrack(PracticeId practice, TrackSteps map, Facts facts, Instant now) {
        List<Step> walked = map.steps().stream().filter(s -> s.measure().isEmpty()).toList();
        if (walked.isEmpty() || map.currentIndex().isEmpty() || map.current().filter(s -> s.measure().isPresent()).isPresent()) {
            return Optional.empty();
        }
        ZoneId zone = facts.household().zone();
        LocalDate today = now.atZone(zone).toLocalDate();
        Map<Long, Integer> levels = new LinkedHashMap<>();
        walked.forEach(s -> levels.put(s.id(), levels.size()));
        List<KeptRep> reps = log.ofTrack(practice, map.track().id(), Instant.EPOCH).stream().filter(r -> levels.containsKey(r.stepId())).toList();
        Map<String, String> people = new TreeMap<>();
        facts.handlers().forEach(p -> people.put(Long.toString(p.id()), p.called()));
        Map<String, Double> handicaps = handicaps(reps);
        Owners owners = owners(reps, handicaps, people, today, zone);
        double apart = Known.apart(walked.size());
        Plan plan = Known.plan(map.track().kind(), walked.stream().map(Step::plan).toList(), true);
        return Optional.of(new Known(plan, walked.stream().map(s -> s.plan().title()).toList(), map.steps().stream().filter(s -> s.measure().isPresent()).map(s -> s.written().title()).toList(),
                Objects.requireNonNull(levels.get(map.current().orElseThrow().id())), owners, answering(map, facts), people, past(reps, levels, apart, handicaps, today, zone), real(map, levels, today, zone),
                map.track().id()));
    }

    /** A template as this practice would teach it, with a usual dog of one person. */
    Optional<Known> ofTemplate(Template template, Method method) {
        List<StepPlan> all = template.in(method, Words.say("rehearse.Rehearsals.the-dog")).steps().stream().map(KeyedPlan::plan).toList();
        List<StepPlan> walked = all.stream().filter(p -> p.teaching().measure() == null).toList();
        if (walked.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Known(Known.plan(template.kind(), walked, true), walked.stream().map(StepPlan::title).toList(), all.stream().filter(p -> p.teaching().measure() != null).map(StepPlan::title).toList(), 0,
                Owners.one(USUAL_DAYS), Answering.OWNER_MOVES_ON, Map.of(), List.of(), List.of(), TEMPLATE_SEED));
    }

    /** Walks what is known, and what shall be otherwise. */
    static Rehearsal walk(Known known, Change change) {
        Owners owners = changed(known.owners(), change);
        boolean often = owners.days() * owners.sessions() >= OFTEN_DAYS;
        Plan plan = change.of(known.plan(), often);
        return Rehearsal.of(plan, Math.min(plan.steps().size() - 1, change.from(known.from())), owners, change.answering().orElse(known.answering()), Rules.TODAY, known.past(), known.seed());
    }

    private static Owners changed(Owners owners, Change change) {
        double days = change.sessions().isEmpty() ? owners.days() : Math.min(1, change.sessions().getAsInt() / (double) DAYS_A_WEEK);
        int sessions = change.sessions().isEmpty() ? owners.sessions() : Math.max(1, (int) Math.ceil(change.sessions().getAsInt() / (double) DAYS_A_WEEK));
        List<Owners.Person> alone = change.person().map(who -> owners.people().stream().filter(p -> p.name().equals(who)).toList()).filter(l -> !l.isEmpty()).orElse(owners.people());
        return new Owners(days, owners.regular(), sessions, alone, owners.places(), owners.forgets());
    }

    /** So many days show nine in ten of them to the goal, with some room. */
    static int days(Rehearsal walked) {
        double shown = walked.weeks(0.9).isPresent() ? DAYS_A_WEEK * walked.weeks(0.9).getAsDouble() + ROOM_DAYS : Rehearsal.MOST_DAYS;
        return (int) Math.max(DAYS_A_WEEK, Math.min(shown, Rehearsal.MOST_DAYS));
    }

    /** The strands with the real way before them. */
    static Drawing drawing(Known known, Rehearsal walked, int days, String alt) {
        double goal = known.plan().steps().size();
        double apart = Known.apart(known.steps().size());
        double last = goal - 1;
        List<List<Bundle.Point>> strands = walked.walks().stream().map(w -> {
            List<Bundle.Point> points = new ArrayList<>(List.of(new Bundle.Point(0, walked.plan().steps().get(walked.from()).level() / apart)));
            w.points().forEach(p -> points.add(new Bundle.Point(p.day() + 1, Math.min(last, p.level() / apart))));
            if (w.done()) {
                points.add(new Bundle.Point(w.days(), goal));
            }
            return points;
        }).toList();
        return Bundle.of(known.steps(), known.real(), strands, days, alt);
    }

    /** Who practised lately, how often and where; as most do where nobody did. */
    private static Owners owners(List<KeptRep> reps, Map<String, Double> handicaps, Map<String, String> people, LocalDate today, ZoneId zone) {
        List<KeptRep> lately = reps.stream().filter(r -> r.happenedAt().atZone(zone).toLocalDate().isAfter(today.minusDays(LATELY_DAYS))).toList();
        if (lately.isEmpty()) {
            String somebody = people.keySet().stream().findFirst().orElse("0");
            return new Owners(USUAL_DAYS, false, 1, List.of(new Owners.Person(somebody, 1, 0)), List.of("home"), FORGETS);
        }
        LocalDate first = reps.stream().map(r -> r.happenedAt().atZone(zone).toLocalDate()).min(LocalDate::compareTo).orElse(today);
        long days = Math.max(1, Math.min(LATELY_DAYS, ChronoUnit.DAYS.between(first, today) + 1));
        long practised = lately.stream().map(r -> r.happenedAt().atZone(zone).toLocalDate()).distinct().count();
        long sittings = lately.stream().map(KeptRep::sittingId).distinct().count();
        Map<String, Long> by = lately.stream().collect(Collectors.groupingBy(r -> Long.toString(r.personId() == null ? 0 : r.personId()), TreeMap::new, Collectors.mapping(KeptRep::sittingId, Collectors.collectingAndThen(Collectors.toSet(), s -> (long) s.size()))));
        List<Owners.Person> who = by.entrySet().stream().map(e -> new Owners.Person(e.getKey(), e.getValue(), handicaps.getOrDefault(e.getKey(), 0.0))).toList();
        List<String> places = lately.stream().map(r -> r.placeId() == null ? "home" : Long.toString(r.placeId())).distinct().sorted().toList();
        return new Owners(Math.min(1, practised / (double) days), false, (int) Math.max(1, Math.round(sittings / (double) practised)), who, places, FORGETS);
    }

    /** By how many logits it goes worse with each person than with the best, drawn in where there are few reps. */
    private static Map<String, Double> handicaps(List<KeptRep> reps) {
        Map<String, List<KeptRep>> by = reps.stream().filter(r -> r.role() == Role.WORK).collect(Collectors.groupingBy(r -> Long.toString(r.personId() == null ? 0 : r.personId())));
        double best = by.values().stream().filter(theirs -> theirs.size() >= ENOUGH_REPS).mapToDouble(Rehearsals::logit).max().orElse(0);
        Map<String, Double> handicaps = new TreeMap<>();
        by.forEach((person, theirs) -> {
            if (theirs.size() >= ENOUGH_REPS) {
                handicaps.put(person, (best - logit(theirs)) * theirs.size() / (theirs.size() + ENOUGH_REPS));
            }
        });
        return handicaps;
    }

    private static double logit(List<KeptRep> reps) {
        double clean = reps.stream().filter(r -> r.outcome() == Outcome.CLEAN).count();
        return Math.log((clean + 1) / (reps.size() - clean + 1));
    }

    private static List<Past> past(List<KeptRep> reps, Map<Long, Integer> levels, double apart, Map<String, Double> handicaps, LocalDate today, ZoneId zone) {
        record Part(UUID sitting, long step) {
        }
        Map<Part, List<KeptRep>> parts = reps.stream().filter(r -> r.role() == Role.WORK).collect(Collectors.groupingBy(r -> new Part(r.sittingId(), r.stepId()), LinkedHashMap::new, Collectors.toList()));
        return parts.entrySet().stream().map(e -> {
            KeptRep first = e.getValue().get(0);
            int before = (int) Math.max(0, ChronoUnit.DAYS.between(first.happenedAt().atZone(zone).toLocalDate(), today));
            return new Past(before, apart * Objects.requireNonNull(levels.get(e.getKey().step())), first.placeId() == null ? "home" : Long.toString(first.placeId()),
                    handicaps.getOrDefault(Long.toString(first.personId() == null ? 0 : first.personId()), 0.0), e.getValue().stream().map(KeptRep::outcome).toList());
        }).toList();
    }

    private List<Bundle.Point> real(TrackSteps map, Map<Long, Integer> levels, LocalDate today, ZoneId zone) {
        List<Bundle.Point> real = new ArrayList<>();
        for (Stay stay : tracks.visits(map.track())) {
            Integer level = levels.get(stay.stepId());
            int day = (int) ChronoUnit.DAYS.between(today, stay.enteredAt().atZone(zone).toLocalDate());
            if (level != null) {
                if (day <= -PAST_DAYS) {
                    real.clear(); // what was before the edge is where it begins
                }
                real.add(new Bundle.Point(Math.max(-PAST_DAYS, day), level));
            }
        }
        return real;
    }

    /** As the track says; else by the rhythm of the lessons. */
    private static Answering answering(TrackSteps map, Facts facts) {
        if (map.track().movesOn() == MovesOn.OWNER) {
            return Answering.OWNER_MOVES_ON;
        }
        List<Instant> starts = facts.lessons().stream().filter(l -> l.state() != Lesson.State.MISSED).map(Lesson::startsAt).sorted().toList();
        double days = starts.size() < 2 ? DAYS_A_WEEK : Duration.between(starts.get(0), starts.get(starts.size() - 1)).toHours() / 24.0 / (starts.size() - 1);
        return days <= WEEKLY_UNTIL_DAYS ? Answering.WEEKLY : Answering.FORTNIGHTLY;
    }
}
