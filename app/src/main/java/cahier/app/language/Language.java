package cahier.app.language;

import com.ibm.icu.util.Calendar;
import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A language that Cahier speaks, with what is usual where it is spoken. What is said on this thread is said in {@link #current()}.
 *
 * @param tag as a page and the database name it: "en-GB"
 * @param name in its own words
 * @param madeUp for tests only: no bundle, but British English made longer and stranger
 */
public record Language(String tag, String name, boolean madeUp) {

    /** The one every sentence is there in. */
    public static final Language BRITISH = new Language("en-GB", "English (British)", false);
    /** Every letter with an accent, two fifths longer, between brackets. */
    public static final Language STRETCHED = new Language("en-XA", "Stretched", true);
    /** The same from right to left. */
    public static final Language MIRRORED = new Language("ar-XB", "Mirrored", true);

    private static final String LISTED = "/words/languages.properties";
    private static final List<Language> KNOWN = read();
    private static final ThreadLocal<Language> CURRENT = new ThreadLocal<>();
    private static final ThreadLocal<Language> OTHER = new ThreadLocal<>();

    private static List<Language> read() {
        Properties listed = new Properties();
        try (InputStream file = Language.class.getResourceAsStream(LISTED)) {
            listed.load(file);
        } catch (IOException e) {
            throw new UncheckedIOException(LISTED + " cannot be read", e);
        }
        List<Language> known = new ArrayList<>(List.of(BRITISH));
        listed.stringPropertyNames().stream().sorted().filter(tag -> !tag.equals(BRITISH.tag)).forEach(tag -> known.add(new Language(tag, listed.getProperty(tag), false)));
        return List.copyOf(known);
    }

    /** Those somebody may choose, British English first. */
    public static List<Language> known() {
        return KNOWN;
    }

    /** The language of a tag; British English for one that nobody speaks here, such as a language that an older release had. */
    public static Language of(@Nullable String tag) {
        if (STRETCHED.tag.equals(tag)) {
            return STRETCHED;
        }
        return MIRRORED.tag.equals(tag) ? MIRRORED : KNOWN.stream().filter(l -> l.tag.equals(tag)).findFirst().orElse(BRITISH);
    }

    /** The first a browser asks for that is known here; of several of one language the one that is listed first. */
    public static Language accepted(List<Locale> wanted) {
        for (Locale one : wanted) {
            for (Language known : KNOWN) {
                if (known.tag.equals(one.toLanguageTag()) || one.getCountry().isEmpty() && known.locale().getLanguage().equals(one.getLanguage())) {
                    return known;
                }
            }
        }
        return BRITISH;
    }

    /** What this thread speaks. */
    public static Language current() {
        Language current = OTHER.get() != null ? OTHER.get() : CURRENT.get();
        return current == null ? BRITISH : current;
    }

    /** From now on this thread speaks it; whoever began the work ends that by {@link #silence()}. */
    public static void speak(Language language) {
        CURRENT.set(language);
    }

    /** This thread speaks what a thread speaks that nobody asked. */
    public static void silence() {
        CURRENT.remove();
    }

    /** Does some work in this language, whoever this thread speaks to: a mail, a sheet, for somebody who reads another than the one who sends it. */
    public <T> T speaking(Supplier<T> work) {
        Language before = OTHER.get();
        OTHER.set(this);
        try {
            return work.get();
        } finally {
            if (before == null) {
                OTHER.remove();
            } else {
                OTHER.set(before);
            }
        }
    }

    /** Where numbers and dates are written as they are there. */
    public Locale locale() {
        return Locale.forLanguageTag(madeUp ? BRITISH.tag : tag);
    }

    public boolean isRightToLeft() {
        return ULocale.forLanguageTag(tag).isRightToLeft();
    }

    /** Whether metres and kilograms come first; else feet and pounds do. */
    public boolean isMetric() {
        return !LocaleData.MeasurementSystem.US.equals(LocaleData.getMeasurementSystem(country()));
    }

    /** The paper a sheet is printed on. */
    public Paper paper() {
        LocaleData.PaperSize size = LocaleData.getPaperSize(country());
        return new Paper(size.getWidth(), size.getHeight());
    }

    /** A sheet of paper upright, in millimetres. */
    public record Paper(int width, int height) {

        /** As a style sheet names it. */
        public String name() {
            return width == 210 ? "A4" : "letter";
        }
    }

    public DayOfWeek firstDay() {
        int day = Calendar.getInstance(country()).getFirstDayOfWeek(); // 1 is Sunday there, and Monday is here
        return DayOfWeek.of((day + 5) % 7 + 1);
    }

    private ULocale country() {
        return ULocale.forLocale(locale());
    }
}
