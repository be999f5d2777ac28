package cahier.app.web;

import cahier.app.language.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.BindingResult;

/** A form without what its page sends along unseen, such as the version of what is edited, or with something else in it. */
class UnreadableForm extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private static final int LONGEST = 40;

    private final List<String> fields;

    UnreadableForm(BindingResult result) {
        super(Words.say("web.UnreadableForm.a-form-could-not-be"));
        this.fields = result.getFieldErrors().stream().map(e -> Words.say("web.UnreadableForm.must-be-a-number-was", e.getField(), shown(e.getRejectedValue()))).distinct().toList();
    }

    private static String shown(@Nullable Object value) {
        String text = value == null ? "" : value.toString();
        return text.isEmpty() ? "missing" : "“" + text.substring(0, Math.min(LONGEST, text.length())) + "”";
    }

    /** "version must be a number, was missing". */
    List<String> fields() {
        return fields;
    }
}
