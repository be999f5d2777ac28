package cahier.app.household;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.servlet.HandlerMapping;

/**
 * What an address of a trainer's names first: a household, or something that belongs to one. Whose it is, {@link Households#ofAddress} knows.
 *
 * @param id as it stands in the address, of the shape that its kind has
 */
public record Addressed(Kind kind, String id) {

    private static final String NUMBER = "\\d{1,18}";
    private static final String UUID = "\\p{XDigit}{8}(-\\p{XDigit}{4}){3}-\\p{XDigit}{12}";

    /** What can be named, with the first part of its addresses. */
    enum Kind {
        HOUSEHOLD("households", "household", NUMBER), TRACK("tracks", "track", NUMBER), STEP("steps", "step", NUMBER), LESSON("lessons", "lesson", NUMBER), SHEET("sheets", "homework", NUMBER),
        FLAG("flags", "gate", NUMBER), BASELINE("baselines", "baseline", NUMBER), DECISION("decisions", "decision", NUMBER), ALARM("alarms", "alarm", UUID);

        private final String first;
        private final String table;
        private final String shape;

        Kind(String first, String table, String shape) {
            this.first = first;
            this.table = table;
            this.shape = shape;
        }

        public String getTable() {
            return table;
        }

        public String getType() {
            return shape.equals(UUID) ? "uuid" : "bigint";
        }

        private Optional<String> idIn(Map<?, ?> parts) {
            Object named = parts.containsKey(table) ? parts.get(table) : parts.get("id");
            return named instanceof String id && id.matches(shape) ? Optional.of(id) : Optional.empty();
        }
    }

    /** None where the address is about no household, or about nothing that can be. */
    public static Optional<Addressed> of(HttpServletRequest request) {
        String[] path = request.getRequestURI().split("/");
        return path.length > 1 && request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> parts
                ? Arrays.stream(Kind.values()).filter(k -> k.first.equals(path[1])).findFirst().flatMap(k -> k.idIn(parts).map(id -> new Addressed(k, id)))
                : Optional.empty();
    }
}
