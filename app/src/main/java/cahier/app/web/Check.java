package cahier.app.web;

import cahier.app.language.Language;
import cahier.app.language.Words;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.BindingResult;

/**
 * Turns what was typed into values and puts every refusal beside its field: "must be a whole number from 1 to 100, was “ten”".
 * After a refusal the value returned is a harmless stand-in; ask {@link BindingResult#hasErrors} before using any.
 */
public final class Check {

    private static final int LONGEST_ADDRESS = 120;

    private final BindingResult result;

    /** @throws UnreadableForm when what the page itself sends along is missing or no number: then there is no form to show again */
    public Check(BindingResult result) {
        if (result.getTarget() == null) {
            throw new UnreadableForm(result);
        }
        this.result = result;
    }

    /** A text of at least one and at most {@code most} characters. */
    public String text(String field, @Nullable String typed, int most) {
        String value = optional(field, typed, most);
        if (value.isEmpty()) {
            refuse(field, Words.say("web.Check.must-not-be-empty"));
        }
        return value;
    }

    /** A text of at most {@code most} characters, empty when nothing was typed. */
    public String optional(String field, @Nullable String typed, int most) {
        String value = typed == null ? "" : typed.strip();
        if (value.length() > most) {
            refuse(field, Words.say("web.Check.must-be-at-most-characters", most, value.length()));
            return value.substring(0, most);
        }
        return value;
    }

    /** A whole number within the bounds. */
    public int whole(String field, @Nullable String typed, int least, int most) {
        String value = typed == null ? "" : typed.strip();
        try {
            int number = Integer.parseInt(value);
            if (number >= least && number <= most) {
                return number;
            }
        } catch (NumberFormatException e) {
            // said below, with the bounds
        }
        refuse(field, Words.say("web.Check.must-be-a-whole-number", least, most, value));
        return least;
    }

    /** A whole number within the bounds, or nothing. */
    public OptionalInt optionalWhole(String field, @Nullable String typed, int least, int most) {
        return typed == null || typed.isBlank() ? OptionalInt.empty() : OptionalInt.of(whole(field, typed, least, most));
    }

    /** A measure as {@link Measures} reads it, or nothing. */
    public OptionalDouble measure(String field, @Nullable String typed, Function<String, Double> reader) {
        if (typed == null || typed.isBlank()) {
            return OptionalDouble.empty();
        }
        try {
            return OptionalDouble.of(reader.apply(typed.strip()));
        } catch (IllegalArgumentException e) {
            refuse(field, String.valueOf(e.getMessage()));
            return OptionalDouble.empty();
        }
    }

    /** One of an enum's names. */
    public <E extends Enum<E>> E choice(String field, @Nullable String typed, Class<E> type) {
        for (E value : type.getEnumConstants()) {
            if (value.name().equals(typed)) {
                return value;
            }
        }
        refuse(field, Words.say("web.Check.must-be-one-of-the", typed));
        return type.getEnumConstants()[0];
    }

    /** A date such as 2026-06-18. */
    public @Nullable LocalDate date(String field, @Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        try {
            return LocalDate.parse(typed.strip());
        } catch (DateTimeParseException e) {
            refuse(field, Words.say("web.Check.must-be-a-date-such", typed));
            return null;
        }
    }

    /** A time zone such as Europe/London. */
    public ZoneId zone(String field, @Nullable String typed) {
        try {
            return ZoneId.of(typed == null ? "" : typed.strip());
        } catch (DateTimeException e) {
            refuse(field, Words.say("web.Check.must-be-a-time-zone", typed));
            return ZoneId.of("UTC");
        }
    }

    /** The tag of a language that is spoken here, such as "en-GB"; null for nothing. */
    public @Nullable String language(String field, @Nullable String typed) {
        String tag = typed == null ? "" : typed.strip();
        if (!tag.isEmpty() && Language.known().stream().noneMatch(l -> l.tag().equals(tag))) {
            refuse(field, Words.say("web.Check.must-be-one-of-was", Language.known().stream().map(Language::tag).collect(Collectors.joining(", ")), typed));
        }
        return tag.isEmpty() ? null : tag;
    }

    /** A mail address, or nothing. */
    public String email(String field, @Nullable String typed) {
        String address = optional(field, typed, LONGEST_ADDRESS);
        if (!address.isEmpty() && !address.matches("[^@\\s,;<>\"]+@[^@\\s,;<>\"]+")) {
            refuse(field, Words.say("web.Check.must-be-an-address-such", address));
        }
        return address;
    }

    /** A new password, exactly as it was typed. */
    public String password(String field, @Nullable String typed) {
        String password = typed == null ? "" : typed;
        Passwords.trouble(password).ifPresent(t -> refuse(field, t));
        return password;
    }

    /** A telephone number as it is kept, or nothing. */
    public String phone(String field, @Nullable String typed, String country) {
        if (typed == null || typed.isBlank()) {
            return "";
        }
        try {
            return Phones.read(typed.strip(), country);
        } catch (IllegalArgumentException e) {
            refuse(field, String.valueOf(e.getMessage()));
            return "";
        }
    }

    /** Whether something beside this field was refused already. */
    public boolean isRefused(String field) {
        return result.hasFieldErrors(field);
    }

    /** Puts a refusal beside a field. */
    public void refuse(String field, String why) {
        result.rejectValue(field, "refused", why);
    }
}
