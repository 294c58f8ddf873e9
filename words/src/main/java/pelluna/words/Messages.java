package pelluna.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The messages of one language, from files of this module: {@code en/sieve.properties} holds those whose keys begin
 * with {@code sieve}, {@code en/page/log.properties} those of {@code page.log}. A file is read, and all its messages
 * are compiled, when the first of them is asked for.
 */
final class Messages {
    /** What the application says, and what its pages do: folders of files. */
    private static final Set<String> FOLDERS = Set.of("app", "page");

    private static final Map<Locale, Messages> LANGUAGES = new ConcurrentHashMap<>();
    private final Locale language;
    private final Map<String, Map<String, Message>> files = new ConcurrentHashMap<>();

    private Messages(Locale language) {
        this.language = language;
    }

    static Messages in(Locale language) {
        return LANGUAGES.computeIfAbsent(language, Messages::new);
    }

    /** @throws IllegalStateException if the language has no such message */
    Message get(String key) {
        return find(key).orElseThrow(() -> new IllegalStateException(language + " has no message '" + key + "'"));
    }

    /** Empty too if there is no file of the name. */
    Optional<Message> find(String key) {
        return Optional.ofNullable(file(nameOfFile(key)).get(key));
    }

    boolean anyUnder(String start) {
        return file(nameOfFile(start)).keySet().stream().anyMatch(k -> k.startsWith(start));
    }

    /** 'sieve', or 'page.log'. */
    private static String nameOfFile(String key) {
        int first = key.indexOf('.');
        return key.substring(0, FOLDERS.contains(key.substring(0, first)) ? key.indexOf('.', first + 1) : first);
    }

    /** All keys of a file, sorted. */
    Set<String> keys(String file) {
        return new TreeSet<>(file(file).keySet());
    }

    private Map<String, Message> file(String name) {
        return files.computeIfAbsent(name, this::read);
    }

    private Map<String, Message> read(String name) {
        Map<String, Message> read = new HashMap<>();
        Properties lines = new Properties();
        String path = language.getLanguage() + "/" + name.replace('.', '/') + ".properties";
        try (InputStream in = Messages.class.getResourceAsStream(path)) {
            if (in == null) {
                return Map.of();
            }
            lines.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        lines.forEach((key, text) -> read.put(key.toString(), new Message(key.toString(), text.toString(), language)));
        return Map.copyOf(read);
    }
}
