package cahier.app.lesson;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** A calendar file that somebody sends. */
public final class CalendarUpload {

    private static final long LARGEST = 10_000_000;
    private static final int MEGA = 1_000_000;

    private CalendarUpload() {
    }

    /** Opens it, unless there is none or it is too large. */
    public static Reader open(@Nullable MultipartFile file) throws IOException {
        if (file == null || file.isEmpty()) {
            throw new CalendarFile.Bad("Choose a calendar file (.ics) first.");
        }
        if (file.getSize() > LARGEST) {
            throw new CalendarFile.Bad("The calendar file must be at most 10 MB, was " + file.getSize() / MEGA + " MB.");
        }
        return new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8);
    }
}
