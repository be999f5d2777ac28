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
        return read(asked, ROWS, reader);
    }

    /** The same of a list that does not have its page to itself. */
    public static <T> Paged<T> read(int asked, int most, Reader<T> reader) {
        int number = Math.max(1, Math.min(asked, LAST));
        List<T> rows = reader.read(most + 1, (number - 1L) * most);
        return new Paged<>(rows.size() > most ? rows.subList(0, most) : rows, number, rows.size() > most);
    }

    public <R> Paged<R> map(Function<T, R> as) {
        return new Paged<>(rows.stream().map(as).toList(), number, hasOlder);
    }

    public boolean isOnly() {
        return number == 1 && !hasOlder;
    }
}
