package pelluna.words;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The messages of a language as they are written. */
final class MessageFiles {
    static final Path FOLDERS = Path.of("src/main/resources/pelluna/words");

    private MessageFiles() {}

    /** By file and key: 'page/log.properties page.log.today'. @param language as its folder is called */
    static Map<String, String> of(String language) {
        Map<String, String> all = new TreeMap<>();
        Path folder = FOLDERS.resolve(language);
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".properties")).toList()) {
                Properties of = new Properties();
                try (Reader in = Files.newBufferedReader(file)) {
                    of.load(in);
                }
                of.stringPropertyNames()
                        .forEach(key -> all.put(folder.relativize(file) + " " + key, of.getProperty(key)));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }
}
