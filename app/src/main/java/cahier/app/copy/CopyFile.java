package cahier.app.copy;

import cahier.app.language.Words;
import cahier.app.shelf.BadFile;
import cahier.app.shelf.Format;
import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.databind.ObjectReader;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** A copy that came from somewhere: bounded in files, in rows and in what it may grow to while it is read. */
final class CopyFile implements AutoCloseable {

    static final int MOST_TRAINERS = 1_000;
    private static final int MOST_FILES = 5_000;
    private static final int MOST_ROWS = 10_000_000;
    private static final int MOST_NUMBERED = 500_000;
    private static final int MOST_MANIFEST = 100_000;
    private static final long MOST_BYTES = 4_000_000_000L;
    private static final ObjectReader ROW = CopyWriter.JSON.readerFor(JsonNode.class);

    private final ZipFile zip;
    private final Manifest manifest;
    private long left = MOST_BYTES;

    private CopyFile(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    static CopyFile open(Path file) throws IOException {
        ZipFile zip = new ZipFile(file.toFile());
        try {
            if (zip.size() > MOST_FILES) {
                throw new BadFile(List.of(Words.say("copy.CopyFile.a-copy-holds-at-most", MOST_FILES, zip.size())));
            }
            return new CopyFile(zip, manifest(zip));
        } catch (IOException | RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    private static Manifest manifest(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.ENTRY);
        if (entry == null) {
            throw new BadFile(List.of(Words.say("copy.CopyFile.this-is-not-a-copy", Manifest.ENTRY)));
        }
        try (InputStream in = zip.getInputStream(entry)) {
            return CopyWriter.JSON.treeToValue(Format.COPY.parse(new String(in.readNBytes(MOST_MANIFEST), StandardCharsets.UTF_8)), Manifest.class);
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** Rows of tables that do not belong into such a copy. */
    void refuseOthers(Set<String> known) {
        Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            String name = entries.nextElement().getName();
            if (name.startsWith("data/") && !known.contains(name.replaceAll("^data/|\\.json$", ""))) {
                throw new BadFile(List.of(Words.say("copy.CopyFile.a-copy-of-a-holds", name, manifest.of())));
            }
        }
    }

    /** How many rows of a table it says it holds. */
    int count(String table) {
        int count = manifest.tables().getOrDefault(table, 0);
        int most = table.equals("rep") || table.equals("rep_detail") ? MOST_ROWS : MOST_NUMBERED;
        if (count < 0 || count > most) {
            throw new BadFile(List.of(Words.say("copy.CopyFile.tables-must-be-0-to", Manifest.ENTRY, table, most, count)));
        }
        return count;
    }

    /**
     * Hands over the rows of a table, one after the other. Returns how many there were.
     *
     * @throws BadFile when there are more than it says, one cannot be read or names what is not there
     */
    int each(String table, Consumer<JsonNode> take) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.entry(table));
        int row = 0;
        if (entry != null) {
            try (MappingIterator<JsonNode> rows = ROW.readValues(new Counted(zip.getInputStream(entry)))) {
                while (rows.hasNextValue()) {
                    row++;
                    if (row > count(table)) {
                        throw new BadFile(List.of(Words.say("copy.CopyFile.says-rows-there-are-more", table, Manifest.ENTRY, count(table))));
                    }
                    take.accept(rows.nextValue());
                }
            } catch (JacksonException e) {
                throw new BadFile(List.of(Words.say("copy.CopyFile.row-is-not-json-that", table, (row + 1))));
            } catch (Numbers.Unknown e) {
                throw new BadFile(List.of(Words.say("copy.CopyFile.row", table, row, e.getMessage())));
            }
        }
        return row;
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** Bytes as they come out of the file, all tables together. */
    private final class Counted extends FilterInputStream {

        Counted(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            return count(super.read(into, from, most));
        }

        private int count(int read) {
            left -= Math.max(0, read);
            if (left < 0) {
                throw new BadFile(List.of(Words.say("copy.CopyFile.what-is-packed-in-the", MOST_BYTES / 1_000_000_000)));
            }
            return read;
        }
    }
}
