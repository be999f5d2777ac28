package cahier.app.book;

import java.io.Serializable;
import java.util.Map;

/**
 * What was just changed in the table of steps, and the way back; kept with the session until the page is shown.
 *
 * @param says "Step 4, distance: 3 m (10 ft), was 2 m (7 ft)."
 * @param forecast what that does to it, empty where there is none
 * @param action where the form goes that takes it back
 * @param fields what that form sends
 */
public record Changed(String says, String forecast, String action, Map<String, String> fields) implements Serializable {

    Changed with(String outlook) {
        return new Changed(says, outlook, action, fields);
    }
}
