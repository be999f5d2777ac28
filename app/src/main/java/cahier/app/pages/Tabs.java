package cahier.app.pages;

import cahier.app.scope.PracticeId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which sections of a household's book its dogs need; the others stand behind one tab until they are asked for. */
@Service("tabs")
@Transactional(readOnly = true)
public class Tabs {

    private static final List<String> ALL = List.of("distances", "alone", "handling");

    private final TabsMapper tabs;

    Tabs(TabsMapper tabs) {
        this.tabs = tabs;
    }

    /** Those that stand in sight, the open one among them, and those behind. */
    public record Sections(List<String> shown, List<String> behind) {
    }

    /** @param open the section that is open, of these or another */
    public Sections of(PracticeId practice, long household, String open) {
        Set<String> needed = tabs.needed(practice, household);
        Map<Boolean, List<String>> split = ALL.stream().collect(Collectors.partitioningBy(s -> needed.contains(s) || s.equals(open)));
        return new Sections(split.getOrDefault(true, List.of()), split.getOrDefault(false, List.of()));
    }
}
