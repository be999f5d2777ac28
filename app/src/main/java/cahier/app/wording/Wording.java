package cahier.app.wording;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A text with names in braces. */
public record Wording(String subject, String body) {

    private static final Pattern NAME = Pattern.compile("\\{([^{}]*)}");

    /** Names in braces that are not among these, as they were written. */
    public static List<String> unknown(String text, List<String> names) {
        return NAME.matcher(text).results().map(r -> r.group(1)).filter(n -> !names.contains(n)).distinct().toList();
    }

    /** Fills in; a name without a value stays as it is, to be filled in later. What is filled in is never read for names again. */
    public Wording with(Map<String, String> values) {
        return new Wording(fill(subject, values).replaceAll("\\s+", " "), fill(body, values));
    }

    /** Fills in one text. */
    public static String fill(String text, Map<String, String> values) {
        return NAME.matcher(text).replaceAll(r -> Matcher.quoteReplacement(values.getOrDefault(r.group(1), r.group())));
    }
}
