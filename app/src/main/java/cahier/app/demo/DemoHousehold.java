package cahier.app.demo;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.demo.DemoFile.Sat;
import cahier.app.demo.DemoFile.Stay;
import cahier.app.demo.DemoFile.Trail;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.household.Word;
import cahier.app.incident.Incident;
import cahier.app.incident.Incidents;
import cahier.app.judge.Answers;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.JudgingRound;
import cahier.app.log.Ending;
import cahier.app.log.HowEnded;
import cahier.app.log.NewRep;
import cahier.app.log.RepLog;
import cahier.app.roadmap.Starts;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.shelf.Shelf;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.week.FreeHours;
import cahier.app.week.Weeks;
import cahier.core.decide.Decision;
import cahier.core.gate.Topic;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import cahier.core.words.Signal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lives one household's last weeks through the application's own services, so that the demo holds nothing a user could not have made. */
@Component
class DemoHousehold {

    private static final double PRACTISES = 0.8;
    private static final int SECONDS_A_REP = 25;
    private static final LocalTime FIRST_VISIT = LocalTime.of(9, 0);
    private static final LocalTime EVENING = LocalTime.of(18, 10);
    private static final LocalTime DECIDED_AT = LocalTime.of(20, 30);
    static final Map<Character, Outcome> LETTERS = Map.of('c', Outcome.CLEAN, 'h', Outcome.HELPED, 'm', Outcome.MISSED, 't', Outcome.TOO_MUCH);

    private final Households households;
    private final Tracks tracks;
    private final Shelf shelf;
    private final Starts starts;
    private final RepLog log;
    private final Judgements judgements;
    private final JudgingRound round;
    private final Answers answers;
    private final Homeworks homeworks;
    private final OwnerLinks links;
    private final DemoIntake intake;
    private final Incidents incidents;
    private final DemoOutdoors outdoors;
    private final DemoWorried worried;
    private final FreeHours hours;
    private final Weeks weeks;
    private final Alarms alarms;

    DemoHousehold(Households households, Tracks tracks, Shelf shelf, Starts starts, RepLog log, Judgements judgements, JudgingRound round, Answers answers, Homeworks homeworks,
                  OwnerLinks links, DemoIntake intake, Incidents incidents, DemoOutdoors outdoors, DemoWorried worried, FreeHours hours, Weeks weeks, Alarms alarms) {
        this.alarms = alarms;
        this.households = households;
        this.tracks = tracks;
        this.shelf = shelf;
        this.starts = starts;
        this.log = log;
        this.judgements = judgements;
        this.round = round;
        this.answers = answers;
        this.homeworks = homeworks;
        this.links = links;
        this.intake = intake;
        this.incidents = incidents;
        this.outdoors = outdoors;
        this.worried = worried;
        this.hours = hours;
        this.weeks = weeks;
    }

    private static Household bare(PracticeId practice, DemoFile.House house, ZoneId zone) {
        return Household.fresh(practice, house.name(), house.home(), zone.getId(), house.cautions());
    }

    @Transactional
    public void load(TrainerUser trainer, DemoFile.House house, ZoneId zone, Random random, Instant now) {
        PracticeId practice = trainer.practice();
        LocalDate today = now.atZone(zone).toLocalDate();
        long id = households.add((house.shared() ? bare(practice, house, zone) : bare(practice, house, zone).of(trainer))
                .calling(house.emergency() == null ? "" : house.emergency(), house.emergencyPhone() == null ? "" : house.emergencyPhone()));
        house.people().stream().sorted(Comparator.comparing(p -> p.adult() != null)).forEach(p -> {
            Person person = Person.of(p.name(), p.age(), true, p.note(), p.email() == null ? "" : p.email())
                    .reached(p.phone() == null ? "" : p.phone(), households.facts(practice, id).people().stream().filter(a -> a.name().equals(p.adult())).map(Person::id).findFirst().orElse(null));
            households.put(practice, id, person.isChild() ? person.agreed() : person);
        });
        house.dogs().forEach(d -> households.put(practice, id, new Dog(0, d.name(), d.looks(), d.born(today), d.weightG(), 0)));
        house.places().forEach(p -> households.put(practice, id, new Place(0, p.name(), p.difficulty(), "", "", "garden".equals(p.name()), true, p.note(), HomeKind.isOutdoors(p.name()), p.busy() == null ? "" : p.busy(), 0)));
        house.words().forEach(w -> households.put(practice, id, new Word(0, w.word(), w.meaning(), null, Signal.VOICE, w.role() == null ? Word.Role.CUE : w.role(), 0)));
        house.lessons().forEach(l -> households.put(practice,
                new Lesson(0, id, today.plusDays(l.day()).atTime(l.at()).atZone(zone).toInstant(), l.minutes(), l.plan(), l.travel(), l.day() < 0 ? Lesson.State.GIVEN : Lesson.State.PLANNED, 0)));
        links.keep(practice, id, house.token(), today.minusDays(35).atTime(DECIDED_AT).atZone(zone).toInstant());
        if (house.intake() != null) {
            DemoFile.Meeting first = house.lessons().get(0);
            intake.load(trainer, households.facts(practice, id), house.intake(), today, today.plusDays(first.day()).atTime(first.at()).atZone(zone).toInstant());
        }
        if (house.happened() != null) {
            house.happened().forEach(h -> happen(practice, id, h, today, zone));
        }
        if (house.alarms() != null) {
            house.alarms().forEach(a -> call(trainer, households.facts(practice, id), a, today));
        }
        Life life = new Life(trainer, households.facts(practice, id), today, random);
        if (house.outdoors() != null) {
            life.logged(outdoors.load(trainer, households.facts(practice, id), house.outdoors(), today));
        }
        if (house.worried() != null) {
            life.logged(worried.load(trainer, households.facts(practice, id), house.worried(), today));
        }
        house.tracks().forEach(life::plan);
        house.lessons().stream().filter(l -> l.day() < 0).forEach(life::issueAfter);
        life.live();
        homeworks.issue(trainer, id, today.minusDays(1).atTime(DECIDED_AT).plusMinutes(5).atZone(zone).toInstant());
        round.round(practice, now);
        if (house.hours() != null) {
            plan(practice, id, house.hours(), now);
        }
    }

