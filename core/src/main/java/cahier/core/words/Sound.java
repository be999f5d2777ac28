package cahier.core.words;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.codec.language.DoubleMetaphone;

/** How a word sounds, roughly: its vowel groups and its Double Metaphone code (docs/rules.md 16). */
record Sound(String letters, List<String> vowelGroups, String code) {

    private static final int LONGEST_CODE = 16;
    private static final String VOWELS = "aeiou";

    static Sound of(String word) {
        String letters = normalised(word);
        DoubleMetaphone metaphone = new DoubleMetaphone();
        metaphone.setMaxCodeLen(LONGEST_CODE);
        String code = metaphone.doubleMetaphone(letters);
        return new Sound(letters, vowelGroups(letters), code == null ? "" : code);
    }

    /** Lower case, letters only, accents off: "Go on!" is "goon". */
    static String normalised(String word) {
        return Normalizer.normalize(word, Normalizer.Form.NFD).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]", "");
    }

    /** Same vowel groups, and codes equal or one edit apart. Two words without a code are alike only when they are the same. */
    boolean isLike(Sound other) {
        if (letters.equals(other.letters)) {
            return true;
        }
        return !code.isEmpty() && !other.code.isEmpty() && vowelGroups.equals(other.vowelGroups) && atMostOneEdit(code, other.code);
    }

    /** Doubled letters single, a silent final e after a consonant dropped; y is a vowel except at the start. */
    private static List<String> vowelGroups(String letters) {
        String word = letters.matches(".*[^aeiouy]e") && letters.length() > 2 ? letters.substring(0, letters.length() - 1) : letters;
        String single = word.replaceAll("(.)\\1+", "$1");
        List<String> groups = new ArrayList<>();
        StringBuilder group = new StringBuilder();
        for (int i = 0; i < single.length(); i++) {
            char c = single.charAt(i);
            if (VOWELS.indexOf(c) >= 0 || c == 'y' && i > 0) {
                group.append(c);
            } else if (!group.isEmpty()) {
                groups.add(group.toString());
                group.setLength(0);
            }
        }
        if (!group.isEmpty()) {
            groups.add(group.toString());
        }
        return groups;
    }

    private static boolean atMostOneEdit(String a, String b) {
        if (Math.abs(a.length() - b.length()) > 1) {
            return false;
        }
        int from = 0;
        while (from < Math.min(a.length(), b.length()) && a.charAt(from) == b.charAt(from)) {
            from++;
        }
        int rest = 0;
        while (rest < Math.min(a.length(), b.length()) - from && a.charAt(a.length() - 1 - rest) == b.charAt(b.length() - 1 - rest)) {
            rest++;
        }
        return Math.max(a.length(), b.length()) - from - rest <= 1;
    }
}
