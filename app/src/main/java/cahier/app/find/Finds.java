package cahier.app.find;

import cahier.app.scope.PracticeId;
import cahier.app.web.Likeness;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what stands in the open households of a practice, by any part of it. */
@Service
@Transactional(readOnly = true)
public class Finds {

    /** More than this nobody reads. */
    public static final int MOST = 60;
    private static final int SHORTEST = 2;
    private static final int LONGEST = 80;
    private static final int ROOT = 3;
    private static final int AROUND = 40;
    /** "Toliver" is as like "Tolliver" as 0.58, "Pam" as "Pim" 0.33. */
    private static final double ALIKE = 0.45;

    private final FindMapper mapper;

    Finds(FindMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * Whatever has the words: as typed by any part of them, or in any order and form within a text; where nothing has, names that are written a little differently.
     *
     * @param typed with fewer than two letters nothing is looked for
     * @param most so many at most
     */
    public List<Found> with(PracticeId practice, String typed, int most) {
        String words = typed.strip();
        if (words.length() < SHORTEST || words.length() > LONGEST) {
            return List.of();
        }
        List<FindMapper.Hit> hits = mapper.with(practice, words, Likeness.anywhere(words), roots(words), most);
        return (hits.isEmpty() ? mapper.alike(practice, words, ALIKE, most) : hits).stream()
                .map(h -> new Found(h.kind(), h.householdId(), h.household(), h.kind().address(h.householdId(), h.id()), says(h, words))).toList();
    }

    /** {"%tr_%"} of "try": a form of a word begins as it does, but for y that turns into i. */
    private static String roots(String words) {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")).filter(w -> !w.isEmpty()).map(w -> w.substring(0, Math.min(ROOT, w.length())).replaceAll("[yi]", "_"))
                .map(w -> "\"%" + w + "%\"").collect(Collectors.joining(",", "{", "}"));
    }

    /** "Marit", "Marit: … the back gate is never locked …" */
    private static String says(FindMapper.Hit hit, String words) {
        int at = hit.text().toLowerCase(Locale.ROOT).indexOf(words.toLowerCase(Locale.ROOT));
        if (at < 0) {
            return hit.title() + (hit.title().isEmpty() || hit.around().isEmpty() ? "" : ": ") + hit.around();
        }
        int from = at <= AROUND ? 0 : Math.min(at, hit.text().indexOf(' ', at - AROUND) + 1);
        int end = at + words.length();
        int to = hit.text().length() - end <= AROUND ? hit.text().length() : Math.max(end, hit.text().lastIndexOf(' ', end + AROUND));
        String around = (from > 0 ? "…" : "") + hit.text().substring(from, to).strip() + (to < hit.text().length() ? "…" : "");
        return hit.title().isEmpty() ? around : hit.title() + ": " + around;
    }
}
