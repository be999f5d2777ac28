package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.household.Dog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.support.AppTest;
import cahier.app.web.NotFound;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** A command that asks several services is stored whole or not at all. */
class OneTransactionTest extends AppTest {

    @Autowired
    private OneTransaction one;
    @Autowired
    private Households households;
    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    private final MockHttpServletRequest request = new MockHttpServletRequest("POST", "/households");
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private long begun(String name) {
        return asEdda(() -> {
            one.preHandle(request, response, this);
            return households.add(Household.fresh(edda().practice(), name, "", "Europe/London", ""));
        });
    }

    private boolean isStored(String name) {
        return asEdda(() -> households.all(edda().practice())).stream().anyMatch(h -> h.name().equals(name));
    }

    @Test
    void whatWentIsThereBeforeThePageIsDrawn() {
        begun("Went");
        one.postHandle(request, response, this, null);
        assertThat(TransactionSynchronizationManager.isActualTransactionActive()).isFalse();
        assertThat(isStored("Went")).isTrue();
    }

    @Test
    void whatFailedHalfWayLeavesNothing() {
        begun("Failed half-way");
        one.resolveException(request, response, this, new NotFound("dog"));
        assertThat(TransactionSynchronizationManager.isActualTransactionActive()).as("a refusal is worded outside of it").isFalse();
        assertThat(isStored("Failed half-way")).isFalse();
    }

    @Test
    void whatAServiceRefusedLeavesNothingAlsoWhereTheControllerWordedIt() {
        begun("Refused and worded");
        assertThatThrownBy(() -> asEdda(() -> households.get(edda().practice(), -1))).isInstanceOf(NotFound.class);
        one.postHandle(request, response, this, null);
        assertThat(isStored("Refused and worded")).isFalse();
    }

    @Test
    void aFactThatTheDatabaseRefusesIsTakenBackAloneAndThePageCanStillBeRead() {
        long id = begun("Two of a name");
        asEdda(() -> {
            households.put(edda().practice(), id, new Dog(0, "Pim", "", null, null, 0));
            assertThatThrownBy(() -> households.put(edda().practice(), id, new Dog(0, "pim", "", null, null, 0))).hasStackTraceContaining("dog_name");
            assertThat(households.facts(edda().practice(), id).dogs()).hasSize(1);
            return null;
        });
        one.postHandle(request, response, this, null);
        assertThat(isStored("Two of a name")).isTrue();
    }

    @Test
    void aPhoneIsAnsweredAfterItsRepsAreStoredAndNotBefore() {
        HandlerMethod reps = requestMappingHandlerMapping.getHandlerMethods().values().stream().filter(m -> m.getBeanType().getSimpleName().equals("RepsController")).findFirst().orElseThrow();
        asEdda(() -> {
            one.preHandle(request, response, reps);
            return null;
        });
        assertThat(TransactionSynchronizationManager.isActualTransactionActive()).isFalse();
    }
}
