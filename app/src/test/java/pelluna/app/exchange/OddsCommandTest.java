package pelluna.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static pelluna.app.testing.Said.said;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The command line: one plan file in, its odds out, the same for the same seed. */
class OddsCommandTest {
    private static final String PLAN =
            "{\"pelluna\":1,\"startOn\":\"2027-03-01\",\"tank\":{\"lengthCm\":150,\"widthCm\":60,\"waterHeightCm\":55,"
                    + "\"netLitres\":428,\"cover\":\"none\"},"
                    + "\"residents\":[{\"species\":\"Gramma loreto\",\"lengthCm\":6}],"
                    + "\"wishes\":[{\"species\":\"firefish\",\"count\":2},{\"species\":\"Paracanthurus hepatus\"}]}";

    private static CommandRun run(String in, String... args) {
        return CommandRun.of(OddsCommand::run, in, args);
    }

    @Test
    void aPlanOnStandardInputIsPlayedWithEverythingThatItWishesFor() {
        CommandRun run = run(PLAN, "--runs", "200", "--seed", "5", "-");
        assertThat(run.code()).isZero();
        assertThat(run.err()).isEmpty();
        JsonNode odds = run.json();
        assertThat(odds.at("/runs").asInt()).isEqualTo(200);
        assertThat(odds.at("/seed").asLong()).isEqualTo(5);
        assertThat(odds.at("/perFish").size()).isEqualTo(3);
        assertThat(odds.at("/perFish").findValuesAsString("species"))
                .containsExactlyInAnyOrder("Gramma loreto", "Nemateleotris magnifica", "Paracanthurus hepatus");
        for (String months : new String[] {"1", "6", "24"}) {
            double well = odds.at("/allWell/" + months).asDouble(-1);
            assertThat(well)
                    .isBetween(
                            odds.at("/range/" + months + "/0").asDouble(),
                            odds.at("/range/" + months + "/1").asDouble());
        }
        JsonNode firefish = odds.at("/perFish/1");
        double causes = 0;
        for (JsonNode share : firefish.at("/why")) {
            causes += share.asDouble();
        }
        assertThat(causes).isCloseTo(firefish.at("/lost/24").asDouble(), within(0.001));
        assertThat(firefish.at("/why/jumped").asDouble())
                .as("an open tank")
                .isGreaterThan(firefish.at("/why/water").asDouble());
    }

    @Test
    void theSameSeedIsTheSameToTheLastDigitWhereverTheOptionsStand() {
        String first = run(PLAN, "--runs", "150", "--seed", "-3", "-").out();
        assertThat(run(PLAN, "--seed", "-3", "--runs", "150", "-").out()).isEqualTo(first);
        assertThat(run(PLAN, "-", "--runs", "150", "--seed", "-3").out()).isEqualTo(first);
        assertThat(run(PLAN, "--runs", "150", "--seed", "4", "-").out()).isNotEqualTo(first);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "--runs - ", "--runs 0 -", "--runs many -", "--seed - -", "--turns 5 -", "- -", "--runs 5"})
    void whatIsNoRequestIsRefusedWithTheUsage(String arguments) {
        CommandRun run = run(PLAN, arguments.isEmpty() ? new String[0] : arguments.split(" "));
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err()).containsPattern(said("page.exchange.usageOdds"));
    }

    @Test
    void aPlanThatIsNoneIsRefusedByItsFields() {
        CommandRun run = run(PLAN.replace("428", "-1"), "--runs", "10", "-");
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err()).contains("netLitres");
        assertThat(run("", "no-such-file.json").err())
                .containsPattern(said("page.exchange.fILEFoundWhichCannotBeRead", "no-such-file.json"));
    }
}