    /** Hours by the person's name, or by whom else they are. */
    private void plan(PracticeId practice, long household, Map<String, String> typed, Instant now) {
        Map<String, Long> people = households.facts(practice, household).people().stream().collect(Collectors.toMap(Person::name, Person::id));
        hours.put(practice, household, typed.entrySet().stream().collect(Collectors.toMap(e -> people.containsKey(e.getKey()) ? "p" + people.get(e.getKey()) : e.getKey(), Map.Entry::getValue)));
        weeks.plan(practice, household, now);
    }

    private void call(TrainerUser trainer, Facts facts, DemoFile.Called c, LocalDate today) {
        Instant at = today.plusDays(c.day()).atTime(c.at()).atZone(facts.household().zone()).toInstant();
        Dog dog = facts.dogs().stream().filter(d -> d.name().equals(c.dog())).findFirst().orElseThrow();
        UUID id = UUID.nameUUIDFromBytes((facts.household().name() + c.day() + c.what()).getBytes(StandardCharsets.UTF_8));
        alarms.raise(trainer.practice(), Alarm.raised(id, facts.household().id(), dog.id(), dog.name(), c.kind(), c.what(), at), at);
        alarms.answer(trainer, id, c.with(), c.answer(), at.plus(2, ChronoUnit.HOURS));
    }

    private void happen(PracticeId practice, long household, DemoFile.Happened h, LocalDate today, ZoneId zone) {
        Instant at = today.plusDays(h.day()).atTime(h.at()).atZone(zone).toInstant();
        Long place = households.facts(practice, household).places().stream().filter(p -> p.name().equals(h.where())).map(Place::id).findFirst().orElse(null);
        UUID id = UUID.nameUUIDFromBytes((household + " " + at).getBytes(StandardCharsets.UTF_8));
        incidents.keep(practice, new Incident(id, household, h.kind(), h.went(), h.distanceM(), place, "", h.words(), at), at);
    }

    /** One household's tracks, day by day and in the order of time. */
    private final class Life {

        private final TrainerUser trainer;
        private final Facts facts;
        private final LocalDate today;
        private final Random random;
        private final List<DemoEvent> events = new ArrayList<>();

        Life(TrainerUser trainer, Facts facts, LocalDate today, Random random) {
            this.trainer = trainer;
            this.facts = facts;
            this.today = today;
            this.random = random;
        }

        void live() {
            events.stream().sorted(Comparator.comparing(DemoEvent::at)).forEach(e -> e.happens().run());
        }

        /** What was logged beside the tracks; the steps that measure by it are judged when its session has closed. */
        void logged(List<DemoEvent> beside) {
            events.addAll(beside);
            beside.stream().map(DemoEvent::until).distinct().filter(end -> beside.stream().noneMatch(e -> e.at().equals(end)))
                    .forEach(end -> events.add(new DemoEvent(end, () -> tracks.ofHousehold(trainer.practice(), facts.household().id()).stream().filter(m -> m.current().filter(s -> s.measure().isPresent()).isPresent())
                            .forEach(m -> round.track(trainer.practice(), m.track().id(), end)))));
        }

        void issueAfter(DemoFile.Meeting lesson) {
            Instant end = at(lesson.day(), lesson.at()).plusSeconds(60L * lesson.minutes());
            events.add(new DemoEvent(end, () -> homeworks.issue(trainer, facts.household().id(), end)));
        }

