package cahier.app.roadmap;

import cahier.app.track.StepPlan;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** What the template wrote changes with the school, field by field; what somebody edited since stays. */
final class Merge {

    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private Merge() {
    }

    static StepPlan of(StepPlan before, StepPlan after, StepPlan now) {
        try {
            return JSON.treeToValue(merge(JSON.valueToTree(before), JSON.valueToTree(after), JSON.valueToTree(now)), StepPlan.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a step cannot be merged", e);
        }
    }

    private static JsonNode merge(JsonNode before, JsonNode after, JsonNode now) {
        if (now instanceof ObjectNode fields) {
            ObjectNode merged = fields.deepCopy();
            fields.fieldNames().forEachRemaining(name -> merged.set(name, merge(before.path(name), after.path(name), fields.get(name))));
            return merged;
        }
        return now.equals(before) ? after : now;
    }
}
