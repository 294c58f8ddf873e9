package pelluna.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The command line: one file in, one answer out, and what is wrong by field. */
class AssessCommandTest {
    private static final String GOOD =
            "{\"pelluna\":1,\"startOn\":\"2027-03-01\",\"tank\":{\"lengthCm\":150,\"widthCm\":60,\"waterHeightCm\":55,"
                    + "\"netLitres\":428},"
                    + "\"residents\":[{\"species\":\"Gramma "
                    + "loreto\",\"lengthCm\":6}],\"wishes\":[{\"species\":\"Pseudochromis "
                    + "fridmani\",\"want\":4},{\"species\":\"regal tang\"}]}";

    private static CommandRun run(String in, String... args) {
        return CommandRun.of(AssessCommand::run, in, args);
    }

    @Test
    void aPlanOnStandardInputIsAssessed() {
        CommandRun run = run(GOOD, "-");
        assertThat(run.code()).isZero();
        assertThat(run.err()).isEmpty();
        JsonNode answer = run.json();
        assertThat(answer.at("/pelluna").asInt()).isEqualTo(1);
        assertThat(answer.at("/tank/netLitres").asDouble()).isEqualTo(428);
        assertThat(answer.at("/sieve").size()).isEqualTo(2);
        assertThat(answer.at("/sieve/1/species").asString()).isEqualTo("Paracanthurus hepatus");
        assertThat(answer.at("/sieve/1/outcome").asString()).isEqualTo("not-in-this-tank");
        assertThat(answer.at("/sieve/1/findings/0").propertyNames())
                .contains("rule", "step", "needs", "has", "unit", "reason", "remedy", "source");
        assertThat(answer.at("/tension").size())
                .as("every ordered pair of three fish")
                .isEqualTo(6);
        assertThat(answer.at("/capacity/lenses").size()).isEqualTo(3);
        assertThat(answer.at("/arrivals/steps/0").propertyNames())
                .contains("position", "fish", "quarantineFrom", "releaseOn", "method", "why");
        assertThat(answer.at("/bestSet/take/0").asString()).isEqualTo("Pseudochromis fridmani");
    }

    @Test
    void withinATimeItAnswersWithWhatItHasAndSaysSo() {
        JsonNode stopped = JsonMapper.builder()
                .build()
                .readTree(run(GOOD, "--seconds", "0", "-").out());
        JsonNode whole = JsonMapper.builder()
                .build()
                .readTree(run(GOOD, "--seconds", "600", "-").out());
        assertThat(stopped.has("stopped")).isTrue();
        assertThat(stopped.at("/arrivals/exact").asBoolean()).isFalse();
        assertThat(stopped.at("/sieve")).hasSameSizeAs(whole.at("/sieve"));
        assertThat(whole.has("stopped")).isFalse();
        assertThat(run(GOOD, "--seconds", "-").code()).isEqualTo(2);
        assertThat(run(GOOD, "--seconds", "soon", "-").code()).isEqualTo(2);
    }

    @Test
    void aFileIsTheSameAsStandardInput(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("plan.json"), GOOD);
        assertThat(run("", file.toString()).out()).isEqualTo(run(GOOD, "-").out());
    }

    @ParameterizedTest(name = "{1} {2}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
        { | `` | app.planfile.NoJson | ``
        [] | `` | =[] | ``
        {"tank":{"lengthCm":100,"widthCm":50,"waterHeightCm":50}} | pelluna | plan.Nothing | pelluna
        {"pelluna":2,"tank":{"lengthCm":100,"widthCm":50,"waterHeightCm":50}} | pelluna | =2 | pelluna
        {"pelluna":1} | tank | plan.Nothing | ``
        {"pelluna":1,"tank":{}} | tank | app.planfile.NoSize | ``
        {"pelluna":1,"tank":{"lengthCm":100}} | tank | tank.NoCompleteSize | ``
        {"pelluna":1,"tank":{"lengthCm":0,"widthCm":50,"waterHeightCm":50}} | tank.lengthCm | =0 | tank_lengthCm
        {"pelluna":1,"tank":{"lengthCm":"long","widthCm":50,"waterHeightCm":50}} | tank.lengthCm | =long | tank_lengthCm
        {"pelluna":1,"tank":{"netLitres":200,"runCm":90,"keeps":["sharks"]}}|tank.keeps[0]|=sharks|tank_keeps_items
        {"pelluna":1,"tank":SMALL,"wishes":[{"count":2}]} | wishes[0].species | plan.Nothing | ``
        {"pelluna":1,"tank":SMALL,"wishes":[{"species":"unicorn whale"}]} | wishes[0].species | =unicorn whale | ``
        {"pelluna":1,"tank":SMALL,"wishes":[{"species":"royal gramma","count":1000}]} | wishes[0].count | =1000 | ``
        {"pelluna":1,"startOn":"soon","tank":SMALL} | startOn | =soon | day
        {"pelluna":1,"startOn":"2027-02-31","tank":SMALL} | startOn | =2027-02-31 | day
        {"pelluna":1,"tank":{"netLitres":200,"runCm":90,"ph":8}} | tank.ph | app.planfile.UnknownField | ``
        """)
    void aWrongFileExitsWithTwoAndNamesTheField(String file, String place, String found, String field) {
        CommandRun run = run(file.replace("SMALL", "{\"netLitres\":200,\"runCm\":90}"), "-");
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        Pattern what = found.startsWith("=") ? Pattern.compile(Pattern.quote(found.substring(1))) : said(found);
        assertThat(run.err())
                .startsWith(place.isEmpty() ? "" : place + ":")
                .containsPattern(what)
                .containsPattern(field.isEmpty() ? "" : "" + saidWith("app.planfile.FieldNeeds", "field", field))
                .doesNotContain("Exception", "\tat ");
    }

    @Test
    void aMissingFileAndNoFileAreSaid() {
        assertThat(run("", "/no/such/plan.json").code()).isEqualTo(2);
        assertThat(run("", "/no/such/plan.json").err()).contains("/no/such/plan.json");
        assertThat(run("").err()).containsPattern(said("page.exchange.usagePellunaAssessSecondsNFILE"));
    }

    @Test
    void theTwoDemoPlansKeepTheSchema() throws Exception {
        for (String name : new String[] {"lantern-ledge", "sill"}) {
            try (var in = AssessCommandTest.class.getResourceAsStream("/demo/" + name + ".json")) {
                assertThat(run(new String(in.readAllBytes(), StandardCharsets.UTF_8), "-")
                                .code())
                        .as(name)
                        .isZero();
            }
        }
    }
}
