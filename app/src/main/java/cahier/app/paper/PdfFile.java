package cahier.app.paper;

import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A PDF as an answer: shown by the browser, kept as homework.pdf, never cached on the way. */
public final class PdfFile {

    private PdfFile() {
    }

    public static ResponseEntity<byte[]> of(byte[] pdf) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename("homework.pdf").build().toString()).body(pdf);
    }
}
