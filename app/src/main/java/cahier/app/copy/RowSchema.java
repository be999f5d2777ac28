package cahier.app.copy;

import cahier.app.copy.Catalogue.Column;
import cahier.app.copy.Catalogue.Table;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** What the rows of a copy look like, as a JSON Schema that goes with it: a schema of an array for each table. */
final class RowSchema {

    private RowSchema() {
    }

    static ObjectNode of(List<Table> tables) {
        ObjectNode schema = CopyWriter.JSON.createObjectNode().put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", "Rows of a copy")
                .put("description", "data/{table}.json is what stands here under $defs by the name of the table. Rows are counted from 1 in each table.");
        ObjectNode defs = schema.putObject("$defs");
        tables.forEach(table -> {
            ObjectNode row = defs.putObject(table.name()).put("type", "array").putObject("items").put("type", "object").put("additionalProperties", false);
            ObjectNode columns = row.putObject("properties");
            table.columns().stream().filter(c -> !Secrets.isLeftOut(table.name(), c.name())).forEach(c -> put(columns.putObject(c.name()), table, c));
        });
        return schema;
    }

    private static void put(ObjectNode property, Table table, Column column) {
        String type = switch (column.type()) {
            case "bigint", "integer" -> "integer";
            case "double precision" -> "number";
            case "boolean" -> "boolean";
            case "jsonb" -> "";
            default -> "string";
        };
        if (!type.isEmpty() && column.required()) {
            property.put("type", type);
        } else if (!type.isEmpty()) {
            property.putArray("type").add(type).add("null");
        }
        switch (column.type()) {
            case "timestamp with time zone" -> property.put("format", "date-time");
            case "date" -> property.put("format", "date");
            case "uuid" -> property.put("format", "uuid");
            default -> { }
        }
        column.numberOf().filter(of -> !of.equals(table.name()) || !column.inKey()).ifPresent(of -> property.put("description", "the number of a row of " + of));
    }
}
