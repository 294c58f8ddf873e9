package pelluna.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What ships with Pelluna of others is known: by NOTICE with its licence, by the list of parts with its sums. */
class SupplyChainTest {
    private static final Path APP = Files.exists(Path.of("app")) ? Path.of("app") : Path.of(".");
    private static final Path ROOT = APP.resolve("..");
    private static final Path LIST = APP.resolve("target/classes/META-INF/sbom/application.cdx.json");
    private static final Pattern LIBRARY = Pattern.compile("  (\\S+) (\\d\\S*): (\\S.*)");

    @Test
    void theNoticeIsWhatTheBuildFinds() throws IOException {
        assertThat(Files.readString(ROOT.resolve("NOTICE")))
                .as("cp app/target/NOTICE NOTICE")
                .isEqualTo(Files.readString(APP.resolve("target/NOTICE")));
    }

    @Test
    void everyLibraryHasOneVersionAndALicence() throws IOException {
        assertThat(libraries()).hasSizeGreaterThan(50).doesNotHaveDuplicates();
        assertThat(Files.readString(ROOT.resolve("NOTICE"))).doesNotContain("://", "Unknown license");
    }

    @Test
    void theNoticeHasTheScriptThatShips() throws IOException {
        String script = Files.readString(APP.resolve("src/main/resources/static/vendor/alpine-csp.min.js"));
        Matcher version = Pattern.compile("version:\"([0-9.]+)\"").matcher(script);
        assertThat(version.find()).isTrue();
        assertThat(Files.readString(ROOT.resolve("NOTICE"))).contains("Alpine.js " + version.group(1) + " ");
    }

    /** Maven makes the list only where it may ask for what it does not know. */
    @Test
    void theListOfPartsHasTheSameLibrariesEachWithItsSum() throws IOException {
        assumeThat(LIST).exists();
        assumeThat(Files.getLastModifiedTime(LIST))
                .as("made after what it is made of was changed")
                .isGreaterThan(Files.getLastModifiedTime(APP.resolve("pom.xml")))
                .isGreaterThan(Files.getLastModifiedTime(ROOT.resolve("pom.xml")));
        List<String> parts = new ArrayList<>();
        for (JsonNode part : JsonMapper.shared().readTree(LIST).path("components")) {
            if (!part.path("group").asString().equals("pelluna")) {
                parts.add(part.path("name").asString() + " "
                        + part.path("version").asString());
                assertThat(part.path("hashes")
                                .valueStream()
                                .map(h -> h.path("alg").asString()))
                        .as(part.path("name").asString())
                        .contains("SHA-256");
            }
        }
        assertThat(parts).containsExactlyInAnyOrderElementsOf(libraries());
    }

    private static List<String> libraries() throws IOException {
        try (Stream<String> lines = Files.lines(ROOT.resolve("NOTICE"))) {
            return lines.map(LIBRARY::matcher)
                    .filter(m -> m.matches())
                    .map(m -> m.group(1) + " " + m.group(2))
                    .toList();
        }
    }
}
