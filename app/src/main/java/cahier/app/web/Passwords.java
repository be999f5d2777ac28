package cahier.app.web;

import cahier.app.language.Words;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a password must be: long enough, and none that everybody tries first. No rules about capitals and digits. */
final class Passwords {

    static final int SHORTEST = 10;
    /** As many bytes as are looked at: what comes after them would change nothing. */
    private static final int LONGEST = 72;

    private static final Set<String> COMMON = common();

    private Passwords() {
    }

    private static Set<String> common() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(Objects.requireNonNull(Passwords.class.getResourceAsStream("/common-passwords.txt")), StandardCharsets.UTF_8))) {
            return lines.lines().collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Why it cannot be one; empty when it can. The password itself is never repeated. */
    static Optional<String> trouble(String password) {
        int characters = password.codePointCount(0, password.length());
        if (characters < SHORTEST) {
            return Optional.of(Words.say("web.Passwords.must-be-at-least-characters", SHORTEST, characters));
        }
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (bytes > LONGEST) {
            return Optional.of(Words.say("web.Passwords.must-be-at-most-bytes", LONGEST, bytes));
        }
        String plain = password.toLowerCase(Locale.ROOT);
        return COMMON.contains(plain) || plain.chars().distinct().count() <= 2 ? Optional.of(Words.say("web.Passwords.is-one-that-many-people")) : Optional.empty();
    }
}
