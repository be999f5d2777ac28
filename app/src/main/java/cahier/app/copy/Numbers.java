package cahier.app.copy;

import cahier.app.copy.Catalogue.Column;
import cahier.app.copy.Catalogue.Table;
import cahier.app.language.Words;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.LongNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The numbers of rows, here and in a copy. A copy counts the rows of each table from 1, so that it can come in anywhere, and so that two copies of
 * the same are alike.
 */
final class Numbers {

    /** Names under which numbers stand in what is kept as JSON, and of which table. */
    private static final Map<String, String> IN_JSON = Map.of("trackId", "track", "stepId", "step", "dogId", "dog", "personId", "person", "placeId", "place", "visitId", "visit",
            "homeworkId", "homework", "lessonId", "lesson", "needs", "need", "person", "person");

    private final Map<String, Map<Long, Long>> byTable = new HashMap<>();

    /** A row names another that is not in the copy. */
    static final class Unknown extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Unknown(String table, long number) {
            super(Words.say("copy.Numbers.names-row-of-which-is", number, table));
        }
    }

    void put(String table, List<Long> from, List<Long> to) {
        Map<Long, Long> numbers = new HashMap<>();
        for (int i = 0; i < from.size(); i++) {
            numbers.put(from.get(i), to.get(i));
        }
        byTable.put(table, numbers);
    }

    private Optional<Long> find(String table, long number) {
        return Optional.ofNullable(byTable.getOrDefault(table, Map.of()).get(number));
    }

    /** What stands for the number on the other side. */
    long of(String table, long number) {
        return find(table, number).orElseThrow(() -> new Unknown(table, number));
    }

    /** Changes every number of a row. */
    void change(Table table, ObjectNode row) {
        for (Column column : table.columns()) {
            JsonNode value = row.get(column.name());
            if (value == null || value.isNull()) {
                continue;
            }
            if (column.numberOf().isPresent() && value.isIntegralNumber()) {
                row.put(column.name(), of(column.numberOf().get(), value.longValue()));
            } else if (column.isJson()) {
                changeIn(value);
            }
        }
    }

    private void changeIn(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(entry -> {
                String table = IN_JSON.get(entry.getKey());
                JsonNode value = entry.getValue();
                if (table != null && value.isIntegralNumber()) {
                    entry.setValue(LongNode.valueOf(find(table, value.longValue()).orElse(0L)));
                } else if (table != null && value.isTextual() && value.textValue().matches("\\d{1,18}")) {
                    entry.setValue(TextNode.valueOf(Long.toString(find(table, Long.parseLong(value.textValue())).orElse(0L))));
                } else if (table != null && value instanceof ArrayNode list && list.valueStream().allMatch(JsonNode::isIntegralNumber)) {
                    changeAll(table, list);
                } else {
                    changeIn(value);
                }
            });
        } else if (node instanceof ArrayNode list) {
            list.forEach(this::changeIn);
        }
    }

    /** What is not there any more is left out. */
    private void changeAll(String table, ArrayNode list) {
        List<Long> changed = list.valueStream().filter(JsonNode::isIntegralNumber).flatMap(n -> find(table, n.longValue()).stream()).toList();
        list.removeAll();
        changed.forEach(list::add);
    }
}
