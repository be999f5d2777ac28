package cahier.app.household;

import java.util.Locale;

/** The kinds of facts that are kept as lists, each behind an index tab of the book. */
public enum FactKind {

    PEOPLE("person"), DOGS("dog"), PLACES("place"), WORDS("word"), LESSONS("lesson");

    private final String table;

    FactKind(String table) {
        this.table = table;
    }

    /** The table, and the word for one of them. */
    public String getTable() {
        return table;
    }

    /** As it stands in addresses: "people". */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }
}
