package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.words.MessageCheck;

/** Every message of a page or script is asked for, with the arguments it has; whatever is asked for is there. */
class MessagesInUseTest {
    private static final Path WORDS = Path.of("../words/src/main/resources/pelluna/words/en");
    private static final Pattern ASKED = Pattern.compile("#\\{(page\\.[\\w.]+)(\\()?");
    private static final Pattern SCRIPTED = Pattern.compile("['`](script\\.[\\w.]+)(\\$\\{)?");
    private static final Pattern CALLED = Pattern.compile("\\.text\\(\\s*['\"](page\\.[\\w.]+)['\"]\\s*([,)+])");

    /** A message that a template or a program asks for. */
    private record Use(String key, int arguments, boolean start, String where) {}

    @Test
    void everyUseHasItsMessageWithItsArguments() throws IOException {
        Set<String> keys = keys();
        assertThat(keys).hasSizeGreaterThan(700);
        assertThat(uses().stream()
                        .filter(u -> u.start()
                                ? keys.stream().noneMatch(k -> k.startsWith(u.key()))
                                : !keys.contains(u.key())
                                        || MessageCheck.places(Locale.ENGLISH, u.key()) != u.arguments()))
                .isEmpty();
    }

    @Test
    void everyMessageOfAScriptIsUsedAndEveryUseHasOne() throws IOException {
        Set<String> keys = new TreeSet<>(MessageCheck.keys(Locale.ENGLISH, "script"));
        Set<String> idle = new TreeSet<>(keys);
        List<String> asked = new ArrayList<>();
        for (Path script : Scripts.all()) {
            Matcher scripted = SCRIPTED.matcher(Files.readString(script));
            while (scripted.find()) {
                asked.add(scripted.group(1));
                boolean start = scripted.group(2) != null;
                String key = scripted.group(1);
                idle.removeIf(k -> start
                        ? k.startsWith(key)
                        : k.replaceFirst("\\.(one|other)$", "").equals(key));
            }
        }
        assertThat(idle).isEmpty();
        assertThat(asked).hasSizeGreaterThan(30).allMatch(a -> keys.stream().anyMatch(k -> k.startsWith(a)));
    }

    @Test
    void everyMessageOfAPageIsUsed() throws IOException {
        Set<String> idle = keys();
        for (Use u : uses()) {
            idle.removeIf(k -> u.start() ? k.startsWith(u.key()) : k.equals(u.key()));
        }
        assertThat(idle).isEmpty();
    }

    private static List<Use> uses() throws IOException {
        List<Use> uses = new ArrayList<>();
        for (Path template : Templates.all()) {
            String text = Templates.read(template);
            Matcher asked = ASKED.matcher(text);
            while (asked.find()) {
                int arguments = asked.group(2) == null ? 0 : arguments(text, asked.end());
                uses.add(new Use(
                        asked.group(1), arguments, false, template.getFileName().toString()));
            }
            called(text, template, uses);
        }
        try (Stream<Path> sources = Files.walk(Path.of("src/main/java"))) {
            for (Path source :
                    sources.filter(p -> p.toString().endsWith(".java")).toList()) {
                called(Files.readString(source), source, uses);
            }
        }
        return uses;
    }

    private static void called(String text, Path file, List<Use> uses) {
        Matcher called = CALLED.matcher(text);
        while (called.find()) {
            int arguments = called.group(2).equals(",") ? arguments(text, called.end()) : 0;
            boolean start = called.group(2).equals("+");
            uses.add(new Use(
                    called.group(1), arguments, start, file.getFileName().toString()));
        }
    }

    /** How many arguments stand in a bracket that has been opened before. */
    private static int arguments(String text, int from) {
        int commas = 0;
        int depth = 1;
        char quote = 0;
        for (int i = from; ; i++) {
            char c = text.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if (c == '\'' || c == '"') {
                quote = c;
            } else if ("({[".indexOf(c) >= 0) {
                depth++;
            } else if (")}]".indexOf(c) >= 0) {
                depth--;
                if (depth == 0) {
                    return commas + 1;
                }
            } else if (c == ',' && depth == 1) {
                commas++;
            }
        }
    }

    private static Set<String> keys() throws IOException {
        Set<String> keys = new TreeSet<>();
        try (Stream<Path> files = Files.list(WORDS.resolve("page"))) {
            files.map(p -> p.getFileName().toString().replace(".properties", ""))
                    .forEach(f -> keys.addAll(MessageCheck.keys(Locale.ENGLISH, "page." + f)));
        }
        return keys;
    }
}
