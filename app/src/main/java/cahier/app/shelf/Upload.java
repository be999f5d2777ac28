package cahier.app.shelf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** What a form of a file and a field to paste into sent. */
public final class Upload {

    private Upload() {
    }

    /** The file's content, else what was pasted. */
    public static String text(@Nullable MultipartFile file, String pasted) {
        try {
            return file == null || file.isEmpty() ? pasted : new String(file.getBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("an upload cannot be read", e);
        }
    }
}
