package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.support.AppTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class LookingFilterTest extends AppTest {

    @Autowired
    private Households households;
    @Autowired
    private LookingFilter filter;

    private void asked(String method) throws Exception {
        filter.doFilter(new MockHttpServletRequest(method, "/"), new MockHttpServletResponse(),
                (request, response) -> asEdda(() -> households.add(Household.fresh(edda().practice(), "Written by a " + method, "", "Europe/London", ""))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"GET", "HEAD"})
    void whatOnlyLooksCannotWriteWhateverTheServiceDoes(String method) {
        assertThatThrownBy(() -> asked(method)).hasStackTraceContaining("cannot execute INSERT in a read-only transaction");
    }

    @Test
    void aPostWritesAlsoAfterALookOnTheSameThread() throws Exception {
        assertThatThrownBy(() -> asked("GET")).isNotNull();
        asked("POST");
        assertThat(asEdda(() -> households.all(edda().practice()))).extracting(Household::name).contains("Written by a POST").doesNotContain("Written by a GET");
    }
}
