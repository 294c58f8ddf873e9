package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Restock;
import pelluna.core.capacity.Lens;
import pelluna.core.introduction.ProtocolStep;

/** Whatever the core can state has a message, and every message is of something that the core can state. */
class EveryMessageTest {
    private static final Set<String> OF_THE_LANGUAGE = Set.of("script", "words");
    /** Statements that hold figures beside what is said of them. */
    private static final Set<Class<?>> OF_THE_MODEL = Set.of(Lens.class, Restock.Reminder.class, ProtocolStep.class);

    private static final Pattern KEY = Pattern.compile("^[A-Za-z][\\w.]* = ");

    private static final MessageCheck CHECK = new MessageCheck(Locale.ENGLISH, core());

    @Test
    void everyStatementHasAMessage() {
        assertThat(CHECK.statements()).hasSizeGreaterThan(200);
        assertThat(CHECK.unsaid()).isEmpty();
    }

    @Test
    void everyMessageAsksForWhatItsStatementHas() {
        assertThat(CHECK.wrong()).isEmpty();
    }

    @Test
    void everyFigureAndNameOfAStatementIsUsed() {
        assertThat(CHECK.unused(OF_THE_MODEL)).isEmpty();
    }

    @Test
    void everyValueThatIsSaidHasAMessage() {
        assertThat(CHECK.unsaidValues()).isEmpty();
    }

    @Test
    void everyMessageIsOfSomethingAndStandsInItsOwnFile() {
        assertThat(files().stream().filter(f -> !OF_THE_LANGUAGE.contains(f)))
                .hasSizeGreaterThan(15)
                .allSatisfy(f -> assertThat(CHECK.idle(f)).isEmpty());
    }

    @Test
    void noKeyStandsTwice() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/pelluna/words"))) {
            assertThat(files.filter(f -> f.toString().endsWith(".properties")).flatMap(f -> twice(f).stream()))
                    .isEmpty();
        }
    }

    private static List<String> twice(Path file) {
        try (Stream<String> lines = Files.lines(file)) {
            Set<String> seen = new HashSet<>();
            return lines.filter(l -> KEY.matcher(l).find())
                    .map(l -> l.substring(0, l.indexOf(" = ")))
                    .filter(k -> !seen.add(k))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void noTwoThingsShareAKey() {
        assertThat(CHECK.shared()).isEmpty();
    }

    private static List<Class<?>> core() {
        return new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("pelluna.core").stream()
                        .<Class<?>>map(JavaClass::reflect)
                        .toList();
    }

    private static List<String> files() {
        try (Stream<Path> all =
                Files.list(Path.of(Messages.class.getResource("en").toURI()))) {
            return all.map(p -> p.getFileName().toString())
                    .filter(f -> f.endsWith(".properties"))
                    .map(f -> f.replace(".properties", ""))
                    .sorted()
                    .toList();
        } catch (IOException | URISyntaxException e) {
            throw new AssertionError(e);
        }
    }
}
