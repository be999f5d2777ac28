package cahier.app.log;

import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When somebody last practised what no step measures: met something, left the dog alone, touched it, walked out and back, sat and watched. Who does so is not silent (docs/rules.md 20). */
@Service
@Transactional(readOnly = true)
public class PractisedBeside {

    private static final List<String> TABLES = List.of("exposure", "departure", "touch", "outing", "watching_tap");

    private final BesideMapper mapper;

    PractisedBeside(BesideMapper mapper) {
        this.mapper = mapper;
    }

    public Optional<Beside> latestOf(PracticeId practice, long household, Instant since) {
        return mapper.latest(practice, household, TABLES, since).map(l -> new Beside(l.at(), switch (l.log()) {
            case "departure" -> "/alone";
            case "touch" -> "/handling";
            default -> "/distances";
        }));
    }

    /**
     * The latest of a household.
     *
     * @param page where it stands, behind the household's own
     */
    public record Beside(Instant at, String page) {
    }
}
