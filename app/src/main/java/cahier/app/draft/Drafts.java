package cahier.app.draft;

import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a trainer types into forms about a household until it is saved, for thirty days at most. */
@Service
@Transactional
public class Drafts {

    /** Fields of one trainer, over all forms. */
    static final int MOST = 500;
    private static final Duration KEPT = Duration.ofDays(30);
    private static final Pattern ABOUT = Pattern.compile("/(households|tracks|steps|lessons)/(\\d{1,15})(?:/.*)?");

    private final DraftMapper drafts;

    Drafts(DraftMapper drafts) {
        this.drafts = drafts;
    }

    /** What was typed into these forms and not saved. */
    public List<Kept> of(TrainerUser me, List<String> forms) {
        return forms.isEmpty() ? List.of() : drafts.ofForms(me.practice(), me.id(), forms);
    }

    /**
     * Keeps fields of one form.
     *
     * @param seen when the page last knew what is kept; what another device typed since is not written over
     * @return what another device typed meanwhile into the same fields
     */
    public List<Kept> keep(TrainerUser me, String form, List<Kept> fields, @Nullable Instant seen, Instant now) {
        long household = household(me, form);
        drafts.forgetOlder(me.practice(), me.id(), now.minus(KEPT));
        List<Kept> others = new ArrayList<>();
        for (Kept field : fields) {
            Optional<Kept> held = drafts.held(me.practice(), me.id(), form, field.field());
            boolean elsewhere = held.filter(h -> !h.device().equals(field.device()) && !h.words().equals(field.words()) && (seen == null || h.typedAt().isAfter(seen))).isPresent();
            if (elsewhere) {
                others.add(held.get());
            } else if (held.isPresent() || drafts.count(me.practice(), me.id()) < MOST) {
                drafts.keep(me.practice(), household, me.id(), field);
            }
        }
        return others;
    }

    private long household(TrainerUser me, String form) {
        Matcher about = ABOUT.matcher(form);
        return Optional.of(about).filter(Matcher::matches).flatMap(m -> drafts.householdOf(me.practice(), m.group(1), Long.parseLong(m.group(2)))).orElseThrow(() -> new NotFound("form " + form));
    }

    /** The form was saved, or begun anew. */
    public void forget(TrainerUser me, String form) {
        drafts.forget(me.practice(), me.id(), form);
    }
}
