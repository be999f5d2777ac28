package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SiteTest {

    @Test
    void theInstallationSaysWhereItIs() {
        assertThat(new Site("https://cahier.example/").address()).isEqualTo("https://cahier.example");
        assertThat(new Site(" http://10.0.0.7:8443 ").address()).isEqualTo("http://10.0.0.7:8443");
        assertThat(new Site("").address()).startsWith("http://127.0.0.1:");
    }

    @ParameterizedTest
    @ValueSource(strings = {"cahier.example", "ftp://cahier.example", "https://cahier.example/app", "https://me@cahier.example", "https://", "https://a b", "https://cahier.example?x=1"})
    void whatIsNoAddressIsRefusedAtTheStart(String url) {
        assertThatThrownBy(() -> new Site(url)).isInstanceOf(IllegalArgumentException.class).hasMessageStartingWith("CAHIER_PUBLIC_URL must be an address such as https://cahier.example");
    }

    @ParameterizedTest
    @CsvSource({"/households?find=x, /households?find=x", "/, /", "//elsewhere.example, /", "https://elsewhere.example, /", "/{x}, /", "'/a\\b', /", "'', /", "'/a b', /"})
    void onlyPagesOfTheApplicationAreGoneBackTo(String back, String to) {
        assertThat(Site.local(back)).isEqualTo(to);
    }
}
