package pelluna.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.catalogue.Source;
import pelluna.words.Words;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** './pelluna catalogue': the fields that others rely on. */
class CatalogueCommandTest {
    private static final List<String> FIELDS = List.of(
            "scientificName",
            "family",
            "genus",
            "commonNames",
            "synonyms",
            "group",
            "adultLengthCm",
            "leastVolumeLitres",
            "leastRunCm",
            "reefLife",
            "keeperHazards",
            "social",
            "leastGroup",
            "sandDepthCm",
            "jumps",
            "guild",
            "boldness",
            "captiveBred",
            "source");

    record Run(int code, String out, String err) {}

    private static Run run(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = CatalogueCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Run(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @Test
    void everySpeciesHasEveryFieldAndEveryFactItsSource() {
        Run run = run("--format", "json");
        assertThat(run.code()).isZero();
        assertThat(run.err()).isEmpty();
        JsonNode all = JsonMapper.builder().build().readTree(run.out());
        assertThat(all.size()).isGreaterThanOrEqualTo(250);
        for (JsonNode s : all) {
            String name = s.at("/scientificName").asString();
            assertThat(s.propertyNames()).as(name).containsAll(FIELDS);
            assertThat(s.at("/adultLengthCm").propertyNames()).containsExactly("usual", "record");
            assertThat(s.at("/leastVolumeLitres").propertyNames()).containsExactly("bold", "customary", "cautious");
            assertThat(s.at("/leastRunCm/bold").asDouble())
                    .isLessThanOrEqualTo(s.at("/leastRunCm/cautious").asDouble());
            assertThat(s.at("/reefLife").size()).isEqualTo(14);
            s.at("/reefLife")
                    .forEach(harm -> assertThat(harm.asString())
                            .isIn("leaves-alone", "has-been-known-to", "often", "expect-it"));
            assertThat(s.at("/captiveBred").isBoolean()).isTrue();
            assertThat(s.at("/keeperHazards").isArray()).isTrue();
            List.of(
                            "group",
                            "adultLengthCm",
                            "leastVolumeLitres",
                            "leastRunCm",
                            "reefLife",
                            "keeperHazards",
                            "social",
                            "sandDepthCm",
                            "jumps",
                            "guild",
                            "boldness",
                            "captiveBred")
                    .forEach(field -> assertThat(s.at("/source/" + field).asString())
                            .as(name + ", " + field)
                            .isIn(Arrays.stream(Source.values())
                                    .map(Words.forAnybody()::of)
                                    .toList()));
        }
    }

    @Test
    void csvHasOneLineASpeciesAndOneOfNames() {
        assertThat(CatalogueCsv.read(run("--format", "csv").out()))
                .hasSizeGreaterThanOrEqualTo(250)
                .allMatch(r -> r.refused().isEmpty());
        assertThat(run("--format=csv").out()).isEqualTo(run("--format", "csv").out());
    }

    @ParameterizedTest
    @ValueSource(strings = {"--format xml", "csv", "--format", "--format json extra"})
    void anythingElseIsRefusedWithNothingOnStandardOutput(String args) {
        Run run = run(args.split(" "));
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err()).contains("--format json|csv");
    }
}
