package cahier.app.pages;

import cahier.app.language.Words;
import java.util.Arrays;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;

/** What {@code #{key}} of a template says, in the language of its reader; Spring asks here too what it says of a field, and is answered in its own words. */
@Component("messageSource")
class WordsForPages implements MessageSource {

    @Override
    public @Nullable String getMessage(String code, Object @Nullable [] given, @Nullable String otherwise, @Nullable Locale locale) {
        try {
            return Words.say(code, given == null ? new Object[0] : given);
        } catch (MissingResourceException e) {
            return otherwise;
        }
    }

    @Override
    public String getMessage(String code, Object @Nullable [] given, @Nullable Locale locale) {
        String said = getMessage(code, given, null, locale);
        if (said == null) {
            throw new NoSuchMessageException(code);
        }
        return said;
    }

    @Override
    public String getMessage(MessageSourceResolvable asked, @Nullable Locale locale) {
        String[] codes = asked.getCodes();
        Stream<String> said = codes == null ? Stream.empty() : Arrays.stream(codes).map(c -> getMessage(c, asked.getArguments(), null, locale));
        return said.filter(s -> s != null).findFirst().orElseGet(() -> String.valueOf(asked.getDefaultMessage()));
    }
}
