package cahier.app.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import org.springframework.stereotype.Component;

/** A sheet's content as its tables hold it. */
@Component
class SheetJson {

    private static final int SEEN_BYTES = 12;

    private final ObjectMapper json;

    SheetJson(ObjectMapper json) {
        this.json = json;
    }

    List<SheetItem> items(String body) {
        return Arrays.asList(read(body, SheetItem[].class));
    }

    List<SheetRest> rests(String body) {
        return Arrays.asList(read(body, SheetRest[].class));
    }

    String write(Object part) {
        try {
            return json.writeValueAsString(part);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a part of a sheet cannot be written", e);
        }
    }

    private <T> T read(String body, Class<T> type) {
        try {
            return json.readValue(body, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a part of a sheet cannot be read", e);
        }
    }

    /** The same for the same content. */
    String seen(List<SheetItem> items, List<SheetRest> rests, List<String> firstOfAll) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(write(List.of(items, rests, firstOfAll)).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, SEEN_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
