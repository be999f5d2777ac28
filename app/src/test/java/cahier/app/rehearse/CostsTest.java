package cahier.app.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.cost.Cost;
import cahier.app.cost.Costs;
import cahier.app.shelf.Shelves;
import cahier.app.shelf.Template;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What the shelf says a template costs is what made-up dogs need for it now; {@code ./cahier rehearse} writes it anew. */
class CostsTest {

    private static final Path KEPT = Path.of("src/main/resources", Costs.FILE);
    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private static final List<String> WALKED_AGAIN = List.of("dogs-and-people", "down", "long-watching");

    /** Every template's plan is the one that was walked; three are walked again, for the rules and the dogs. */
    @Test
    void theShelfsCostsAreThoseOfItsTemplatesAsTheyAre() throws IOException {
        if (Boolean.getBoolean("rehearse.write")) {
            write();
        }
        Map<String, Cost> kept = JSON.readValue(Files.readString(KEPT), new TypeReference<TreeMap<String, Cost>>() {
        });
        for (Template template : Shelves.shipped()) {
            assertThat(kept).as("run ./cahier rehearse").containsKey(template.id());
            assertThat(kept.get(template.id()).plan()).as(template.id() + " changed: run ./cahier rehearse").isEqualTo(Costing.planned(template));
            if (WALKED_AGAIN.contains(template.id())) {
                assertThat(Costing.of(template)).as("rules or dogs changed: run ./cahier rehearse").contains(kept.get(template.id()));
            }
        }
        assertThat(kept).hasSameSizeAs(Shelves.shipped());
    }

    private static void write() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Template template : Shelves.shipped()) {
            lines.add(JSON.writeValueAsString(template.id()) + ": " + JSON.writeValueAsString(Costing.of(template).orElseThrow()));
        }
        Files.writeString(KEPT, "{\n" + String.join(",\n", lines) + "\n}\n");
    }

    @Test
    void theSameTemplateCostsTheSameAndOneThatIsPractisedMoreGoesFaster() {
        Template down = Shelves.shipped("down");
        Optional<Cost> once = Costing.of(down);
        assertThat(once).isEqualTo(Costing.of(down)).isPresent();
        assertThat(once.get().five().half()).isNotNull().isLessThan(once.get().two().half() == null ? Integer.MAX_VALUE : once.get().two().half());
        assertThat(once.get().reps()).isGreaterThanOrEqualTo(5 * once.get().steps());
    }

    @Test
    void whatMeasuresIsNotWalked() {
        assertThat(Costing.of(Shelves.shipped("handling")).orElseThrow().steps()).isEqualTo(4);
    }
}
