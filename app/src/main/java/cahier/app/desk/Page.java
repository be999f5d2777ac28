package cahier.app.desk;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.IntFunction;

/**
 * One page of households.
 *
 * @param ids in order
 * @param all how many are on all pages together
 * @param number from 1 on
 */
record Page(List<Long> ids, int all, int number) {

    /** Households on a page. */
    static final int ROWS = 25;
    private static final int LAST = 100_000;

    /** @param wanted one that there is not is the last */
    static Page of(int wanted, IntFunction<List<DeskMapper.Placed>> read) {
        int number = number(wanted);
        List<DeskMapper.Placed> rows = read.apply(number);
        if (rows.isEmpty() && number > 1) {
            number = Math.max(1, pages(read.apply(1).stream().findFirst().map(DeskMapper.Placed::all).orElse(0)));
            rows = read.apply(number);
        }
        return new Page(rows.stream().map(DeskMapper.Placed::id).toList(), rows.stream().findFirst().map(DeskMapper.Placed::all).orElse(0), number);
    }

    private static int number(int wanted) {
        return Math.max(1, Math.min(wanted, LAST));
    }

    /** Households on the pages before. */
    static long before(int wanted) {
        return (number(wanted) - 1L) * ROWS;
    }

    int pages() {
        return Math.max(1, pages(all));
    }

    private static int pages(int rows) {
        return (rows + ROWS - 1) / ROWS;
    }

    List<DeskRow> of(Map<Long, DeskRow> rows) {
        return ids.stream().map(rows::get).filter(Objects::nonNull).toList();
    }
}
