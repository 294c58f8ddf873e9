package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What docs/code.md names, a stranger finds: every class by its package, every path as it stands. */
class DocsNameTheCodeTest {
    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");
    /** 'core.sieve.CoverRule' or 'writes.Writes'. */
    private static final Pattern TYPE = Pattern.compile("`((?:[a-z]+\\.)+)([A-Z][A-Za-z]+)(?:[.`#])");

    private static final Pattern PATH = Pattern.compile("`((?:core|words|app|frontend)/[A-Za-z/.-]+)`");

    @Test
    void everyClassIsWhereItIsSaidToBe() throws IOException {
        String text = Files.readString(ROOT.resolve("docs/code.md"));
        List<String> types = types();
        List<String> lost = new ArrayList<>();
        int named = 0;
        for (Matcher m = TYPE.matcher(text); m.find(); named++) {
            String end = m.group(1).replace('.', '/') + m.group(2) + ".java";
            if (types.stream().noneMatch(t -> t.endsWith("/" + end))) {
                lost.add(m.group(1) + m.group(2));
            }
        }
        assertThat(lost).isEmpty();
        assertThat(named).isGreaterThan(30);
    }

    @Test
    void everyPathIsThere() throws IOException {
        Matcher m = PATH.matcher(Files.readString(ROOT.resolve("docs/code.md")));
        List<String> lost = new ArrayList<>();
        while (m.find()) {
            if (!Files.exists(ROOT.resolve(m.group(1)))) {
                lost.add(m.group(1));
            }
        }
        assertThat(lost).isEmpty();
    }

    private static List<String> types() throws IOException {
        List<String> types = new ArrayList<>();
        for (String sources : List.of("core/src/main", "words/src/main", "app/src/main")) {
            try (Stream<Path> all = Files.walk(ROOT.resolve(sources))) {
                all.filter(p -> p.toString().endsWith(".java"))
                        .forEach(p -> types.add(p.toString().replace('\\', '/')));
            }
        }
        return types;
    }
}
