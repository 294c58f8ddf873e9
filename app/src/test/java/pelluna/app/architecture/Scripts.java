package pelluna.app.architecture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What the pages' scripts say by themselves. */
final class Scripts {
    private static final Path ROOT = Path.of("src/main/resources/static");
    private static final Pattern COMMENT = Pattern.compile("^\\s*//.*$|(?<=[;{},] )// .*$", Pattern.MULTILINE);
    private static final Pattern TEXT = Pattern.compile("'((?:[^'\\\\\n]|\\\\.)*)'|`([^`]*)`|\"([^\"\n]*)\"");
    private static final Pattern ASKED = Pattern.compile("\\$\\{(new URLSearchParams|live.body)\\(.*?\\)}");
    /** Two words, or one that begins as a sentence does. */
    private static final Pattern SAID =
            Pattern.compile("\\p{L}{2,}[,;:.]? \\p{Ll}{2,}|^\\p{Lu}\\p{Ll}+$|} \\p{Ll}{2,}");
    /** Names of keys and of headers, what RFC 8291 mixes in, what programmers read, a font, classes, selectors. */
    private static final Set<String> NO_WORDS = Set.of(
            "Enter",
            "Escape",
            "Tab",
            "Delete",
            "Backspace",
            "Notification",
            "WebPush: info\\0",
            "Content-Encoding: aes128gcm\\0",
            "Content-Encoding: nonce\\0",
            "no message ${key}",
            "100px 'Atkinson Hyperlegible Next', sans-serif",
            "12px 'Atkinson Hyperlegible Next', sans-serif",
            "(prefers-reduced-motion: reduce)",
            "link soft",
            "#offers button",
            "#unsent button",
            "form input[type=hidden][name=key]",
            "input, select, textarea");

    private Scripts() {}

    static List<Path> all() {
        try (Stream<Path> files = Files.walk(ROOT)) {
            return files.filter(p -> p.toString().endsWith(".js"))
                    .filter(p -> !p.toString().contains("vendor"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<String> literals(Path script) {
        try {
            return TEXT
                    .matcher(COMMENT.matcher(Files.readString(script)).replaceAll(""))
                    .results()
                    .map(m -> m.group(1) != null ? m.group(1) : m.group(2) != null ? m.group(2) : m.group(3))
                    .map(text -> ASKED.matcher(text).replaceAll(""))
                    .filter(text -> SAID.matcher(text).find() && !NO_WORDS.contains(text))
                    .map(text -> script.getFileName() + ": " + text)
                    .toList()
                    .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
