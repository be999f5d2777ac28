package cahier.app.copy;

import cahier.app.copy.Catalogue.Table;
import cahier.app.copy.CopyMapper.RepLine;
import cahier.app.scope.PracticeId;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SequenceWriter;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.LongStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;

/** Writes the rows of a copy, a table at a time and never all of one at once; within a transaction that sees one moment. */
final class CopyWriter implements AutoCloseable {

    static final ObjectMapper JSON = JsonMapper.builder().addModule(new JavaTimeModule()).disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET).build();
    private static final CsvMapper CSV = CsvMapper.csvBuilder().disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET).build();

    private final ZipOutputStream zip;
    private final CopyMapper mapper;
    private final PracticeId practice;
    private final @Nullable Long household;
    private final Map<String, Integer> counts = new TreeMap<>();
    private final Numbers numbers = new Numbers();

    CopyWriter(OutputStream out, CopyMapper mapper, PracticeId practice, @Nullable Long household) {
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        this.mapper = mapper;
        this.practice = practice;
        this.household = household;
    }

    /** Every row of these tables, and how many there are of each. */
    Map<String, Integer> rows(List<Table> tables) throws IOException {
        for (Table table : tables) {
            if (table.counted()) {
                count(table.name(), mapper.numbers(table.name(), Catalogue.rows(table, household), practice, household));
            }
        }
        count("trainer", mapper.trainers(practice)); // named also where they are not in the copy
        count("practice", List.of(practice.value()));
        for (Table table : tables) {
            rows(table);
        }
        file("data.schema.json", JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(RowSchema.of(tables)));
        return counts;
    }

    private void count(String table, List<Long> rows) {
        numbers.put(table, rows, LongStream.rangeClosed(1, rows.size()).boxed().toList());
    }

    private void rows(Table table) throws IOException {
        zip.putNextEntry(new ZipEntry(Manifest.entry(table.name())));
        try (Cursor<String> rows = mapper.rows(table.name(), Catalogue.rows(table, household), table.order(), practice, household);
                SequenceWriter out = JSON.writer().withRootValueSeparator("\n").writeValuesAsArray(zip)) {
            int n = 0;
            for (String row : rows) {
                ObjectNode read = (ObjectNode) JSON.readTree(row);
                numbers.change(table, read);
                Secrets.leaveOut(table.name(), read);
                out.write(read);
                n++;
            }
            counts.put(table.name(), n);
        }
        zip.closeEntry();
    }

    /** The reps as a table for a spreadsheet; a text that a spreadsheet would take for a formula is written so that it does not. */
    void reps(Function<RepLine, String> localTime) throws IOException {
        List<String> heads = List.of("time", "household", "dog", "track", "step", "outcome", "role", "who", "place", "value", "side", "item", "helper", "slip", "aid", "cues", "taken_back");
        CsvSchema.Builder schema = CsvSchema.builder().setUseHeader(true);
        heads.forEach(schema::addColumn);
        zip.putNextEntry(new ZipEntry("reps.csv"));
        try (Cursor<RepLine> lines = mapper.reps(practice, household); SequenceWriter out = CSV.writer(schema.build()).writeValues(zip)) {
            for (RepLine l : lines) {
                Map<String, Object> line = new LinkedHashMap<>();
                line.put("time", localTime.apply(l));
                line.put("household", plain(l.household()));
                line.put("dog", plain(l.dog()));
                line.put("track", plain(l.track()));
                line.put("step", plain(l.step()));
                line.put("outcome", l.outcome().toLowerCase(Locale.ROOT));
                line.put("role", l.role().toLowerCase(Locale.ROOT));
                line.put("who", plain(l.person()));
                line.put("place", plain(l.place()));
                line.put("value", l.value());
                line.put("side", l.side());
                line.put("item", plain(l.item()));
                line.put("helper", plain(l.helper()));
                line.put("slip", l.slip());
                line.put("aid", l.aid());
                line.put("cues", l.cues());
                line.put("taken_back", l.takenBack());
                out.write(line);
            }
        }
        zip.closeEntry();
    }

    private static @Nullable String plain(@Nullable String text) {
        return text != null && text.matches("(?s)[=+\\-@\t\r].*") ? "'" + text : text;
    }

    void file(String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
