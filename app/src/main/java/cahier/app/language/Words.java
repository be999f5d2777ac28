package cahier.app.language;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.NumberFormat;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A sentence by its key, with its numbers and names put in as the language wants them: {@code {0, plural, one {# rep} other {# reps}}}. The bundles are
 * {@code words/words.properties} and {@code words/pages.properties} and, for another language, {@code words/words_xx.properties}; what one lacks stands there in British English.
 */
public final class Words {

    private static final List<String> BUNDLES = List.of("words.words", "words.pages", "words.sentences");
    private static final Map<Key, Said> SAID = new ConcurrentHashMap<>();

    private Words() {
    }

    private record Key(Language language, String key) {
    }

    /**
     * What is said: as it stands, or to be put together.
     *
     * @param counted which of what is put in decides a plural or a choice; the others are written as they are
     */
    private record Said(String words, @Nullable MessageFormat format, Set<String> counted, NumberFormat numbers) {

        static Said of(String pattern, Locale locale) {
            NumberFormat numbers = NumberFormat.getInstance(locale);
            numbers.setGroupingUsed(false); // as it is typed, so that a refusal shows what was
            if (pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0) {
                return new Said(pattern, null, Set.of(), numbers);
            }
            MessagePattern parts = new MessagePattern(pattern);
            Set<String> counted = IntStream.range(0, parts.countParts() - 1)
                    .filter(i -> parts.getPart(i).getType() == MessagePattern.Part.Type.ARG_START && parts.getPart(i).getArgType() != MessagePattern.ArgType.NONE)
                    .mapToObj(i -> parts.getSubstring(parts.getPart(i + 1))).collect(Collectors.toSet());
            return new Said("", new MessageFormat(pattern, locale), counted, numbers);
        }

        synchronized String with(@Nullable Object... given) { // a format keeps what it is at
            if (format == null) {
                return words;
            }
            return format.format(IntStream.range(0, given.length).mapToObj(i -> plain(given[i], counted.contains(Integer.toString(i)))).toArray());
        }

        /** A date is written by Dates, and a number that decides nothing as a number is read. */
        private Object plain(@Nullable Object given, boolean counts) {
            return given instanceof Number number ? counts ? number : numbers.format(number) : String.valueOf(given);
        }
    }

    /**
     * The sentence, in the language of this thread.
     *
     * @param given what stands for {0}, {1} and so on: numbers, names, sentences
     * @throws MissingResourceException where no bundle has the key
     */
    public static String say(String key, @Nullable Object... given) {
        return SAID.computeIfAbsent(new Key(Language.current(), key), Words::read).with(given);
    }

    private static Said read(Key asked) {
        Language language = asked.language();
        String pattern = find(asked.key(), language.locale());
        return Said.of(language.madeUp() ? MadeUp.of(pattern, language.isRightToLeft()) : pattern, language.locale());
    }

    private static String find(String key, Locale locale) {
        for (String bundle : BUNDLES) {
            ResourceBundle words = bundle(bundle, locale);
            if (words.containsKey(key)) {
                return words.getString(key);
            }
        }
        throw new MissingResourceException("no bundle says it: " + key, BUNDLES.toString(), key);
    }

    /** How something is written in the language of this thread, such as the pattern of a date: as its bundle has it, whatever else a made-up language does to words. */
    public static String form(String key) {
        return find(key, Language.current().locale());
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
        Set<String> keys = new TreeSet<>();
        BUNDLES.forEach(b -> keys.addAll(bundle(b, Locale.UK).keySet()));
        return Collections.unmodifiableSet(keys);
    }

    private static ResourceBundle bundle(String name, Locale locale) {
        return ResourceBundle.getBundle(name, locale, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }
}
