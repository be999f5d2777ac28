package cahier.app.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Writes templates as a person reads them: blocks on lines of their own, two spaces a level, lines of at most {@value #WIDTH} characters. Breaks only
 * where a browser sees no difference: around blocks, between the attributes of a tag, and where there was white space already.
 *
 * <p>Run it on the source folder to format everything: {@code java ... cahier.app.support.TemplateFormat app/src/main/resources/templates}.
 */
public final class TemplateFormat {

    static final int WIDTH = 140;
    private static final Set<String> BLOCKS = Set.of("html", "head", "body", "main", "header", "footer", "section", "article", "aside", "nav", "div", "p", "h1", "h2", "h3", "h4",
            "ul", "ol", "li", "dl", "dt", "dd", "form", "fieldset", "legend", "table", "thead", "tbody", "tr", "td", "th", "details", "summary", "figure", "figcaption", "hr",
            "option", "meta", "link", "script", "title", "symbol", "style", "caption", "colgroup", "template", "dialog");
    private static final Set<String> VOID = Set.of("meta", "link", "input", "br", "hr", "img", "col");
    private static final Set<String> AS_IT_IS = Set.of("textarea", "pre", "style");
    private static final Pattern TOKEN = Pattern.compile("<!--.*?-->|<!doctype[^>]*>|</?[a-zA-Z](?:[^>\"']|\"[^\"]*\"|'[^']*')*>|[^<]+", Pattern.DOTALL | Pattern.CASE_INSENSITIVE);
    private static final Pattern ATTRIBUTE = Pattern.compile("[^\\s=]+(?:=(?:\"[^\"]*\"|'[^']*'|\\S+))?");

    private final List<String> tokens = new ArrayList<>();
    private final StringBuilder out = new StringBuilder();
    /** What stands side by side until the next block begins or ends: pieces with white space between them. */
    private final List<String> run = new ArrayList<>();
    private int depth;

    private TemplateFormat(String html) {
        Matcher matcher = TOKEN.matcher(html);
        int end = 0;
        while (matcher.find()) {
            if (matcher.start() != end) {
                throw new IllegalArgumentException("a template must be of tags and text, was “" + html.substring(end, Math.min(html.length(), end + 40)) + "”");
            }
            end = matcher.end();
            tokens.add(matcher.group());
        }
    }

    /** The same template as it should be written. */
    public static String format(String html) {
        return new TemplateFormat(html).written();
    }

    private String written() {
        Deque<String> open = new ArrayDeque<>();
        int inline = 0;
        boolean space = false;
        for (int i = 0; i < tokens.size(); i++) {
            String token = tokens.get(i);
            if (token.startsWith("<!")) {
                flush();
                line(token.strip());
                space = false;
            } else if (!token.startsWith("<")) {
                space = text(token, space);
            } else {
                String name = name(token);
                boolean closes = token.startsWith("</");
                boolean block = inline == 0 && (BLOCKS.contains(name) || name.equals("th:block") && (closes ? open.peek().equals("+th:block") : isBlockInside(i)));
                boolean alone = VOID.contains(name) || token.endsWith("/>");
                if (AS_IT_IS.contains(name) && !closes) {
                    int last = i;
                    while (!tokens.get(last).equals("</" + name + ">")) {
                        last++;
                    }
                    piece(String.join("", tokens.subList(i, last + 1)), space);
                    space = false;
                    i = last;
                } else if (block && closes) {
                    String opened = open.pop();
                    boolean leaf = opened.startsWith("-");
                    if (leaf) {
                        piece(token, false);
                        flush();
                    } else {
                        flush();
                        depth--;
                        line(token);
                    }
                    space = false;
                } else if (block) {
                    flush();
                    tag(token, false);
                    if (alone) {
                        flush();
                    } else if (isLeaf(i)) {
                        open.push("-" + name);
                    } else {
                        flush();
                        depth++;
                        open.push("+" + name);
                    }
                    space = false;
                } else {
                    tag(token, space);
                    space = false;
                    inline += alone ? 0 : closes ? -1 : 1;
                }
            }
        }
        flush();
        return out.toString();
    }

    private static String name(String tag) {
        return tag.replaceFirst("^</?([a-zA-Z0-9:-]+).*", "$1").replaceAll("(?s)\\s.*", "").toLowerCase(java.util.Locale.ROOT);
    }

    /** Whether the first thing in it is a block, so that white space around it means nothing. */
    private boolean isBlockInside(int at) {
        for (int i = at + 1; i < tokens.size(); i++) {
            String token = tokens.get(i);
            if (token.startsWith("</")) {
                return false;
            }
            if (token.startsWith("<!") || token.isBlank()) {
                continue;
            }
            if (!token.startsWith("<")) {
                return false;
            }
            if (!name(token).equals("th:block")) {
                return BLOCKS.contains(name(token));
            }
        }
        return false;
    }

    /** Whether no block is in it: it is written in one go, without white space that was not there. */
    private boolean isLeaf(int at) {
        String name = name(tokens.get(at));
        int nested = 0;
        for (int i = at + 1; i < tokens.size(); i++) {
            String token = tokens.get(i);
            if (!token.startsWith("<") || token.startsWith("<!")) {
                continue;
            }
            String other = name(token);
            if (token.startsWith("</") && other.equals(name) && nested-- == 0) {
                return true;
            }
            if (!token.startsWith("</") && other.equals(name) && !token.endsWith("/>")) {
                return false;
            }
            if (BLOCKS.contains(other) && !token.startsWith("</")) {
                return false;
            }
        }
        return false;
    }

    /** Words, each a piece; returns whether white space stood at the end. */
    private boolean text(String text, boolean before) {
        boolean space = before;
        Matcher words = Pattern.compile("[ \\t\\r\\n]+|[^ \\t\\r\\n]+").matcher(text);
        while (words.find()) {
            if (words.group().isBlank() && !words.group().contains("\u00a0")) {
                space = true;
            } else {
                piece(words.group(), space);
                space = false;
            }
        }
        return space;
    }

    /** A tag, each attribute a piece. */
    private void tag(String tag, boolean space) {
        if (tag.startsWith("</")) {
            piece(tag, space);
            return;
        }
        String end = tag.endsWith("/>") ? "/>" : ">";
        String inside = tag.substring(1, tag.length() - end.length());
        Matcher attributes = ATTRIBUTE.matcher(inside);
        attributes.find();
        String first = "<" + attributes.group();
        List<String> parts = new ArrayList<>(List.of(first));
        while (attributes.find()) {
            String attribute = attributes.group();
            String spread = attribute.startsWith("th:with=") || attribute.startsWith("th:attr=") ? spread(attribute) : attribute;
            parts.add(attribute.startsWith("th:") ? String.join(" ", broken(spread, Integer.MAX_VALUE)) : attribute);
        }
        parts.set(parts.size() - 1, parts.get(parts.size() - 1) + end);
        piece(parts.get(0), space);
        parts.subList(1, parts.size()).forEach(p -> piece(p, true));
    }

    private void piece(String piece, boolean space) {
        if (run.isEmpty() || space) {
            run.add(piece);
        } else {
            run.set(run.size() - 1, run.get(run.size() - 1) + piece);
        }
    }

    private void flush() {
        StringBuilder line = new StringBuilder();
        boolean first = true;
        for (String piece : run) {
            int indent = 2 * depth + (first ? 0 : 4);
            if (line.length() > 0 && indent + line.length() + 1 + lead(piece) > WIDTH) {
                out.append(" ".repeat(indent)).append(line).append('\n');
                line.setLength(0);
                first = false;
                indent = 2 * depth + 4;
            }
            line.append(line.length() > 0 ? " " : "");
            for (String part : indent + piece.length() > WIDTH ? broken(piece, WIDTH - indent - 4) : List.of(piece)) {
                if (line.length() > 0 && line.charAt(line.length() - 1) != ' ') {
                    out.append(" ".repeat(2 * depth + (first ? 0 : 4))).append(line).append('\n');
                    line.setLength(0);
                    line.append("    ");
                    first = false;
                }
                line.append(part);
            }
        }
        if (line.length() > 0) {
            out.append(" ".repeat(2 * depth + (first ? 0 : 4))).append(line).append('\n');
        }
        run.clear();
    }

    private static int lead(String piece) {
        return Math.min(piece.length(), WIDTH);
    }

    /** "a=1,b=2" as "a=1, b=2", so that it can be broken between them. */
    private static String spread(String attribute) {
        StringBuilder spread = new StringBuilder();
        int nested = 0;
        boolean quoted = false;
        for (int i = 0; i < attribute.length(); i++) {
            char c = attribute.charAt(i);
            quoted ^= c == '\'' || c == '|';
            nested += quoted ? 0 : "({[".indexOf(c) >= 0 ? 1 : ")}]".indexOf(c) >= 0 ? -1 : 0;
            spread.append(c);
            if (c == ',' && nested == 0 && !quoted && i + 1 < attribute.length() && !Character.isWhitespace(attribute.charAt(i + 1))) {
                spread.append(' ');
            }
        }
        return spread.toString();
    }

    /** An expression that is longer than a line, broken at white space that stands in no word of it. */
    private static List<String> broken(String piece, int width) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        Matcher words = Pattern.compile("(?:'[^']*'|\\|[^|]*\\||[^\\s'|])+").matcher(piece);
        while (words.find()) {
            if (line.length() > 0 && line.length() + 1 + words.group().length() > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() > 0 ? " " : "").append(words.group());
        }
        lines.add(line.toString());
        return lines;
    }

    private void line(String text) {
        out.append(" ".repeat(2 * depth)).append(text).append('\n');
    }

    /** Every template below a folder. */
    public static List<Path> templates(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(f -> f.toString().endsWith(".html")).sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static void main(String[] folders) throws IOException {
        for (Path file : templates(Path.of(folders[0]))) {
            String before = Files.readString(file);
            String after = format(before);
            if (!after.equals(before)) {
                Files.writeString(file, after);
            }
        }
    }
}
