package cahier.app.cost;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** What templates cost: of those that ship from a file that was walked when Cahier was built, of own ones once they have been walked here. */
@Component
public class Costs {

    /** Where the shelf's are kept, as a resource. */
    public static final String FILE = "shelf-costs.json";
    private static final int MOST_OWN = 200;

    private final Map<String, Cost> shipped = read();
    private final Map<String, Optional<Cost>> own = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Optional<Cost>> eldest) {
            return size() > MOST_OWN;
        }
    };

    private static Map<String, Cost> read() {
        try (InputStream in = new ClassPathResource(FILE).getInputStream()) {
            return JsonMapper.builder().build().readValue(in, new TypeReference<TreeMap<String, Cost>>() {
            });
        } catch (IOException e) {
            throw new UncheckedIOException(FILE + " cannot be read", e);
        }
    }

    /** That of a template that ships; empty for an own one, and where all of it measures. */
    public Optional<Cost> of(String template) {
        return Optional.ofNullable(shipped.get(template));
    }

    /**
     * That of an own template, walked when it is first asked for.
     *
     * @param version tells it from what it was before an edit; of one practice, for nobody else may see it
     */
    public Optional<Cost> of(String version, Supplier<Optional<Cost>> walk) {
        synchronized (own) {
            Optional<Cost> known = own.get(version);
            if (known != null) {
                return known;
            }
        }
        Optional<Cost> walked = walk.get(); // not under the lock: it takes a while
        synchronized (own) {
            own.put(version, walked);
        }
        return walked;
    }
}
