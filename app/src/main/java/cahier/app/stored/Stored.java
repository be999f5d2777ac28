package cahier.app.stored;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Writes what is kept for good with its version, and reads it whatever its version. */
@Component
public class Stored {

    private static final String VERSION = "v";

    private final ObjectMapper json;

    Stored(ObjectMapper json) {
        this.json = json;
    }

    /** One record as JSON. */
    public String write(Shape shape, Object record) {
        return text(shape, node(shape, record));
    }

    /** Several of them as one JSON array. */
    public String writeAll(Shape shape, List<?> records) {
        ArrayNode all = json.createArrayNode();
        records.forEach(r -> all.add(node(shape, r)));
        return text(shape, all);
    }

    /** Reads one record, however old; throws IllegalStateException where it cannot be read, or was written by a newer Cahier. */
    public <T> T read(Shape shape, String body, Class<T> type) {
        return read(shape, tree(shape, body), type);
    }

    /** Reads several from one JSON array. */
    public <T> List<T> readAll(Shape shape, String body, Class<T> type) {
        List<T> all = new ArrayList<>();
        tree(shape, body).forEach(row -> all.add(read(shape, row, type)));
        return List.copyOf(all);
    }

    private ObjectNode node(Shape shape, Object record) {
        ObjectNode row = json.valueToTree(record);
        return row.put(VERSION, shape.version());
    }

    private <T> T read(Shape shape, JsonNode node, Class<T> type) {
        if (!(node instanceof ObjectNode row)) {
            throw new IllegalStateException(shape + " must be a JSON object, was " + node.getNodeType());
        }
        int version = row.path(VERSION).asInt(0);
        if (version > shape.version()) {
            throw new IllegalStateException(shape + " must be of version 0 to " + shape.version() + ", was " + version + ": a newer Cahier wrote it");
        }
        shape.upgrade(row, version);
        row.remove(VERSION);
        try {
            return json.treeToValue(row, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(shape + " of version " + version + " cannot be read", e);
        }
    }

    private JsonNode tree(Shape shape, String body) {
        try {
            return json.readTree(body);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(shape + " is not JSON", e);
        }
    }

    private String text(Shape shape, JsonNode node) {
        try {
            return json.writeValueAsString(node);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(shape + " cannot be written", e);
        }
    }
}
