package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {

    @ParameterizedTest
    @ValueSource(strings = {"hollow-lane", "three brown terriers", "\u043f\u0430\u0440\u043e\u043b\u044c\u0434\u043b\u044f\u0441\u043e\u0431\u0430\u043a\u0438", "          x y"})
    void lengthIsEnough(String password) {
        assertThat(Passwords.trouble(password)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"password123", "Password123", "qwertyuiop", "ilovemydog", "aaaaaaaaaaaa", "abababababab"})
    void whatEverybodyTriesFirstIsRefused(String password) {
        assertThat(Passwords.trouble(password).orElseThrow()).contains("others try first").doesNotContain(password);
    }

    @Test
    void tooShortAndTooLongSayHowMuch() {
        assertThat(Passwords.trouble("short")).hasValue("must be at least 10 characters, was 5");
        assertThat(Passwords.trouble("\u00e9".repeat(40)).orElseThrow()).startsWith("must be at most 72 bytes, was 80");
        assertThat(Passwords.trouble("x1".repeat(36) + "y").orElseThrow()).startsWith("must be at most 72 bytes, was 73");
    }
}
