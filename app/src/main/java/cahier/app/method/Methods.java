package cahier.app.method;

import cahier.app.household.Households;
import cahier.app.scope.PracticeId;
import cahier.core.method.Method;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The method of households and of the practice. */
@Service
@Transactional
public class Methods {

    private final MethodMapper methods;
    private final Households households;

    Methods(MethodMapper methods, Households households) {
        this.methods = methods;
        this.households = households;
    }

    /** What holds in a household: its own choices over its practice's. */
    public Method ofHousehold(PracticeId practice, long household) {
        households.get(practice, household);
        return read(practice, household).over(ofPractice(practice));
    }

    /** The practice's defaults. */
    public Method ofPractice(PracticeId practice) {
        return read(practice, null);
    }

    /** Whether a household is taught otherwise than is usual in its practice. */
    public boolean isChosen(PracticeId practice, long household) {
        return !methods.of(practice, household).isEmpty();
    }

    private Method read(PracticeId practice, @Nullable Long household) {
        return new Method(methods.of(practice, household).stream().collect(Collectors.toMap(MethodMapper.Row::question, MethodMapper.Row::choice)));
    }

    /** Keeps a household's choices; what equals the practice's default follows it later too. */
    public void keep(PracticeId practice, long household, Method chosen) {
        households.get(practice, household);
        Method usual = ofPractice(practice);
        write(practice, household, new Method(chosen.choices().entrySet().stream().filter(e -> usual.of(e.getKey()) != e.getValue())
                .collect(Collectors.toMap(e -> e.getKey(), e -> e.getValue()))));
    }

    /** Makes these the practice's defaults. */
    public void keepAsUsual(PracticeId practice, Method chosen) {
        write(practice, null, chosen);
    }

    private void write(PracticeId practice, @Nullable Long household, Method method) {
        methods.clear(practice, household);
        method.choices().forEach((question, choice) -> methods.add(practice, household, question, choice));
    }
}
