package cahier.app.language;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.app.web.Dates;
import cahier.app.web.Measures;
import eu.crydee.syllablecounter.SyllableCounter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Properties;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What stands in the bundles, where it is said, and whether an owner understands it. */
class WordsTest {

    private static final Path MAIN = Path.of("src", "main");
    private static final Path LISTED = Path.of("..", "docs", "words.md");
    /** Keys that owners read. */
    private static final List<String> OWNERS = List.of("rest.", "when.", "way.");
    private static final int MOST_WORDS = 12;
    /** School years of reading: a child of ten has had five. */
    private static final double MOST_YEARS = 5;
    private static final Pattern SAID = Pattern.compile("(?<![\\w.])(?:Words\\.|#words\\.)?(?:say|form|written)\\(([^;]*)");
    /** As a template names it. */
    private static final Pattern IN_PAGE = Pattern.compile("#\\{([a-z][\\w.-]*)");
    private static final Pattern LITERAL = Pattern.compile("[\"']([a-z][\\w.-]*)[\"']( \\+)?");

    /** Each key, or the beginning of keys, that the sources name, with the files that do. */
    private static SortedMap<String, List<String>> asked() throws IOException {
        SortedMap<String, List<String>> asked = new TreeMap<>();
        try (Stream<Path> files = Files.walk(MAIN)) {
            for (Path file : files.filter(f -> f.toString().matches(".*\\.(java|html)")).sorted().toList()) {
                String source = Files.readString(file);
                Matcher inPage = IN_PAGE.matcher(file.toString().endsWith(".html") ? source : "");
                while (inPage.find()) {
                    note(asked, inPage.group(1), file);
                }
                Matcher said = SAID.matcher(source);
                while (said.find()) {
                    Matcher literal = LITERAL.matcher(said.group(1));
                    while (literal.find()) {
                        if (literal.group(1).contains(".") && (literal.group(2) != null || !literal.group(1).endsWith("."))) {
                            note(asked, literal.group(1) + (literal.group(2) == null ? "" : "*"), file);
                        }
                    }
                }
            }
        }
        return asked;
    }

    private static void note(SortedMap<String, List<String>> asked, String key, Path file) {
        List<String> where = asked.computeIfAbsent(key, k -> new ArrayList<>());
        String name = file.getFileName().toString();
        if (!where.contains(name)) {
            where.add(name);
        }
    }

    /** Where a key is said: by itself, or put together from how it begins. */
    private static List<String> where(SortedMap<String, List<String>> asked, String key) {
        List<String> where = new ArrayList<>(asked.getOrDefault(key, List.of()));
        for (int end = 1; end < key.length(); end++) {
            where.addAll(asked.getOrDefault(key.substring(0, end) + "*", List.of()));
        }
        return where.stream().distinct().toList();
    }

