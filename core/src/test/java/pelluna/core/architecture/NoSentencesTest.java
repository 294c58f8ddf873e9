package pelluna.core.architecture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.text.NumberFormat;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The core says what is so by codes and figures. How it is said stands in the module of words. */
class NoSentencesTest {
    private static final Path SOURCES = Path.of("src/main/java/pelluna/core");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|//[^\\n]*", Pattern.DOTALL);
    /** What is thrown at programmers. */
    private static final Pattern THROWN = Pattern.compile("throw new \\w+\\(.*?;", Pattern.DOTALL);

    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    /** Three words in a row, or a piece that is glued to another. */
    private static final Pattern SENTENCE =
            Pattern.compile("[A-Za-z']{2,}[,;:]? [a-z']{2,}[,;:]? [a-z']+|^[,;.]? [a-z]{2,}|[a-z]{2,}[,;:]? $");

    /** Words that people type, and fish are called by: read, never said. */
    private static final Set<String> READ = Set.of(
            "names/GroupWords.java",
            "search/QuestionReader.java",
            "search/ReefTerms.java",
            "search/Terms.java",
            "sighting/Phrases.java");
    /** How the files of the catalogue are written. */
    private static final Set<String> CATALOGUE_FILES =
            Set.of("catalogue/FactForms.java", "catalogue/ReefText.java", "catalogue/SpeciesReader.java");
    /** Words of the open formats and of the catalogue that are several. */
    private static final Set<String> CODES = Set.of(
            "catalogue/GroupLife.java",
            "catalogue/Hazard.java",
            "catalogue/Leaning.java",
            "sieve/Wanted.java",
            "tension/Force.java");

    private static boolean speaks(Path source) {
        try {
            String code = COMMENT.matcher(Files.readString(source)).replaceAll("");
            return TEXT.matcher(THROWN.matcher(code).replaceAll(""))
                    .results()
                    .anyMatch(m -> SENTENCE.matcher(m.group(1)).find());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void noSentenceStandsInTheCoreOutsideAShortList() throws IOException {
        Set<String> allowed = Stream.of(READ, CATALOGUE_FILES, CODES)
                .flatMap(Set::stream)
                .collect(Collectors.toCollection(TreeSet::new));
        try (Stream<Path> all = Files.walk(SOURCES)) {
            Set<String> speaking = all.filter(p -> p.toString().endsWith(".java"))
                    .filter(NoSentencesTest::speaks)
                    .map(p -> SOURCES.relativize(p).toString())
                    .collect(Collectors.toCollection(TreeSet::new));
            assertThat(speaking).as("whatever is off the list stays off").isEqualTo(allowed);
        }
    }

    @Test
    void nothingIsWrittenForAReaderHere() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .belongToAnyOf(DateTimeFormatter.class, NumberFormat.class, MessageFormat.class)
                .orShould()
                .accessField(Locale.class, "ENGLISH")
                .orShould()
                .callMethod(Locale.class, "getDefault")
                .check(new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("pelluna.core"));
    }
}
