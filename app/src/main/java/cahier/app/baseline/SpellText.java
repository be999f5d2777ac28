package cahier.app.baseline;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Spells as they are typed, pasted or read from a CSV file: one a line, "vocal, 1:05, 1:20" or "vocal;65;80.5"; a line of headings is skipped. */
final class SpellText {

    private static final Pattern LINE = Pattern.compile("([a-z ]++)[,;\\t] *+([\\d:.]++) *+[,;\\t] *+([\\d:.]++)");
    private static final Pattern MOMENT = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,5}(?:\\.\\d{1,3})?)");
    private static final int MOST = 2000;
    private static final int SHOWN = 80;
    private static final int MINUTE = 60;

    private SpellText() {
    }

    static String of(List<Findings.Spell> spells) {
        return spells.stream().map(s -> s.sign().name().toLowerCase(Locale.ROOT) + ", " + moment(s.from()) + ", " + moment(s.to() == null ? s.from() : s.to())).collect(Collectors.joining("\n"));
    }

    static String moment(double seconds) {
        int minutes = (int) (seconds / MINUTE);
        String rest = Measures.plain(seconds - minutes * MINUTE, 1);
        return minutes + ":" + (rest.indexOf('.') == 1 || rest.length() == 1 ? "0" : "") + rest;
    }

    /** @throws IllegalArgumentException naming the line and what is allowed */
    static List<Findings.Spell> read(String text) {
        List<String> lines = text.replace("\uFEFF", "").lines().toList();
        List<Findings.Spell> spells = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip().toLowerCase(Locale.ROOT);
            if (line.isEmpty() || i == 0 && line.matches("(sign|kind)\\W+(from|start)\\W+(to|end)")) {
                continue;
            }
            int number = i + 1;
            spells.add(spell(line).orElseThrow(() -> new IllegalArgumentException(Words.say("baseline.SpellText.line-must-be-a-sign", number, Arrays.stream(Findings.Sign.values()).map(s -> s.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", ")), shown(lines.get(number - 1).strip())))));
        }
        if (spells.size() > MOST) {
            throw new IllegalArgumentException(Words.say("baseline.SpellText.at-most-spells-were", MOST, spells.size()));
        }
        return spells;
    }

    private static String shown(String line) {
        return line.length() > SHOWN ? line.substring(0, SHOWN) + "…" : line;
    }

    private static Optional<Findings.Spell> spell(String line) {
        Matcher m = LINE.matcher(line);
        if (!m.matches()) {
            return Optional.empty();
        }
        Optional<Findings.Sign> sign = Arrays.stream(Findings.Sign.values()).filter(s -> s.name().equalsIgnoreCase(m.group(1).strip())).findFirst();
        Optional<Double> from = seconds(m.group(2));
        Optional<Double> to = seconds(m.group(3));
        return sign.isEmpty() || from.isEmpty() || to.isEmpty() || to.get() <= from.get() ? Optional.empty() : Optional.of(new Findings.Spell(sign.get(), from.get(), to.get()));
    }

    private static Optional<Double> seconds(String typed) {
        Matcher m = MOMENT.matcher(typed);
        return m.matches() ? Optional.of((m.group(1) == null ? 0 : Integer.parseInt(m.group(1)) * MINUTE) + Double.parseDouble(m.group(2))) : Optional.empty();
    }
}
