package pelluna.app.odds;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Pelluna;

/** How this usually goes: played in the background, said as twenty tanks, changed and put back without writing. */
class OddsPagesTest {
    private static final int TURNS = 600;

    private static String body(String at) {
        var answer = Pelluna.get(at);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("</html>");
        return answer.body();
    }

    /** Asks again until nothing more comes. */
    private static String over(String at) throws InterruptedException {
        for (int turn = 0; turn < TURNS; turn++) {
            String page = body(at);
            if (!page.contains("data-again")) {
                return page;
            }
            Thread.sleep(100);
        }
        throw new AssertionError(body(at));
    }

    /** An open tank with jumpers to come, one of which is refused. */
    private static String jumpers(String name) {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        long tank = Pelluna.tank(name);
        String at = "/tanks/" + tank;
        Pelluna.post(
                at + "/tank",
                Map.of(
                        "rockKg",
                        "50",
                        "hides",
                        "8",
                        "cover",
                        "none",
                        "mealsADay",
                        "3",
                        "cycledOn",
                        Pelluna.today().minusYears(2).toString()));
        Pelluna.post(at + "/residents", Map.of("species", "Gramma loreto", "count", "1", "lengthCm", "6"));
        for (String wish : List.of("coral beauty", "royal gramma", "regal tang")) {
            Pelluna.post(at + "/wish-list", Map.of("species", wish, "want", "4"));
        }
        return at + "/arrivals/odds";
    }

    @Test
    void aTankWithoutFishHasNothingToPlay() throws InterruptedException {
        assertThat(over("/tanks/" + Pelluna.tank("No odds") + "/arrivals/odds"))
                .containsPattern(said("page.odds.nobodyYet"))
                .doesNotContainPattern(said("page.odds.whatHelps"));
    }

    @Test
    void thePlanIsPlayedAndSaidInWordsAsTwentyTanksAndAsAStory() throws InterruptedException {
        String at = jumpers("Odds");
        String page = over(at);
        assertThat(page)
                .containsPattern(said("page.odds.whoIsAtRisk"))
                .containsPattern(said("page.odds.oneRun"))
                .containsPattern(said("odds.Mesh"))
                .containsPattern(said("page.odds.tryEverything"));
        assertThat(page.split("class=\"one").length - 1).as("twenty tanks").isEqualTo(20);
        Matcher well = Pattern.compile("<mark>(\\d+)").matcher(page);
        assertThat(well.find()).isTrue();
        assertThat(page.split("class=\"one amiss\"").length - 1)
                .as("those that go amiss")
                .isEqualTo(20 - Integer.parseInt(well.group(1)));
        for (String other : List.of("/today", "/losses")) {
            assertThat(body(at.replace("/arrivals/odds", other)))
                    .as(other)
                    .containsPattern(said("page.odds.brief"))
                    .containsPattern(said("page.odds.briefAtRisk"));
        }
        assertThat(over(at + "?run=3")).isNotEqualTo(page);
        assertThat(over(at + "?run=-5")).contains("run=96");
        assertThat(over(at + "?with=nonsense")).doesNotContainPattern(said("page.odds.twoPlans"));
    }

    @Test
    void aChangeIsTriedBesideThePlanAndNothingIsWritten() throws InterruptedException {
        String at = jumpers("Odds with mesh");
        over(at);
        String both = over(at + "?with=mesh");
        assertThat(both).containsPattern(said("page.odds.twoPlans")).containsPattern(said("page.odds.sameLuck"));
        assertThat(body(at.replace("/arrivals/odds", "/tank"))).contains("value=\"none\" selected");
        assertThat(over(at + "?with=everything"))
                .containsPattern(said("odds.Everything"))
                .containsPattern(said("page.odds.twoPlans"));
        assertThat(over(at)).doesNotContainPattern(said("page.odds.twoPlans"));
    }

    @Test
    void itIsStoppedAndBegunAgain() throws InterruptedException {
        String at = jumpers("Stopped odds");
        body(at);
        assertThat(Pelluna.post(at + "/stop", Map.of()).statusCode()).isEqualTo(200);
        String stopped = over(at);
        // A machine that has played all of it by then has nothing to stop.
        if (Pattern.compile(said("page.odds.playAll").toString())
                .matcher(stopped)
                .find()) {
            assertThat(Pelluna.post(at + "/again", Map.of()).statusCode()).isEqualTo(200);
        }
        assertThat(over(at)).containsPattern(said("page.odds.whoIsAtRisk"));
    }
}
