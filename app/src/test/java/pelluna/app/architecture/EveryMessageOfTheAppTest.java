package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.app.limits.Refusal;
import pelluna.words.MessageCheck;

/** Whatever the application can state has a message, and every message is of something that it can state. */
class EveryMessageOfTheAppTest {
    private static final Path FILES = Path.of("../words/src/main/resources/pelluna/words/en/app");
    private static final MessageCheck CHECK = new MessageCheck(Locale.ENGLISH, classes());

    @Test
    void everyStatementHasAMessageThatAsksForWhatItHas() {
        assertThat(CHECK.statements())
                .filteredOn(Refusal.class::isAssignableFrom)
                .hasSizeGreaterThan(80);
        assertThat(CHECK.unsaid()).isEmpty();
        assertThat(CHECK.wrong()).isEmpty();
        assertThat(CHECK.unused(Set.of())).isEmpty();
        assertThat(CHECK.unsaidValues()).isEmpty();
        assertThat(CHECK.shared()).isEmpty();
    }

    @Test
    void everyMessageIsOfSomethingAndStandsInItsOwnFile() throws IOException {
        try (Stream<Path> files = Files.list(FILES)) {
            assertThat(files.map(f -> "app." + f.getFileName().toString().replace(".properties", "")))
                    .hasSizeGreaterThan(15)
                    .allSatisfy(f -> assertThat(CHECK.idle(f)).isEmpty());
        }
    }

    private static List<Class<?>> classes() {
        return new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("pelluna.app").stream()
                        .<Class<?>>map(JavaClass::reflect)
                        .toList();
    }
}