    private static SortedMap<String, String> bundle() {
        SortedMap<String, String> bundle = new TreeMap<>();
        try {
            Properties properties = new Properties();
            for (String name : List.of("words", "pages", "sentences")) {
                properties.load(Files.newBufferedReader(MAIN.resolve("resources/words/" + name + ".properties")));
            }
            properties.forEach((key, words) -> bundle.put(key.toString(), words.toString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bundle;
    }

    @Test
    void everyKeyIsSaidSomewhereAndEveryOneThatIsAskedForIsThere() throws IOException {
        SortedMap<String, List<String>> asked = asked();
        assertThat(asked).hasSizeGreaterThan(30);
        SortedSet<String> keys = new TreeSet<>(Words.keys());
        assertThat(bundle().keySet().stream().filter(key -> where(asked, key).isEmpty())).as("said nowhere").isEmpty();
        assertThat(asked.keySet().stream().filter(a -> a.endsWith("*") ? keys.subSet(a.replace("*", ""), a.replace("*", "\uffff")).isEmpty() : !keys.contains(a))).as("in no bundle").isEmpty();
    }

    @Test
    void theyAreListedForWhoeverReadsThemAloud() throws IOException {
        SortedMap<String, List<String>> asked = asked();
        StringBuilder list = new StringBuilder("# The words\n\nWhat stands in the bundles, written by `WordsTest` (`-Dwords.write=true`).\n\n| key | English | where |\n|---|---|---|\n");
        bundle().forEach((key, words) -> {
            List<String> where = where(asked, key);
            list.append("| `").append(key).append("` | ").append(words.replace("|", "\\|")).append(" | ").append(String.join(", ", where)).append(" |\n");
        });
        if (Boolean.getBoolean("words.write")) {
            Files.writeString(LISTED, list);
        }
        assertThat(Files.readString(LISTED)).as("docs/words.md is behind: run this test with -Dwords.write=true").isEqualTo(list.toString());
    }

    @Test
    void anOwnerUnderstandsThem() {
        SyllableCounter counter = new SyllableCounter();
        List<String> sentences = new ArrayList<>();
        bundle().forEach((key, words) -> {
            if (OWNERS.stream().anyMatch(key::startsWith)) {
                String said = words.replaceAll("\\{\\d, plural, (?:=\\d \\{[^}]*\\} ?|one \\{[^}]*\\} ?)*other \\{([^}]*)\\}\\}", "$1").replaceAll("\\{\\d\\}|#", "Pim");
                Arrays.stream(said.split("(?<=[.?:])\\s+")).forEach(sentence -> {
                    assertThat(sentence.split("\\s+")).as(key + ": " + sentence).hasSizeLessThanOrEqualTo(MOST_WORDS);
                    sentences.add(sentence);
                });
            }
        });
        List<String> all = sentences.stream().flatMap(s -> Arrays.stream(s.replaceAll("[^\\w' ]", "").split("\\s+"))).toList();
        double syllables = all.stream().mapToInt(counter::count).sum();
        double years = 0.39 * all.size() / sentences.size() + 11.8 * syllables / all.size() - 15.59; // Flesch and Kincaid
        assertThat(sentences).hasSizeGreaterThan(20);
        assertThat(years).as("school years of reading").isBetween(-1.0, MOST_YEARS);
    }

    @Test
    void oneAndManyAreSaidAsTheLanguageSaysThem() {
        assertThat(Words.say("missing.PEOPLE", 1)).isEqualTo("1 more person");
        assertThat(Words.say("missing.PEOPLE", 2)).isEqualTo("2 more people");
        assertThat(Words.say("seen.clean", 0, 1)).isEqualTo("0 of the last 1 rep was clean.");
        assertThat(Words.say("load.out", 1200)).isEqualTo("1,200 more open tracks stay out.");
        assertThat(Words.say("seen.OTHERS_CLEAN", 9, 10, "O'Hara {0}")).as("a name is a name").isEqualTo("Without O'Hara {0}, 9 of 10 reps were clean.");
        assertThat(Words.list(List.of())).isEmpty();
        assertThat(Words.list(List.of("hall"))).isEqualTo("hall");
        assertThat(Words.list(List.of("hall", "kitchen", "yard"))).isEqualTo("hall, kitchen and yard");
        assertThatThrownBy(() -> Words.say("nobody.says.this")).isInstanceOf(MissingResourceException.class);
    }

    /** American English: the month first, a clock of twelve hours, feet and pounds, Letter; and what its bundle lacks, in British. */
    @Test
    void eachLanguageWritesDatesClockMeasuresAndPaperInItsWay() {
        Language american = Language.of("en-US");
        LocalDate day = LocalDate.of(2026, 6, 18);
        Instant quarterPastThree = Instant.parse("2026-06-18T15:15:00Z");
        assertThat(List.of(Dates.longDate(day), Dates.fullDate(day), Dates.shortDate(day), Dates.time(quarterPastThree, ZoneOffset.UTC), Measures.distance(1), Measures.weight(8400)))
                .containsExactly("Thursday 18 June", "Thursday 18 June 2026", "18 Jun", "15:15", "1\u00a0m (3\u00a0ft)", "8.4\u00a0kg (18.5\u00a0lb)");
        assertThat(american.speaking(() -> List.of(Dates.longDate(day), Dates.fullDate(day), Dates.shortDate(day), Dates.time(quarterPastThree, ZoneOffset.UTC), Measures.distance(1), Measures.weight(8400))))
                .containsExactly("Thursday, June 18", "Thursday, June 18, 2026", "Jun 18", "3:15 PM", "3\u00a0ft (1\u00a0m)", "18.5\u00a0lb (8.4\u00a0kg)");
        assertThat(american.paper().name()).isEqualTo("letter");
        assertThat(Language.BRITISH.paper().name()).isEqualTo("A4");
        assertThat(american.firstDay()).isEqualTo(DayOfWeek.SUNDAY);
        assertThat(Language.BRITISH.firstDay()).isEqualTo(DayOfWeek.MONDAY);
        assertThat(american.speaking(() -> Words.say("verdict.CALL"))).isEqualTo("Stop and call");
        assertThat(Language.current()).as("only for as long as that was asked").isEqualTo(Language.BRITISH);
    }

    @Test
    void aBrowserIsSpokenToInWhatItAsksForAndAnUnknownTagInBritishEnglish() {
        assertThat(Language.accepted(List.of(Locale.GERMANY, Locale.US))).isEqualTo(Language.of("en-US"));
        assertThat(Language.accepted(List.of(Locale.ENGLISH))).isEqualTo(Language.BRITISH);
        assertThat(Language.accepted(List.of(Locale.CHINA))).isEqualTo(Language.BRITISH);
        assertThat(Language.of("xx-YY")).isEqualTo(Language.BRITISH);
        assertThat(Language.of(null)).isEqualTo(Language.BRITISH);
    }

    /** Whatever a bundle of another language says is a key of the British one, and puts in no more than that does. */
    @Test
    void noLanguageSaysWhatBritishEnglishDoesNot() throws IOException {
        SortedMap<String, String> british = bundle();
        try (Stream<Path> files = Files.list(MAIN.resolve("resources/words"))) {
            for (Path file : files.filter(f -> f.getFileName().toString().matches("\\w+_\\w+\\.properties")).toList()) {
                Properties other = new Properties();
                other.load(Files.newBufferedReader(file));
                assertThat(other.stringPropertyNames()).as(file.toString()).isNotEmpty().allMatch(british::containsKey);
            }
        }
    }

    @Test
    void aMadeUpLanguageSaysEverySentenceLongerBetweenBracketsAndLeavesWhatIsPutIn() {
        assertThat(Language.STRETCHED.speaking(() -> Words.say("missing.PEOPLE", 2))).startsWith("\u27e62 ").endsWith("~\u27e7").doesNotContainPattern("[a-z]{2}");
        assertThat(Language.STRETCHED.speaking(() -> Words.say("day.there", "Pim"))).contains("Pim");
        assertThat(Language.MIRRORED.speaking(() -> Words.say("verdict.CALL"))).contains("\u202e").endsWith("\u27e7");
        Language.STRETCHED.speaking(() -> {
            bundle().keySet().stream().filter(k -> !k.startsWith("mail.") && !k.startsWith("date.")).forEach(k -> assertThat(Words.say(k, 3, 3, 3, 3, 3, 3, 3, 3)).as(k).contains("\u27e6"));
            return null;
        });
    }
}
