package cahier.app.log;

import cahier.app.scope.PracticeId;
import cahier.core.coach.EarlySign;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a worried dog showed before it was too much (docs/rules.md 5). */
@Service
@Transactional
public class EarlySigns {

    private final EarlySignMapper signs;

    EarlySigns(EarlySignMapper signs) {
        this.signs = signs;
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, long household, UUID id, long dog, EarlySign sign, Instant at, Instant now) {
        signs.insert(practice, household, id, dog, sign, at, now);
    }

    /**
     * Those of a dog lately, the most frequent first.
     *
     * @param words "looked away 3, yawned 1"; empty where none was seen
     */
    public record Lately(int times, String words) {

        /** Whether they ask for something easier. */
        public boolean areMany() {
            return EarlySign.areMany(times);
        }
    }

    @Transactional(readOnly = true)
    public Lately lately(PracticeId practice, long household, long dog, Instant now) {
        List<EarlySignMapper.Seen> seen = signs.since(practice, household, dog, now.minus(Duration.ofDays(EarlySign.DAYS)));
        return new Lately(seen.stream().mapToInt(EarlySignMapper.Seen::times).sum(), seen.stream().map(s -> s.sign().words().toLowerCase(Locale.ROOT) + " " + s.times()).collect(Collectors.joining(", ")));
    }
}
