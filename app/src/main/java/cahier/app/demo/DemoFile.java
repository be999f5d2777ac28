package cahier.app.demo;

import cahier.app.alarm.Alarm;
import cahier.app.bench.Setup;
import cahier.app.household.HomeKind;
import cahier.app.household.Word;
import cahier.app.incident.Incident;
import cahier.app.intake.Equipment;
import cahier.app.track.StepPlan;
import cahier.core.coach.EarlySign;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Danger;
import cahier.core.gate.Mover;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The shape of demo/hollow-lane.yaml. Days are counted from today: -3 is three days ago. */
record DemoFile(String practice, String zone, String trainer, String email, String phone, String country, String password, Colleague colleague, long seed, List<House> households) {

    /** A second trainer of the practice, who signs in with the same password. */
    record Colleague(String name, String email, String phone) {
    }

    /** @param shared whether all trainers of the practice share it */
    record House(String name, boolean shared, String home, String cautions, @Nullable String emergency, @Nullable String emergencyPhone, String token, List<Who> people, List<Pup> dogs, List<Where> places,
                 List<Said> words, List<Meeting> lessons, @Nullable Map<String, String> hours, @Nullable Told intake, @Nullable List<Happened> happened, @Nullable List<Called> alarms, @Nullable Outdoors outdoors, @Nullable Worried worried, List<Trail> tracks) {
    }

    /** Something that happened for real; where names a place of the household. */
    record Happened(int day, LocalTime at, Incident.Kind kind, Incident.Went went, @Nullable Double distanceM, String where, String words) {
    }

    /** A stop and call that was answered two hours later. */
    record Called(int day, LocalTime at, String dog, Alarm.Kind kind, String what, String with, String answer) {
    }

    /** What was done outside. */
    record Outdoors(List<Outing> met, @Nullable List<Mark> landmarks, @Nullable List<Watched> watched, @Nullable List<Counted> counted, @Nullable List<Walked> walked, @Nullable List<Kept> setups) {
    }

    /**
     * One outing on which a dog met something.
     *
     * @param loudness of a noise, 1 to 5
     * @param set where the trainer had it work from that day on, in metres, if that was said
     * @param goal where it is to work in the end
     * @param what metres and a letter each, "24u 18r": u looked back unprompted, p prompted, s stared, r reacted
     */
    record Outing(int day, LocalTime at, String dog, Trigger kind, int loudness, @Nullable Double set, @Nullable Double goal, String what) {
    }

    record Mark(String name, double metres) {
    }

    /** @param what minutes from the beginning and a letter each, "2c 5a 9r 12cd": c passed and it was calm, r it reacted, behind it d a dog, p a person, o something else, a ate, n would not */
    record Watched(int day, LocalTime at, String dog, String place, int carried, @Nullable Double metres, String what) {
    }

    record Counted(int day, LocalTime at, String place, int dogs, int people, int others) {
    }

    /** @param places of a walk that went place by place; then there are no paces */
    record Walked(int day, LocalTime at, String dog, int paces, int calm, @Nullable Integer round, @Nullable List<String> places) {
    }

    /** @param address of the bench */
    record Kept(int day, String place, Setup.Kind kind, String address) {
    }

    /** What was watched, left and touched. */
    record Worried(@Nullable List<Alone> watches, @Nullable List<Left> departures, @Nullable List<Touched> touched, @Nullable List<Signed> signs, @Nullable List<Away> hours, @Nullable List<Comfort> comfort) {
    }

    /** @param spells one a line as a trainer types them */
    record Alone(int day, LocalTime at, String dog, String about, String spells) {
    }

    /** @param went seconds each, "5 12l20 40u22": lay down 20 s after the return; left 40 s, upset after 22 */
    record Left(int day, LocalTime at, String dog, String went) {
    }

    /** @param what a letter a touch: c calm, s stiff, f flinched, l left */
    record Touched(int day, LocalTime at, String dog, String zone, String what) {
    }

    /** An early sign that was seen. */
    record Signed(int day, LocalTime at, String dog, EarlySign sign) {
    }

    record Away(int weekday, LocalTime from, LocalTime to, String cover) {
    }

    /** @param zones comfort 0 to 4 by the zone's words */
    record Comfort(int day, String dog, Map<String, Integer> zones) {
    }

    /** What was told on the first visit. */
    record Told(HomeKind home, String tried, String askedFor, String otherAnimals, int minutes, String leads, List<Equipment> equipment,
                List<Wished> wishes, List<Cared> care, List<Flagged> flags, List<Danger> onSheet, List<Tested> tests) {
    }

    record Wished(String words, Topic topic, @Nullable Mover mover) {
    }

    record Cared(String dog, boolean neutered, String health, String food, int kcal, String motivators, String recallReward, String fears,
                 String history) {
    }

    record Flagged(String dog, RedFlag flag, String what) {
    }

    /** @param tries of a cold test: c clean, h helped, m missed, t too much */
    record Tested(String dog, String cue, int day, String tries) {
    }

    /** @param adult by name, who is there when a child practises */
    record Who(String name, @Nullable Integer age, @Nullable String email, @Nullable String phone, @Nullable String adult, String note) {
    }

    /** @param months age today */
    record Pup(String name, String looks, int months, int weightG) {

        LocalDate born(LocalDate today) {
            return today.minusMonths(months).minusDays(9);
        }
    }

    record Where(String name, int difficulty, String note, @Nullable String busy) {
    }

    record Said(String word, String meaning, Word.@Nullable Role role) {
    }

    record Meeting(int day, LocalTime at, int minutes, String plan, int travel) {
    }

    /**
     * One track and the way along it.
     *
     * @param template of the shelf, or none: then title, kind and steps are given
     * @param stays in order; the last one is where the dog is now
     */
    record Trail(String dog, @Nullable String template, @Nullable String title, @Nullable String goal, @Nullable TrackKind kind,
               @Nullable Topic topic, @Nullable List<StepPlan> steps, String plan, List<Stay> stays) {
    }

    /**
     * One stay on a step.
     *
     * @param from first day
     * @param to day on which it ended
     * @param clean chance of a CLEAN in the sessions that are made up
     * @param end how the trainer ended it; none for the last one
     * @param sessions written out, after the made-up ones
     */
    record Stay(int from, @Nullable Integer to, @Nullable Double clean, @Nullable Decision end, @Nullable List<Sat> sessions) {
    }

    /** @param reps c clean, h helped, m missed, t too much */
    record Sat(int day, LocalTime at, String who, String where, String reps, @Nullable String note) {
    }
}
