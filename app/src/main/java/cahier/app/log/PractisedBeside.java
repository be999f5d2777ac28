package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When somebody last practised what no step measures: met something, left the dog alone, touched it, walked out and back, sat and watched. Who does so is not silent (docs/rules.md 20). */
@Service
@Transactional(readOnly = true)
public class PractisedBeside {

    private static final List<String> TABLES = List.of("exposure", "departure", "touch", "outing", "watching_tap");
    private static final long ANY = 0;

    private final BesideMapper mapper;

    PractisedBeside(BesideMapper mapper) {
        this.mapper = mapper;
    }

    /** By household, of those that noted anything since then. */
    public Map<Long, Instant> latest(PracticeId practice, Instant since) {
        return mapper.latest(practice, ANY, TABLES, since).stream().collect(Collectors.toMap(BesideMapper.Latest::householdId, BesideMapper.Latest::at));
    }

    public Optional<Beside> latestOf(PracticeId practice, long household, Instant since) {
        return mapper.latest(practice, household, TABLES, since).stream().map(l -> new Beside(l.at(), switch (l.log()) {
            case "departure" -> "/alone";
            case "touch" -> "/handling";
            default -> "/distances";
        })).findFirst();
    }

    /**
     * The latest of a household.
     *
     * @param page where it stands, behind the household's own
     */
    public record Beside(Instant at, String page) {
    }
}
