package cahier.app.copy;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A copy on its way out: nothing of it stays here afterwards. */
public final class Download {

    private Download() {
    }

    /** @param name what it is a copy of; only what a file name may hold is taken of it */
    public static ResponseEntity<Resource> of(Path file, String name, LocalDate day) {
        try {
            long length = Files.size(file);
            InputStream in = new FilterInputStream(Files.newInputStream(file)) {
                @Override
                public void close() throws IOException {
                    super.close();
                    Files.deleteIfExists(file);
                }
            };
            String plain = name.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-+|-+$", "");
            return ResponseEntity.ok().contentType(MediaType.parseMediaType("application/zip")).contentLength(length).cacheControl(CacheControl.noStore())
                    .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("cahier-" + (plain.isEmpty() ? "copy" : plain) + "-" + day + ".zip", StandardCharsets.UTF_8).build().toString())
                    .body(new InputStreamResource(in));
        } catch (IOException e) {
            Copies.delete(file);
            throw new IllegalStateException("the copy could not be read", e);
        }
    }
}
