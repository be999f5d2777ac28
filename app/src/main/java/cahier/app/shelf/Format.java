package cahier.app.shelf;

import cahier.app.language.Words;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;

/** A published format: a JSON Schema of docs/formats, and files held against it. */
public enum Format {

    TEMPLATE("template"), ROADMAP("roadmap"), COPY("copy");

    private static final String PUBLISHED = "https://cahier.example/formats/";
    private static final String PACKED = "classpath:static/formats/";
    private static final int SHOWN = 60;
    private static final int MOST_CHARACTERS = 1_000_000;
    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private final Schema schema;

    Format(String name) {
        schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12,
                        registry -> registry.schemaIdResolvers(ids -> ids.mapPrefix(PUBLISHED, PACKED)))
                .getSchema(SchemaLocation.of(PUBLISHED + name + ".schema.json"));
    }

    /** The file as a tree, or every place in it that does not fit. */
    public JsonNode parse(String file) {
        if (file.length() > MOST_CHARACTERS) {
            throw new BadFile(List.of(Words.say("shelf.Format.the-file-must-be-at", MOST_CHARACTERS, file.length())));
        }
        JsonNode tree;
        try {
            tree = JSON.readTree(file);
        } catch (JsonProcessingException e) {
            throw new BadFile(List.of(Words.say("shelf.Format.line-must-be-json-was", (e.getLocation() == null ? 1 : e.getLocation().getLineNr()), e.getOriginalMessage())));
        }
        check(tree);
        return tree;
    }

    /** Refuses a tree that does not fit. */
    void check(JsonNode tree) {
        List<String> findings = schema.validate(tree).stream().map(Format::finding).distinct().toList();
        if (!findings.isEmpty()) {
            throw new BadFile(findings);
        }
    }

    /** "steps[3].reps: must have a maximum value of 100, was 900". */
    private static String finding(Error error) {
        String place = error.getInstanceLocation().toString().replaceFirst("^/", "").replaceAll("/(\\d+)", "[$1]").replace('/', '.');
        JsonNode value = error.getInstanceNode();
        String was = value == null || value.isContainerNode() ? "" : Words.say("shelf.Format.was", shortened(value.toString()));
        return (place.isEmpty() ? Words.say("shelf.Format.the-file") : place) + ": " + error.getMessage() + was;
    }

    private static String shortened(String value) {
        return value.length() > SHOWN ? value.substring(0, SHOWN) + "…" : value;
    }
}
