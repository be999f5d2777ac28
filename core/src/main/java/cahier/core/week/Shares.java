package cahier.core.week;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** How many sessions of each track the household's minutes allow: day by day in turns, another track beginning each day. */
final class Shares {

    private Shares() {
    }

    /** Sessions of the week by the track's id; all that are asked for where the minutes do for them. */
    static Map<Long, Integer> of(Week week, List<Opening> openings) {
        Map<Long, Integer> shares = new HashMap<>();
        List<Dose> doses = week.doses();
        doses.forEach(d -> shares.put(d.trackId(), 0));
        for (int day = 0; day < Week.DAYS; day++) {
            int left = week.minutesADay() - (day == 0 ? week.spent() : 0);
            for (int round = 0; round < Dose.MOST_A_DAY; round++) {
                for (int i = 0; i < doses.size(); i++) {
                    Dose dose = doses.get((i + day) % doses.size());
                    if (round < asked(day, dose, openings) && dose.minutes() <= left) {
                        shares.merge(dose.trackId(), 1, Integer::sum);
                        left -= dose.minutes();
                    }
                }
            }
        }
        return shares;
    }

    /** Sessions a track asks for. */
    static int asked(Dose dose, List<Opening> openings) {
        return IntStream.range(0, Week.DAYS).map(day -> asked(day, dose, openings)).sum();
    }

    /** On the first day no more than the hours that are left of it hold: nobody wants to read each evening what the day had no time for. */
    private static int asked(int day, Dose dose, List<Opening> openings) {
        return day == 0 ? Room.on(0, dose, openings.stream().filter(o -> o.free() >= dose.minutes()).toList()) : dose.left(day);
    }
}
