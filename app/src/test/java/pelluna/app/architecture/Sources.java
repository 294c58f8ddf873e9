package pelluna.app.architecture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What the application's Java says by itself. */
final class Sources {
    private static final Path ROOT = Path.of("src/main/java/pelluna/app");
    private static final Pattern COMMENT =
            Pattern.compile("/\\*.*?\\*/|^\\s*//[^\\n]*", Pattern.DOTALL | Pattern.MULTILINE);
    /** What programmers read: what is thrown at them, the log of the program; and questions to the database. */
    private static final Pattern INSIDE = Pattern.compile(
            "throw new (IllegalState|IllegalArgument|DateTime|NumberFormat|IO)Exception\\(.*?;|LOG\\.\\w+\\(.*?;"
                    + "|\"\"\".*?\"\"\"|@\\w+\\((?:[^()]|\\([^()]*\\))*\\)|\\.(sql|compile|select|matches)\\(.*?\\)",
            Pattern.DOTALL);

    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    /** Two words in a row, or an article and one, one that begins as a sentence does, or a piece glued to another. */
    private static final Pattern SAID = Pattern.compile("^\\p{Lu}\\p{Ll}+[,:.?]? ?$|^[Aa]n? \\p{L}{2,}"
            + "|\\p{L}{2,}[,;:.]? \\p{Ll}{2,}|^[,;.]? \\p{Ll}{2,}|\\p{Ll}{2,}[,;:]? $");
    /** Names of headers and of their values, classes of the stylesheet, how days are written, marks of a language. */
    private static final Pattern NO_WORDS = Pattern.compile(
            "Accept|Authorization|Bearer|Location|SameSite|Lax|Referer|Refresh|Origin|Host|Permissions|Topic"
                    + "|[a-z]+(-[a-z]+)*( [a-z]+-[a-z-]*)*|(EEE )?d MMM.*|.*(default-src|connect-src|<svg|<defs"
                    + "|<pattern|<style|@font-face|sans-serif|filename=|charset=).*|export const .*|;\\\\n.*");

    private Sources() {}

    static List<Path> all() {
        try (Stream<Path> files = Files.walk(ROOT)) {
            return files.filter(p -> p.toString().endsWith(".java")).sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static String name(Path source) {
        return ROOT.relativize(source).toString();
    }

    static List<String> literals(Path source) {
        try {
            String code = COMMENT.matcher(Files.readString(source)).replaceAll("");
            return TEXT.matcher(INSIDE.matcher(code).replaceAll(""))
                    .results()
                    .map(m -> m.group(1))
                    .filter(t -> SAID.matcher(t).find() && !NO_WORDS.matcher(t).matches())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
