package cahier.app.copy;

import cahier.app.copy.CatalogueMapper.ColumnRow;
import cahier.app.copy.CatalogueMapper.Reference;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The tables a copy is made of, those that are referred to first. */
@Component
class Catalogue {

    /** What stays where it was made: the log, who looked, certificates, what was removed, what lets somebody in. */
    static final Set<String> STAYS = Set.of("audit", "look", "desk_row", "erasure", "removed_fact", "second_factor", "recovery_code");

    private final CatalogueMapper mapper;
    private volatile List<Table> tables = List.of();

    Catalogue(CatalogueMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * A table.
     *
     * @param ofHousehold the condition by which its rows belong to a household, on #{practice} and #{household}; none where they do not
     * @param counted whether its rows are numbered by the database
     */
    record Table(String name, Optional<String> ofHousehold, boolean counted, List<Column> columns) {

        Map<String, Column> byName() {
            return columns.stream().collect(Collectors.toMap(Column::name, c -> c));
        }

        /** The columns that tell one row from another. */
        String order() {
            return columns.stream().filter(Column::inKey).map(c -> "t." + c.name()).collect(Collectors.joining(", "));
        }
    }

    /**
     * A column.
     *
     * @param required whether every row has it
     * @param numberOf the table whose numbers it holds; its own for the number of its rows
     */
    record Column(String name, String type, boolean required, boolean inKey, Optional<String> numberOf) {

        boolean isJson() {
            return type.equals("jsonb");
        }
    }

    /** Every table that goes into a copy. */
    List<Table> tables() {
        List<Table> known = tables;
        if (known.isEmpty()) {
            known = read();
            tables = known;
        }
        return known;
    }

    private List<Table> read() {
        Map<String, List<ColumnRow>> columns = mapper.columns().stream().collect(Collectors.groupingBy(ColumnRow::tableName));
        Set<String> counted = new HashSet<>();
        columns.values().forEach(list -> list.stream().filter(ColumnRow::counted).forEach(c -> counted.add(key(c.tableName(), c.name()))));
        Map<String, List<Reference>> references = mapper.references().stream().collect(Collectors.groupingBy(r -> key(r.tableName(), r.name())));
        List<Table> read = new ArrayList<>();
        for (CatalogueMapper.TableRow row : mapper.tables()) {
            if (!STAYS.contains(row.name())) {
                List<ColumnRow> own = Objects.requireNonNull(columns.get(row.name()));
                read.add(new Table(row.name(), Optional.ofNullable(row.ofHousehold()).map(c -> c.replace("$1", "#{practice}").replace("$2", "#{household}")),
                        own.stream().anyMatch(ColumnRow::counted),
                        own.stream().map(c -> new Column(c.name(), c.type(), c.required(), c.inKey(), numberOf(row.name(), c.name(), counted, references, new HashSet<>()))).toList()));
            }
        }
        return List.copyOf(read);
    }

    private static String key(String table, String column) {
        return table + "." + column;
    }

    /** Follows references until a column that the database counts. */
    private static Optional<String> numberOf(String table, String column, Set<String> counted, Map<String, List<Reference>> references, Set<String> seen) {
        String key = key(table, column);
        if (counted.contains(key)) {
            return Optional.of(table);
        }
        if (seen.add(key)) {
            for (Reference reference : references.getOrDefault(key, List.of())) {
                Optional<String> found = numberOf(reference.toTable(), reference.toName(), counted, references, seen);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /** Those that belong to a household. */
    List<Table> ofHousehold() {
        return tables().stream().filter(t -> t.ofHousehold().isPresent()).toList();
    }

    Map<String, Table> byName() {
        Map<String, Table> byName = new LinkedHashMap<>();
        tables().forEach(t -> byName.put(t.name(), t));
        return byName;
    }

    /** The condition by which rows of a table go into this copy. */
    static String rows(Table table, @Nullable Long household) {
        return household == null ? (table.name().equals("practice") ? "id = #{practice}" : "practice_id = #{practice}") : table.ofHousehold().orElseThrow();
    }
}
