package cahier.app.shelf;

import java.util.List;

/** A file that does not fit its format; every finding names the place in it, the value and what is allowed. */
public class BadFile extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final List<String> findings;

    public BadFile(List<String> findings) {
        super(String.join("\n", findings));
        this.findings = List.copyOf(findings);
    }

    public List<String> findings() {
        return findings;
    }
}
