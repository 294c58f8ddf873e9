package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;

/**
 * Scientific names against a published list: NCBI Taxonomy (public domain), in the genera that reef keepers meet, as
 * shipped by the
 * Debian package
 * r-bioc-genomeinfodbdata 1.2.9.
 */
class PublishedNamesTest {
    private static final Set<String> LISTED = lines("/ncbi-names.tsv").stream()
            .map(l -> l.split("\t"))
            .filter(f -> f.length == 3)
            .map(f -> f[1] + " " + f[2])
            .collect(Collectors.toSet());
    private static final Map<String, String> EXCEPTIONS = lines("/names-not-listed.txt").stream()
            .map(l -> l.split(" = ", 2))
            .collect(Collectors.toMap(f -> f[0], f -> f[1]));

    private static List<String> lines(String resource) {
        try (InputStream in = PublishedNamesTest.class.getResourceAsStream(resource)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void everyScientificNameIsPublishedOrStandsInTheListOfExceptionsWithAReason() {
        Set<String> missing = Plans.CATALOGUE.all().stream()
                .map(Species::scientificName)
                .filter(n -> !LISTED.contains(n))
                .collect(Collectors.toSet());
        assertThat(EXCEPTIONS.keySet())
                .as("exceptions: all that are missing, and nobody else")
                .isEqualTo(missing);
        assertThat(EXCEPTIONS.values()).allSatisfy(reason -> assertThat(reason).hasSizeGreaterThan(20));
        assertThat(missing)
                .as("few of them")
                .hasSizeLessThan(Plans.CATALOGUE.all().size() / 10);
    }

    @Test
    void theListIsWhatItSays() {
        assertThat(LISTED)
                .hasSizeGreaterThan(3000)
                .contains("Gramma loreto", "Premnas biaculeatus")
                .doesNotContain("Gramma lorteo");
    }
}
