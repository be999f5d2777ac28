package cahier.app.language;

import com.ibm.icu.text.MessageFormat;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A sentence by its key, with its numbers and names put in as the language wants them: {@code {0, plural, one {# rep} other {# reps}}}. The bundles are
 * {@code words/words.properties} and, for another language, {@code words/words_xx.properties}; what one lacks stands there in British English.
 */
public final class Words {

    private static final String BUNDLE = "words.words";
    private static final Locale BRITISH = Locale.UK;
    private static final Map<String, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    private Words() {
    }

    /**
     * The sentence.
     *
     * @param given what stands for {0}, {1} and so on: numbers, names, sentences
     * @throws MissingResourceException where no bundle has the key
     */
    public static String say(String key, Object... given) {
        MessageFormat format = FORMATS.computeIfAbsent(key, k -> new MessageFormat(bundle().getString(k), BRITISH));
        synchronized (format) { // it keeps what it is at
            return format.format(given);
        }
    }

    /** "hall", "hall and kitchen", "hall, kitchen and yard"; empty for none. */
    public static String list(List<String> parts) {
        if (parts.size() < 2) {
            return String.join("", parts);
        }
        String most = String.join(say("list.between"), parts.subList(0, parts.size() - 1));
        return say("list.last", most, parts.get(parts.size() - 1));
    }

    /** Every key there is. */
    public static Set<String> keys() {
        return Collections.unmodifiableSet(bundle().keySet());
    }

    private static ResourceBundle bundle() {
        return ResourceBundle.getBundle(BUNDLE, BRITISH, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }
}
