package cahier.app.erasure;

import cahier.app.scope.PracticeId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long a practice keeps what was written; {@link Retention} carries it out. */
@Service
@Transactional
public class Keeping {

    private final ErasureMapper mapper;

    Keeping(ErasureMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * In months; none for good.
     *
     * @param reps after which who, where and when of what was logged goes and the figures of each day stay, 12 to 120
     * @param health after which notes on the health of a dog that is gone, or of a closed household, go, 12 to 120
     * @param questions after which answered questions go, 1 to 120
     * @param mail after which mails go, 1 to 120
     */
    public record Kept(@Nullable Integer reps, @Nullable Integer health, @Nullable Integer questions, @Nullable Integer mail) {

        static final Kept FOR_GOOD = new Kept(null, null, null, null);

        /** Whether nothing goes by itself. */
        public boolean isForGood() {
            return reps == null && health == null && questions == null && mail == null;
        }
    }

    @Transactional(readOnly = true)
    public Kept of(PracticeId practice) {
        return mapper.kept(practice).orElse(Kept.FOR_GOOD); // a row of nothing but nulls is none to the mapper
    }

    public void keep(PracticeId practice, Kept kept) {
        mapper.keep(practice, kept);
    }
}
