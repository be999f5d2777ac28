package cahier.app.sheet;

import cahier.app.stored.Shape;
import cahier.app.stored.Stored;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.springframework.stereotype.Component;

/** A sheet's content as its tables hold it. */
@Component
class SheetJson {

    private static final int SEEN_BYTES = 12;

    private final Stored stored;

    SheetJson(Stored stored) {
        this.stored = stored;
    }

    List<SheetItem> items(String body) {
        return stored.readAll(Shape.SHEET_ITEM, body, SheetItem.class);
    }

    List<SheetRest> rests(String body) {
        return stored.readAll(Shape.SHEET_REST, body, SheetRest.class);
    }

    String write(SheetItem item) {
        return stored.write(Shape.SHEET_ITEM, item);
    }

    String write(List<SheetRest> rests) {
        return stored.writeAll(Shape.SHEET_REST, rests);
    }

    /** The same for the same content. */
    String seen(List<SheetItem> items, List<SheetRest> rests, List<String> firstOfAll) {
        try {
            String content = stored.writeAll(Shape.SHEET_ITEM, items) + write(rests) + firstOfAll;
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content.getBytes(StandardCharsets.UTF_8)), 0, SEEN_BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
