package cahier.app.web;

import cahier.app.language.Words;
import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.PhoneNumberFormat;
import com.google.i18n.phonenumbers.Phonenumber.PhoneNumber;

/** Telephone numbers as people type and read them; kept as "+442079460123". */
public final class Phones {

    private static final PhoneNumberUtil NUMBERS = PhoneNumberUtil.getInstance();
    private static final int LONGEST = 40;

    private Phones() {
    }

    /**
     * Reads a number.
     *
     * @param country of two letters, for a number that is typed without one; empty where it is not known
     * @throws IllegalArgumentException with what is allowed and what was typed
     */
    public static String read(String typed, String country) {
        String example = country.isEmpty() ? Words.say("web.Phones.must-begin-with-and-the")
                : Words.say("web.Phones.must-be-a-telephone-number", country);
        try {
            if (typed.length() <= LONGEST) {
                PhoneNumber number = NUMBERS.parse(typed, country.isEmpty() ? "ZZ" : country);
                if (NUMBERS.isPossibleNumber(number) && !number.hasExtension()) {
                    return NUMBERS.format(number, PhoneNumberFormat.E164);
                }
            }
        } catch (NumberParseException e) {
            // said below
        }
        throw new IllegalArgumentException(Words.say("web.Phones.was", example, typed.substring(0, Math.min(LONGEST, typed.length()))));
    }

    /** "+44 20 7946 0123" of what is kept, never broken over two lines; nothing of nothing. */
    public static String shown(String kept) {
        if (kept.isEmpty()) {
            return "";
        }
        try {
            return NUMBERS.format(NUMBERS.parse(kept, "ZZ"), PhoneNumberFormat.INTERNATIONAL).replace(' ', '\u00a0');
        } catch (NumberParseException e) {
            return kept;
        }
    }

    /** Whether there is such a country, of two letters. */
    public static boolean isCountry(String country) {
        return NUMBERS.getSupportedRegions().contains(country);
    }
}
