package cahier.app.web;

import java.util.List;

/** Someone saved the same record meanwhile; carries both versions so that nothing is lost. */
public class StaleEdit extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Difference> differences;
    private final String backTo;

    /**
     * @param record what was edited, in words, say "step 3, Open hand"
     * @param backTo the address of its form
     */
    public StaleEdit(String record, String backTo, List<Difference> differences) {
        super(record);
        this.backTo = backTo;
        this.differences = differences;
    }

    public List<Difference> differences() {
        return differences.stream().filter(d -> !d.saved().equals(d.yours())).toList();
    }

    public String backTo() {
        return backTo;
    }

    /** One field as it is saved now and as it was typed. */
    public record Difference(String field, String saved, String yours) {
    }
}
