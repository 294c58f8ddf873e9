package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.fish.ComesIn;
import pelluna.app.log.LogBook;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.losses.Topic;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the plan says on the day of an arrival is kept, and held against what happens. */
class PredictionPagesTest {
    private static final String PAGE = "/losses/predicted?scope=tank";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private LogTank tank;

    @BeforeEach
    void fresh() {
        tank = new LogTank("Hindsight");
    }

    /** A wish comes straight in. @return number of its fish */
    private long comes(String species) {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", species, "want", "4"));
        OpenTank opened = Pelluna.bean(TankPlans.class).open(Pelluna.owned(tank.id));
        long fish = opened.wishes().get(opened.wishes().size() - 1).id();
        Pelluna.bean(ComesIn.class).comes(Pelluna.owned(tank.id), fish);
        return fish;
    }

    private long loss(long fish, String cause, Map<String, String> more) {
        Map<String, String> form =
                new HashMap<>(Map.of("fish", "" + fish, "how", "lost", "cause", cause, "sure", "seen"));
        form.putAll(more);
        Matcher m = Pattern.compile("/losses/(\\d+)$")
                .matcher(tank.post("/losses", form).uri().toString());
        assertThat(m.find()).isTrue();
        return Long.parseLong(m.group(1));
    }

    private static List<String> row(String page, Topic topic) {
        Matcher m = Pattern.compile(
                        "<summary>" + said("losses.Topic." + topic) + "</summary>.*?</th>(.*?)</tr>", Pattern.DOTALL)
                .matcher(page);
        assertThat(m.find()).as(topic.name()).isTrue();
        return Pattern.compile("<td[^>]*>(\\d+)</td>")
                .matcher(m.group(1))
                .results()
                .map(r -> r.group(1))
                .toList();
    }

    @Test
    void beforeTheFirstArrivalItSaysHowItBegins() {
        assertThat(tank.page(PAGE))
                .containsPattern(said("page.prediction.noWordIsKeptYet"))
                .containsPattern(said("page.prediction.onTheDayOfEveryArrival"));
    }

    @Test
    void aJumperWithoutCoverWasSaidAndHappened() {
        tank.post("/tank", Map.of("cover", "none"));
        long firefish = comes("Nemateleotris magnifica");
        assertThat(row(tank.page(PAGE), Topic.JUMPING)).as("said, not so far").containsExactly("0", "1", "0", "0");
        long loss = loss(firefish, "jumped", Map.of());
        assertThat(row(tank.page(PAGE), Topic.JUMPING)).containsExactly("1", "0", "0", "0");
        String page = tank.page("/losses/" + loss);
        assertThat(page)
                .containsPattern(said("page.loss.whatThePlanHadSaid"))
                .containsPattern(said("page.loss.onTheDayItCameStance"))
                .containsPattern(said("page.loss.onTheDayItCameStance"))
                .containsPattern(said("sieve.RuleName.COVER"))
                .containsPattern(said("page.prediction.lostOn"));
        assertThat(tank.page("/losses")).containsPattern(said("page.prediction.said") + " \\(");
    }

    @Test
    void whatIsChangedLaterDoesNotChangeWhatWasSaid() {
        tank.post("/tank", Map.of("cover", "none"));
        long firefish = comes("Nemateleotris magnifica");
        tank.post("/tank", Map.of("cover", "glass"));
        assertThat(row(tank.page(PAGE), Topic.JUMPING)).containsExactly("0", "1", "0", "0");
        String word = tank.page("/losses/" + loss(firefish, "unknown", Map.of()))
                .replaceAll("(?s).*predicted/(\\d+)\\.json.*", "$1");
        JsonNode kept = JSON.readTree(
                Pelluna.get(tank.at("/losses/predicted/" + word + ".json")).body());
        assertThat(kept.get("on").asString()).isEqualTo(Pelluna.today().toString());
        assertThat(kept.at("/plan/tank/cover").asString()).isEqualTo("none");
        assertThat(kept.at("/plan/wishes/0/species").asString()).isEqualTo("Nemateleotris magnifica");
        assertThat(kept.get("assessment").has("sieve"))
                .as(kept.get("assessment").toString().substring(0, 200))
                .isTrue();
    }

    @Test
    void whatHappenedAndWasNotSaidIsShownToo() {
        long blenny = comes("Salarias fasciatus");
        long loss = loss(blenny, "jumped", Map.of());
        List<String> jumping = row(tank.page(PAGE), Topic.JUMPING);
        assertThat(jumping).containsExactly("0", "0", "1", "0");
        assertThat(tank.page("/losses/" + loss))
                .containsPattern(said("page.prediction.thePlanHadSaidNothingAtChop"))
                .containsPattern(said("page.prediction.lostOn"));
        assertThat(tank.page("/losses")).containsPattern(said("page.prediction.notSaidThePlanWasCalmAbout"));
    }

