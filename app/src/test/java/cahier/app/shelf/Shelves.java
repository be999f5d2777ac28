package cahier.app.shelf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The templates that ship, for tests without an application. */
public final class Shelves {

    private static final Shelf SHELF = read();

    private Shelves() {
    }

    private static Shelf read() {
        try {
            return new Shelf(new PathMatchingResourcePatternResolver());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Shelf shelf() {
        return SHELF;
    }

    public static List<Template> shipped() {
        return SHELF.templates();
    }

    public static Template shipped(String id) {
        return SHELF.find(id).orElseThrow();
    }
}
