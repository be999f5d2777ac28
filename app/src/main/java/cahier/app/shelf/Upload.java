package cahier.app.shelf;

import cahier.app.web.CleanText;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** What a form of a file and a field to paste into sent. */
public final class Upload {

    /** A million characters of up to four bytes. */
    private static final int MOST_BYTES = 4_000_000;

    private Upload() {
    }

    /** As much of a file as any open format may be long, and one more: what is longer is refused in words, without being held whole. */
    private static byte[] first(MultipartFile file) throws IOException {
        try (InputStream in = file.getInputStream()) {
            return in.readNBytes(MOST_BYTES + 1);
        }
    }

    /** The file's content, else what was pasted. */
    public static String text(@Nullable MultipartFile file, String pasted) {
        try {
            return file == null || file.isEmpty() ? pasted : CleanText.of(new String(first(file), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("an upload cannot be read", e);
        }
    }
}
