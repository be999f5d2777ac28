package cahier.app.erasure;

import cahier.app.audit.Audited;
import cahier.app.closing.Closings;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Households that were asked to be erased: closed at once, gone within seconds by {@link ErasureRound}. */
@Service
@Transactional
public class Erasures {

    private final ErasureMapper erasures;
    private final Closings closings;
    private final ObjectMapper json;
    private final ApplicationEventPublisher events;

    Erasures(ErasureMapper erasures, Closings closings, ObjectMapper json, ApplicationEventPublisher events) {
        this.erasures = erasures;
        this.closings = closings;
        this.json = json;
        this.events = events;
    }

    /**
     * An erasure: of a household that is known by its number alone.
     *
     * @param went what went, counted
     */
    public record Certificate(long id, long household, Instant askedAt, String askedBy, @Nullable Instant doneAt, List<Counted> went) {

        public boolean isDone() {
            return doneAt != null;
        }
    }

    /** Asks for it, once. Returns the number of the certificate. */
    public long ask(TrainerUser me, long household, Instant now) {
        closings.close(me, household, now);
        return erasures.asked(me.practice(), household).map(ErasureMapper.Row::id).orElseGet(() -> {
            events.publishEvent(new Audited(me.practice(), Audited.What.ERASURE_ASKED, household, "", now));
            return erasures.ask(me.practice(), household, now, me.name());
        });
    }

    /** One certificate, or the page for what does not exist. */
    @Transactional(readOnly = true)
    public Certificate get(PracticeId practice, long id) {
        return erasures.find(practice, id).map(this::certificate).orElseThrow(() -> new NotFound("erasure " + id));
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    public Paged<Certificate> page(PracticeId practice, int page) {
        return Paged.read(page, (most, after) -> erasures.newest(practice, most, after)).map(this::certificate);
    }

    private Certificate certificate(ErasureMapper.Row row) {
        try {
            Map<String, Integer> counts = json.readValue(row.counts(), new TypeReference<Map<String, Integer>>() { });
            return new Certificate(row.id(), row.householdId(), row.askedAt(), row.askedBy(), row.doneAt(), Counted.of(counts));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the counts of erasure " + row.id() + " cannot be read", e);
        }
    }

    /** Carries out what was asked in one practice, each household whole or not at all. */
    void carryOut(PracticeId practice, long id, long household, Instant now) {
        erasures.done(practice, id, now, erasures.erase(household));
        events.publishEvent(Audited.of(practice, Audited.What.ERASED, now));
    }
}
