package pelluna.app.architecture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.jsoup.select.NodeVisitor;

/** What templates say by themselves, and which messages they ask for. */
final class Templates {
    private static final Path ROOT = Path.of("src/main/resources/templates");
    private static final Pattern LETTERS = Pattern.compile("\\p{L}");
    private static final Pattern INLINED = Pattern.compile("\\[\\[.*?]]", Pattern.DOTALL);
    /** Shown or read out to somebody. */
    private static final Set<String> READ = Set.of("title", "alt", "aria-label", "placeholder", "data-ask", "label");
    /** Keys of a keyboard, commands, styles: the same in every language. */
    private static final Set<String> SIGNS = Set.of("kbd", "code", "pre", "style", "script");

    private static final Pattern QUOTED = Pattern.compile("'((?:[^']|'')*)'");
    /** Two words, or a word that begins as a sentence does. */
    private static final Pattern SAID = Pattern.compile("\\p{L}{2,}[,;:]? |^ ?\\p{Lu}\\p{Ll}| \\p{Ll}{2,}");
    /** How a day is written, and classes of the stylesheet. */
    private static final Set<String> NO_WORDS = Set.of("d MMM", "d MMM yyyy", "order-first md:order-none");

    private Templates() {}

    static List<Path> all() {
        try (Stream<Path> files = Files.list(ROOT)) {
            return files.sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Literal text of one template: between tags, in attributes that are read, in expressions. */
    static List<String> literals(Path file) {
        List<String> found = new ArrayList<>();
        Jsoup.parse(read(file), "", Parser.xmlParser()).traverse((NodeVisitor) (node, depth) -> {
            if (node instanceof TextNode text && !SIGNS.contains(name(text.parent()))) {
                String said =
                        INLINED.matcher(text.getWholeText()).replaceAll("").strip();
                if (LETTERS.matcher(said).find() && !said.equals("Pelluna")) {
                    found.add(file.getFileName() + ": " + said);
                }
            } else if (node instanceof Element e) {
                e.attributes().forEach(a -> ofAttribute(file, a, found));
            }
        });
        return found;
    }

    private static void ofAttribute(Path file, Attribute a, List<String> found) {
        if (READ.contains(a.getKey()) && LETTERS.matcher(a.getValue()).find()) {
            found.add(file.getFileName() + ": " + a);
        } else if (a.getKey().startsWith("th:")) {
            Matcher quoted = QUOTED.matcher(a.getValue());
            while (quoted.find()) {
                String text = quoted.group(1);
                if (SAID.matcher(text).find() && !NO_WORDS.contains(text)) {
                    found.add(file.getFileName() + ": " + a.getKey() + " '" + text + "'");
                }
            }
        }
    }

    private static String name(org.jsoup.nodes.Node node) {
        return node instanceof Element e ? e.normalName() : "";
    }
}