    @Test
    void aSeriousFightStandsBesideWhatWasSaidOfTheTwo() {
        long third = comes("Amphiprion clarkii");
        long pair = tank.fish("Amphiprion ocellaris");
        Instant began = Pelluna.now().minus(Duration.ofMinutes(40));
        Pelluna.bean(LogBook.class).watched(Pelluna.owned(tank.id), began, began.plus(Duration.ofMinutes(30)));
        for (int i = 0; i < 4; i++) {
            tank.act("nipped", pair, third, began.plusSeconds(60 + i), "f" + i);
        }
        String page = tank.page(PAGE);
        assertThat(page)
                .containsPattern(said("page.prediction.seriousFights"))
                .containsPattern(said("page.prediction.fightAllHard"))
                .containsPattern(said("page.prediction.saidOn"))
                .containsPattern(said("tension.SameGenus"))
                .containsPattern(said("page.prediction.pressesTension"));
        assertThat(row(page, Topic.FIGHTING)).containsExactly("1", "0", "0", "0");
        assertThat(page)
                .containsPattern(said("units.Step.SURGE") + "</span>[\\s\\S]{0,80}</th>\\s*<td class=\"fig\">1</td>")
                .containsPattern(said("page.prediction.of", 1, 1));
    }

    @Test
    void aFightWithAFishThatNobodyAskedAboutHasNoWord() {
        for (int i = 0; i < 3; i++) {
            tank.act("nipped", tank.boss(), tank.wrasse(), Pelluna.now().minusSeconds(600 + i), "n" + i);
        }
        comes("Salarias fasciatus");
        assertThat(tank.page(PAGE))
                .containsPattern(said("page.prediction.seriousFights"))
                .containsPattern(said("page.prediction.fightAllHard"))
                .containsPattern(said("page.prediction.noPlanWasAskedBeforeTheyMet"));
    }

    @Test
    void aResidentPutDownFromTodayIsAnArrivalAsAnyOther() {
        tank.post(
                "/residents",
                Map.of(
                        "species",
                        "Salarias fasciatus",
                        "count",
                        "1",
                        "lengthCm",
                        "8",
                        "since",
                        Pelluna.today().toString()));
        assertThat(tank.page(PAGE))
                .containsPattern(
                        saidWith("page.prediction.inThisTank", "0Cap", "" + said("page.prediction.arrivals", 1)));
        tank.post(
                "/residents",
                Map.of(
                        "species",
                        "Ecsenius midas",
                        "count",
                        "1",
                        "lengthCm",
                        "8",
                        "since",
                        Pelluna.today().minusDays(3).toString()));
        assertThat(tank.page(PAGE)).containsPattern(said("page.prediction.inThisTank"));
    }

    @Test
    void theFileToShareHasFiguresAndNoNames() {
        tank.post("/log/fish/" + tank.wrasse(), Map.of("name", "Saffron", "role", ""));
        tank.post(
                "/log/fish/" + tank.wrasse() + "/bought",
                Map.of(
                        "shop",
                        "the harbour shop",
                        "bred",
                        "false",
                        "school",
                        "none",
                        "price",
                        "35.75",
                        "acquired",
                        Pelluna.today().minusDays(200).toString()));
        loss(tank.wrasse(), "jumped", Map.of("seen", "behind the piano", "cost", "35.75"));
        String file = Pelluna.get(tank.at("/losses/figures.json")).body();
        assertThat(file)
                .doesNotContain(
                        "Saffron",
                        "harbour",
                        "piano",
                        "35.75",
                        "Hindsight",
                        Pelluna.today().toString())
                .contains("Halichoeres chrysus", "\"jumped\"");
        JsonNode tree = JSON.readTree(file);
        assertThat(tree.get("pellunaFigures").asInt()).isEqualTo(1);
        assertThat(tree.get("saidAndHappened").size()).isEqualTo(7);
        assertThat(tree.get("tensionAndFights").size()).isEqualTo(4);
        boolean found = false;
        for (JsonNode life : tree.get("lives")) {
            found |= life.get("species").asString().equals("Halichoeres chrysus")
                    && life.get("lost").asBoolean()
                    && life.get("days").asInt() == 200
                    && life.has("captiveBred")
                    && life.get("quarantine").asString().equals("none");
        }
        assertThat(found).isTrue();
        assertThat(tank.page(PAGE))
                .containsPattern(said("page.prediction.seeEverythingThatIsInIt"))
                .doesNotContain("pellunaFigures");
        assertThat(tank.page(PAGE + "&show=true")).contains("pellunaFigures");
    }

    @Test
    void nobodyElseReadsAKeptWord() {
        assertThat(Pelluna.get(tank.at("/losses/predicted/999999.json")).statusCode())
                .isEqualTo(404);
    }
}
