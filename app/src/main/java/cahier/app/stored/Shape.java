package cahier.app.stored;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.Consumer;

/**
 * A record that is kept for good. To change one: give it another step here that makes the old shape into the new one, and keep a golden file of
 * the new version beside the old ones (src/test/resources/stored).
 */
public enum Shape {
    /** A suggestion with its evidence, {@code decision.suggestion}. */
    DECISION,
    /** A track on an issued sheet, {@code homework_item.body}. */
    SHEET_ITEM,
    /** A track that a sheet says rests, in {@code homework.rests}. */
    SHEET_REST,
    /** What a baseline found, {@code baseline.body}. */
    BASELINE,
    /** A block of a lesson, in {@code lesson.agenda}. */
    AGENDA_LINE;

    /** One for each version; the first makes of version 0, which said none, version 1, and has nothing to change. */
    private final List<Consumer<ObjectNode>> steps = List.of(row -> { });

    /** What is written today. */
    int version() {
        return steps.size();
    }

    /** Takes a record of an older version to today's. */
    void upgrade(ObjectNode row, int from) {
        steps.subList(from, steps.size()).forEach(step -> step.accept(row));
    }
}