        void plan(Trail way) {
            Dog dog = facts.dogs().stream().filter(d -> d.name().equals(way.dog())).findFirst().orElseThrow();
            Instant from = at(way.stays().get(0).from(), FIRST_VISIT);
            long track = way.template() == null ? own(way, dog.id(), from) : started(way, way.template(), dog, from);
            way.stays().forEach(stay -> plan(track, stay));
        }

        private long own(Trail way, long dog, Instant from) {
            Track track = Track.fresh(trainer.practice(), facts.household().id(), dog, Objects.requireNonNull(way.title()), Objects.requireNonNull(way.goal()), way.plan(), Objects.requireNonNull(way.kind()),
                    way.topic() == null ? Topic.EVERYDAY : way.topic(), "", "");
            return tracks.add(trainer.practice(), track, Objects.requireNonNull(way.steps()).stream().map(KeyedPlan::own).toList(), from);
        }

        private long started(Trail way, String template, Dog dog, Instant from) {
            long id = starts.start(trainer.practice(), facts.household().id(), dog, template, shelf.find(template).orElseThrow(), from);
            Track made = tracks.get(trainer.practice(), id).track();
            tracks.save(trainer.practice(), made.withPlan(way.plan()), from);
            return id;
        }

        private void plan(long track, Stay stay) {
            Double clean = stay.clean();
            if (clean != null) {
                int until = stay.to() == null ? 0 : stay.to();
                for (int day = stay.from() + 1; day < until; day++) {
                    int made = day;
                    LocalTime time = EVENING.plusMinutes(random.nextInt(50));
                    if (random.nextDouble() < PRACTISES) {
                        events.add(new DemoEvent(at(day, time), () -> sit(track, madeUp(track, made, time, clean))));
                    }
                }
            }
            if (stay.sessions() != null) {
                stay.sessions().forEach(sat -> events.add(new DemoEvent(at(sat.day(), sat.at()), () -> sit(track, sat))));
            }
            Decision end = stay.end();
            if (end != null && stay.to() != null) {
                Instant time = at(stay.to(), DECIDED_AT);
                events.add(new DemoEvent(time, () -> decide(track, end, time)));
            }
        }

        private Sat madeUp(long track, int day, LocalTime time, double clean) {
            StringBuilder reps = new StringBuilder();
            int dose = tracks.get(trainer.practice(), track).current().orElseThrow().plan().reps();
            for (int i = 0; i < dose; i++) {
                double luck = random.nextDouble();
                reps.append(luck < clean ? 'c' : luck < clean + (1 - clean) / 2 ? 'h' : 'm');
            }
            String who = facts.people().get(random.nextInt(Math.min(2, facts.people().size()))).name();
            String where = facts.places().get(random.nextInt(Math.min(2, facts.places().size()))).name();
            return new Sat(day, time, who, where, reps.toString(), null);
        }

        private void sit(long track, Sat sat) {
            long step = tracks.get(trainer.practice(), track).current().orElseThrow().id();
            Long who = facts.people().stream().filter(p -> p.name().equals(sat.who())).findFirst().orElseThrow().id();
            Long where = facts.places().stream().filter(p -> p.name().equals(sat.where())).findFirst().orElseThrow().id();
            UUID sitting = uuid();
            Instant time = at(sat.day(), sat.at());
            List<NewRep> reps = new ArrayList<>();
            for (char letter : sat.reps().toCharArray()) {
                reps.add(new NewRep(uuid(), sitting, track, step, Objects.requireNonNull(LETTERS.get(letter)), Role.WORK, time, who, where));
                time = time.plusSeconds(SECONDS_A_REP);
            }
            log.store(facts.household(), reps, null, time);
            boolean stopped = sat.reps().contains("t");
            log.end(facts.household(), sitting, time, Ending.of(stopped ? HowEnded.STOPPED : HowEnded.EAGER, sat.note() == null ? "" : sat.note()), time);
            round.track(trainer.practice(), track, time);
        }

        /** Accepts when the rules say the same, otherwise overrules with what was seen at the lesson. */
        private void decide(long track, Decision wanted, Instant time) {
            TrackSteps roadmap = tracks.get(trainer.practice(), track);
            Decided open = judgements.open(trainer.practice(), track).orElseThrow();
            if (open.suggested() == wanted) {
                answers.accept(trainer, open.id(), open.version(), time);
            } else {
                answers.overrule(trainer, open.id(), open.version(), wanted, "Seen at the lesson, " + roadmap.track().dogName() + " is ready", time);
            }
        }

        private Instant at(int day, LocalTime time) {
            return today.plusDays(day).atTime(time).atZone(facts.household().zone()).toInstant();
        }

        private UUID uuid() {
            return new UUID(random.nextLong() & ~0xF000L | 0x4000L, random.nextLong() & 0x3FFFFFFFFFFFFFFFL | 0x8000000000000000L);
        }
    }
}
