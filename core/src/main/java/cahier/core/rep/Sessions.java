package cahier.core.rep;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;

/** Sorts the reps of one dog into sessions (docs/rules.md 1). */
public final class Sessions {

    /** Sittings of the same dog, person and place closer than this are one session. */
    public static final Duration SAME_SESSION = Duration.ofMinutes(15);
    /** Without a rep for this long a session is over. */
    public static final Duration CLOSES_AFTER = Duration.ofMinutes(30);
    /** A rep this long after the track's previous one is a cold one. */
    public static final Duration COLD_AFTER = Duration.ofHours(3);

    private Sessions() {
    }

    /**
     * The sessions of one track, oldest first.
     *
     * @param ofDog every rep of the dog that is not voided, any track, any order: a session may span tracks
     * @param track the track whose reps are wanted
     * @param wanted which of its reps, say those of one visit; sessions without such a rep are left out
     * @param zone the household's, which decides the calendar day
     */
    public static List<Session> ofTrack(List<LoggedRep> ofDog, long track, Predicate<LoggedRep> wanted, ZoneId zone) {
        List<Session> sessions = new ArrayList<>();
        Map<UUID, Boolean> cold = coldReps(ofDog, track);
        for (List<LoggedRep> group : merged(sittings(ofDog))) {
            List<LoggedRep> kept = group.stream().filter(r -> r.track() == track).filter(wanted).toList();
            if (!kept.isEmpty()) {
                List<Rep> reps = kept.stream().map(LoggedRep::rep).sorted(Rep.IN_ORDER).toList();
                boolean coldStart = reps.stream().filter(Rep::isWork).findFirst()
                        .map(first -> cold.getOrDefault(first.id(), false)).orElse(false);
                sessions.add(new Session(kept.get(0).person(), kept.get(0).place(),
                        reps.get(0).at().atZone(zone).toLocalDate(), coldStart, reps));
            }
        }
        sessions.sort(Comparator.comparing(s -> s.reps().get(0), Rep.IN_ORDER));
        return List.copyOf(sessions);
    }

    /** A WORK rep is cold when no rep of the track, whatever its role, came in the 3 hours before it. */
    private static Map<UUID, Boolean> coldReps(List<LoggedRep> ofDog, long track) {
        Map<UUID, Boolean> cold = new LinkedHashMap<>();
        Instant previous = Instant.MIN;
        for (Rep rep : ofDog.stream().filter(r -> r.track() == track).map(LoggedRep::rep).sorted(Rep.IN_ORDER).toList()) {
            boolean rested = previous.equals(Instant.MIN) || !rep.at().isBefore(previous.plus(COLD_AFTER));
            cold.put(rep.id(), rested && rep.isWork());
            previous = rep.at();
        }
        return cold;
    }

    private record Where(String person, String place) {
        static Where of(LoggedRep rep) {
            return new Where(rep.person(), rep.place());
        }
    }

    private record SittingKey(UUID sitting, Where where) {
    }

    private static List<List<LoggedRep>> sittings(List<LoggedRep> reps) {
        Map<SittingKey, List<LoggedRep>> bySitting = new LinkedHashMap<>();
        reps.stream().sorted(Comparator.comparing(LoggedRep::rep, Rep.IN_ORDER)).forEach(r ->
                bySitting.computeIfAbsent(new SittingKey(r.sitting(), Where.of(r)), k -> new ArrayList<>()).add(r));
        return List.copyOf(bySitting.values());
    }

    private static List<List<LoggedRep>> merged(List<List<LoggedRep>> sittings) {
        Map<Where, List<LoggedRep>> open = new LinkedHashMap<>();
        List<List<LoggedRep>> sessions = new ArrayList<>();
        for (List<LoggedRep> sitting : sittings) {
            Where where = Where.of(sitting.get(0));
            List<LoggedRep> before = open.get(where);
            if (before != null && sitting.get(0).rep().at().isBefore(end(before).plus(SAME_SESSION))) {
                before.addAll(sitting);
            } else {
                List<LoggedRep> fresh = new ArrayList<>(sitting);
                open.put(where, fresh);
                sessions.add(fresh);
            }
        }
        return sessions;
    }

    private static Instant end(List<LoggedRep> session) {
        return session.stream().map(r -> r.rep().at()).max(Comparator.naturalOrder()).orElseThrow();
    }
}
