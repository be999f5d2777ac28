package cahier.app.language;

import com.ibm.icu.text.MessagePattern;

/** A sentence of a made-up language: every letter with an accent, longer, between brackets, so that a word that comes from no bundle and one that is cut are seen. */
final class MadeUp {

    private static final String PLAIN = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
    private static final String STRANGE = "ÅƁÇÐÉƑĜĤÎĴĶĻṀÑÖÞǪŔŠŢÛṼŴẊÝŽåƀçðéƒĝĥîĵķļɱñöþǫŕšţûṽŵẋýž";
    private static final String LONGER = "~";
    private static final double BY = 0.4;
    private static final char RIGHT_TO_LEFT = '\u202E';
    private static final char AS_BEFORE = '\u202C';

    private MadeUp() {
    }

    static String of(String pattern, boolean mirrored) {
        MessagePattern parts = new MessagePattern(pattern);
        StringBuilder made = new StringBuilder();
        int letters = 0;
        int at = 0;
        boolean words = false;
        for (int i = 0; i < parts.countParts(); i++) {
            MessagePattern.Part part = parts.getPart(i);
            if (part.getIndex() >= at) { // else it stands within the one before
                String between = pattern.substring(at, part.getIndex());
                letters += words ? between.length() : 0;
                made.append(words ? strange(between, mirrored) : between).append(pattern, part.getIndex(), part.getLimit());
                at = part.getLimit();
                words = isWords(part.getType());
            }
        }
        String longer = LONGER.repeat((int) Math.ceil(letters * BY));
        return "\u27E6" + made + longer + "\u27E7";
    }

    /** What comes behind such a part is said as it stands. */
    private static boolean isWords(MessagePattern.Part.Type type) {
        return switch (type) {
            case MSG_START, ARG_LIMIT, SKIP_SYNTAX, INSERT_CHAR, REPLACE_NUMBER -> true;
            default -> false;
        };
    }

    private static String strange(String words, boolean mirrored) {
        StringBuilder strange = new StringBuilder();
        for (char c : words.toCharArray()) {
            int at = PLAIN.indexOf(c);
            strange.append(at < 0 ? c : STRANGE.charAt(at));
        }
        return mirrored && !words.isBlank() ? RIGHT_TO_LEFT + strange.toString() + AS_BEFORE : strange.toString();
    }
}
