package cahier.app.web;

import java.util.List;
import java.util.function.Function;

/**
 * One page of a list, the newest first.
 *
 * @param number from 1 on
 * @param hasOlder whether another page follows
 */
public record Paged<T>(List<T> rows, int number, boolean hasOlder) {

    /** Rows on a page. */
    public static final int ROWS = 50;
    private static final int LAST = 100_000;

    /** Reads the rows of a page: so many at most, after so many. */
    @FunctionalInterface
    public interface Reader<T> {
        List<T> read(int most, long after);
    }

    /** The page that was asked for; a number that no page can have is the nearest that can. */
    public static <T> Paged<T> read(int asked, Reader<T> reader) {
        int number = Math.max(1, Math.min(asked, LAST));
        List<T> rows = reader.read(ROWS + 1, (number - 1L) * ROWS);
        return new Paged<>(rows.size() > ROWS ? rows.subList(0, ROWS) : rows, number, rows.size() > ROWS);
    }

    public <R> Paged<R> map(Function<T, R> as) {
        return new Paged<>(rows.stream().map(as).toList(), number, hasOlder);
    }

    public boolean isOnly() {
        return number == 1 && !hasOlder;
    }
}
