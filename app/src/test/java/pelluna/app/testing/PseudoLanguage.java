package pelluna.app.testing;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueText;

/**
 * A third language, made of English: every letter with an accent, every vowel twice, a right-to-left mark at either
 * end. It takes the code of Esperanto, so that days and plurals are some language's. Whatever a page says in plain
 * letters is said past the messages.
 */
public final class PseudoLanguage {
    public static final String CODE = "eo";
    public static final String MARK = "\u200f";

    private static final Path ENGLISH = Path.of("../words/src/main/resources/pelluna/words/en");
    private static final String FROM = "aeioubcdfghjklmnpqrstvwxyzAEIOUBCDFGHJKLMNPQRSTVWXYZ";
    private static final String TO = "áéíóúƀćďƒĝĥĵķĺɱñþɋŕšţṽŵẋýžÁÉÍÓÚƁĆĎƑĜĤĴĶĹḾÑÞɊŔŠŢṼŴẊÝŽ";
    private static final String VOWELS = "aeiouAEIOU";
    private static final String TWICE = "àèìòùÀÈÌÒÙ";
    /** How days are written is no text. */
    private static final Set<String> PATTERNS = Set.of(
            "words.day",
            "words.shortDay",
            "words.time",
            "words.weekday",
            "words.moment",
            "words.shortMoment",
            "words.month",
            "words.shortMonth");

    private PseudoLanguage() {}

    /** Puts its folder beside the compiled tests. Several processes may do so at once. */
    static void write() {
        try (Stream<Path> files = Files.walk(ENGLISH)) {
            Path folder = Path.of(PseudoLanguage.class.getResource("/").toURI())
                    .resolve("pelluna/words")
                    .resolve(CODE);
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".properties")).toList()) {
                put(folder.resolve(ENGLISH.relativize(file).toString()), messages(file));
            }
            put(folder.resolve("catalogue.txt"), catalogue());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void put(Path to, String text) throws IOException {
        Files.createDirectories(to.getParent());
        Path fresh = Files.createTempFile(to.getParent(), "pseudo", ".new");
        Files.writeString(fresh, text);
        Files.move(fresh, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static String messages(Path file) throws IOException {
        Properties english = new Properties();
        try (Reader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            english.load(in);
        }
        StringBuilder all = new StringBuilder();
        new TreeMap<>(english)
                .forEach((key, text) -> all.append(key)
                        .append(" = ")
                        .append(value(key.toString(), text.toString())
                                .replace("\\", "\\\\")
                                .replace("\n", "\\n"))
                        .append('\n'));
        return all.toString();
    }

    private static String value(String key, String text) {
        return key.equals("words.lists") || key.equals("words.dates")
                ? CODE
                : PATTERNS.contains(key) ? text : MARK + message(text) + MARK;
    }

    /** The words of a message; its arguments stay. */
    static String message(String text) {
        MessagePattern pattern = new MessagePattern(text);
        boolean[] syntax = new boolean[text.length()];
        for (int i = 0; i < pattern.countParts(); i++) {
            MessagePattern.Part part = pattern.getPart(i);
            boolean begins = part.getType() == MessagePattern.Part.Type.ARG_START;
            // from the brace to the first thing that is chosen: the name, and 'plural' or 'select'
            int until = begins ? pattern.getPart(i + 2).getIndex() : part.getLimit();
            Arrays.fill(syntax, part.getIndex(), until, true);
        }
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            said.append(syntax[i] ? String.valueOf(text.charAt(i)) : letter(text.charAt(i)));
        }
        return said.toString();
    }

    private static String letter(char c) {
        int from = FROM.indexOf(c);
        int vowel = VOWELS.indexOf(c);
        return from < 0 ? String.valueOf(c) : TO.charAt(from) + (vowel < 0 ? "" : TWICE.substring(vowel, vowel + 1));
    }

    private static String catalogue() {
        StringBuilder all = new StringBuilder();
        Catalogue.shipped().all().stream()
                .flatMap(s -> CatalogueText.all(s).stream())
                .map(CatalogueText::english)
                .distinct()
                .forEach(t -> all.append(t)
                        .append("\n    ")
                        .append(MARK + plain(t) + MARK)
                        .append('\n'));
        return all.toString();
    }

    private static String plain(String text) {
        return text.chars().mapToObj(c -> letter((char) c)).reduce("", String::concat);
    }
}
