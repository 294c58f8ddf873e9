package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No line is longer than a reader can hold. The build formats Java; this counts what a formatter leaves alone. */
class FormatTest {
    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");
    private static final int LONGEST_JAVA = 120;
    private static final int LONGEST_OTHER = 140;
    /** Migrations that were released: their text is what databases know them by. */
    private static final String RELEASED = "V[1-7]__.*";

    @Test
    void java() throws IOException {
        for (String sources : List.of("core/src", "words/src", "app/src")) {
            assertThat(tooLong(ROOT.resolve(sources), ".java", LONGEST_JAVA)).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "app/src/main/resources/templates,.html",
        "app/src/main/resources/static,.js",
        "app/src/main/resources/db,.sql",
        "words/src/main/resources,.properties"
    })
    void templatesScriptsSqlAndMessages(String folder, String ending) throws IOException {
        assertThat(tooLong(ROOT.resolve(folder), ending, LONGEST_OTHER)).isEmpty();
    }

    private static List<String> tooLong(Path folder, String ending, int longest) throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : all.filter(
                            p -> p.toString().endsWith(ending) && !p.toString().contains("vendor"))
                    .filter(p -> !p.getFileName().toString().matches(RELEASED))
                    .toList()) {
                read(file, longest, found);
            }
        }
        return found;
    }

    private static void read(Path file, int longest, List<String> found) throws IOException {
        boolean block = false;
        int number = 0;
        for (String line : Files.readAllLines(file)) {
            number++;
            boolean row = block && line.contains(" | ");
            if (line.length() > longest && !row) {
                found.add(file + ":" + number + " has " + line.length());
            }
            block ^= line.split("\"\"\"", -1).length % 2 == 0;
        }
    }
}
