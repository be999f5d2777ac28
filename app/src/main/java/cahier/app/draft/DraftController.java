package cahier.app.draft;

import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** What a page asks and sends of the forms on it while they are typed into, and whether its trainer is still signed in. */
@RestController
class DraftController {

    private static final int MOST_FORMS = 60;
    private static final int MOST_FIELDS = 60;
    private static final int LONGEST_FORM = 200;
    private static final int LONGEST_FIELD = 80;
    private static final int LONGEST = 8000;
    private static final int LONGEST_DEVICE = 40;

    private final Drafts drafts;
    private final Clock clock;

    DraftController(Drafts drafts, Clock clock) {
        this.drafts = drafts;
        this.clock = clock;
    }

    /** @param fields by their names */
    record Sent(@Nullable String form, @Nullable String device, @Nullable Map<String, String> fields, @Nullable Instant seen) {
    }

    /**
     * @param at when it was kept, to be sent along with the next
     * @param others what another device typed meanwhile
     */
    record Answer(Instant at, List<Kept> others) {
    }

    @GetMapping("/drafts")
    List<Kept> of(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") List<String> form) {
        return drafts.of(me, form.stream().limit(MOST_FORMS).toList());
    }

    @PostMapping("/drafts")
    Answer keep(@AuthenticationPrincipal TrainerUser me, @RequestBody Sent sent) {
        Instant now = Instant.now(clock).truncatedTo(ChronoUnit.MICROS);
        String form = within("form", sent.form(), LONGEST_FORM);
        String device = within("device", sent.device(), LONGEST_DEVICE);
        Map<String, String> fields = sent.fields() == null ? Map.of() : sent.fields();
        if (fields.size() > MOST_FIELDS) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, Words.say("draft.DraftController.fields-must-be-at-most", MOST_FIELDS, fields.size()));
        }
        List<Kept> kept = fields.entrySet().stream().map(f -> new Kept(form, within(Words.say("draft.DraftController.a-fields-name"), f.getKey(), LONGEST_FIELD), atMost(f.getKey(), f.getValue()), device, now)).toList();
        return new Answer(now, drafts.keep(me, form, kept, sent.seen(), now));
    }

    @PostMapping("/drafts/forget")
    void forget(@AuthenticationPrincipal TrainerUser me, @RequestParam String form) {
        drafts.forget(me, form);
    }

    /** With what a form needs to be sent: it changes with each sign-in. */
    @GetMapping("/signed-in")
    Map<String, String> signedIn(CsrfToken csrf) {
        return Map.of("csrf", csrf.getToken());
    }

    private static String within(String what, @Nullable String value, int most) {
        if (value == null || value.isEmpty() || value.length() > most) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, Words.say("draft.DraftController.must-have-1-to-characters", what, most, (value == null ? 0 : value.length())));
        }
        return value;
    }

    private static String atMost(String field, @Nullable String words) {
        if (words == null || words.length() > LONGEST) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, Words.say("draft.DraftController.must-have-at-most-characters", field, LONGEST));
        }
        return words;
    }
}
