package cahier.app.copy;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;

/** Columns that go into no copy, and are not taken from one. */
final class Secrets {

    private static final Map<String, List<String>> NEVER = Map.of(
            "trainer", List.of("password_hash"),
            "owner_link", List.of("sealed"), // by this installation's key
            "practice", List.of("id", "created_at"));

    private Secrets() {
    }

    static boolean isLeftOut(String table, String column) {
        return column.equals("practice_id") || NEVER.getOrDefault(table, List.of()).contains(column);
    }

    static void leaveOut(String table, ObjectNode row) {
        row.remove("practice_id");
        row.remove(NEVER.getOrDefault(table, List.of()));
    }
}
