package cahier.app.lesson;

import cahier.app.language.Words;
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
            throw new CalendarFile.Bad(Words.say("lesson.CalendarUpload.choose-a-calendar-file-ics"));
        }
        if (file.getSize() > LARGEST) {
            throw new CalendarFile.Bad(Words.say("lesson.CalendarUpload.the-calendar-file-must-be", file.getSize() / MEGA));
        }
        return new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8);
    }
}
