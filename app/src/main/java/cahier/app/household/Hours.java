package cahier.app.household;

import cahier.app.language.Words;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Hours of every week, as people write them: "Mon-Fri 7:00-8:00, 18-20; Sat 10:00-12:00", "daily 17-19". Minutes from midnight, the end not included.
 *
 * @param slots earliest first, Monday first
 */
public record Hours(List<Slot> slots) {

    public static final Hours NONE = new Hours(List.of());
    private static final int LONGEST = 300;
    private static final int DAY = 1440;
    private static final int HOUR = 60;
    private static final Pattern TIMES = Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?-(\\d{1,2})(?:[:.](\\d{2}))?");
    private static final Map<String, DayOfWeek> DAYS = Arrays.stream(DayOfWeek.values()).collect(Collectors.toMap(d -> d.name().substring(0, 3), d -> d));

    /** Part of one day of the week. */
    public record Slot(DayOfWeek day, int from, int to) {
    }

    public Hours {
        slots = List.copyOf(slots);
    }

    /** Reads what was typed; nothing is no hours. */
    public static Hours parse(String typed) {
        if (typed.length() > LONGEST) {
            throw new IllegalArgumentException(Words.say("household.Hours.hours-must-be-at-most", LONGEST, typed.length()));
        }
        Set<Slot> slots = new TreeSet<>(Comparator.comparing(Slot::day).thenComparingInt(Slot::from).thenComparingInt(Slot::to));
        for (String part : typed.split("[;\\n]")) {
            if (!part.isBlank()) {
                slots.addAll(part(part.strip()));
            }
        }
        return new Hours(List.copyOf(slots));
    }

    private static List<Slot> part(String part) {
        String plain = part.replaceAll("\\s*(?:[–—-]|\\bto\\b)\\s*", "-").replace(",", " ").strip();
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        List<int[]> times = new ArrayList<>();
        for (String word : plain.split("\\s+")) {
            Matcher time = TIMES.matcher(word);
            if (time.matches()) {
                times.add(times(time, word));
            } else {
                days.addAll(days(word, part));
            }
        }
        if (times.isEmpty()) {
            throw new IllegalArgumentException(Words.say("household.Hours.hours-must-say-from-when", part));
        }
        Set<DayOfWeek> on = days.isEmpty() ? EnumSet.allOf(DayOfWeek.class) : days;
        return on.stream().flatMap(d -> times.stream().map(t -> new Slot(d, t[0], t[1]))).toList();
    }

    private static int[] times(Matcher m, String word) {
        int from = minutes(m.group(1), m.group(2), word);
        int to = minutes(m.group(3), m.group(4), word);
        if (to <= from) {
            throw new IllegalArgumentException(Words.say("household.Hours.hours-must-end-after-they", word));
        }
        return new int[] {from, to};
    }

    private static int minutes(String hour, String minute, String word) {
        int at = Integer.parseInt(hour) * HOUR + (minute == null ? 0 : Integer.parseInt(minute));
        if (at > DAY || minute != null && Integer.parseInt(minute) >= HOUR) {
            throw new IllegalArgumentException(Words.say("household.Hours.a-time-must-be-from", word));
        }
        return at;
    }

    private static Set<DayOfWeek> days(String word, String part) {
        String name = word.toUpperCase(Locale.ROOT);
        if (name.equals("DAILY")) {
            return EnumSet.allOf(DayOfWeek.class);
        }
        String[] ends = name.split("-");
        DayOfWeek first = DAYS.get(cut(ends[0]));
        DayOfWeek last = ends.length == 2 ? DAYS.get(cut(ends[1])) : first;
        if (ends.length > 2 || first == null || last == null) {
            throw new IllegalArgumentException(Words.say("household.Hours.a-day-must-be-mon", word, part));
        }
        Set<DayOfWeek> days = EnumSet.of(first);
        for (DayOfWeek day = first; day != last; day = day.plus(1)) {
            days.add(day.plus(1));
        }
        return days;
    }

    private static String cut(String name) {
        return name.length() > 3 ? name.substring(0, 3) : name;
    }

    public boolean isEmpty() {
        return slots.isEmpty();
    }

    public List<Slot> on(LocalDate day) {
        return slots.stream().filter(s -> s.day() == day.getDayOfWeek()).toList();
    }

    /** "Mon-Fri 7:00-8:00, 18:00-20:00; Sat 10:00-12:00": what {@link #parse} reads again. */
    public String words() {
        Map<DayOfWeek, String> byDay = slots.stream().collect(Collectors.groupingBy(Slot::day, TreeMap::new,
                Collectors.mapping(s -> time(s.from()) + "-" + time(s.to()), Collectors.joining(", "))));
        Map<String, List<DayOfWeek>> byTimes = byDay.entrySet().stream().collect(Collectors.groupingBy(Map.Entry::getValue, LinkedHashMap::new, Collectors.mapping(Map.Entry::getKey, Collectors.toList())));
        return byTimes.entrySet().stream().map(e -> names(e.getValue()) + " " + e.getKey()).collect(Collectors.joining("; "));
    }

    private static String names(List<DayOfWeek> days) {
        if (days.size() == DayOfWeek.values().length) {
            return "daily";
        }
        List<String> rows = new ArrayList<>();
        for (int i = 0; i < days.size();) {
            int j = i;
            while (j + 1 < days.size() && days.get(j + 1).getValue() == days.get(j).getValue() + 1) {
                j++;
            }
            rows.add(j - i >= 2 ? name(days.get(i)) + "-" + name(days.get(j)) : days.subList(i, j + 1).stream().map(Hours::name).collect(Collectors.joining(" ")));
            i = j + 1;
        }
        return String.join(" ", rows);
    }

    private static String name(DayOfWeek day) {
        return day.name().charAt(0) + day.name().substring(1, 3).toLowerCase(Locale.ROOT);
    }

    private static String time(int minute) {
        return minute / HOUR + ":" + String.format("%02d", minute % HOUR);
    }
}
