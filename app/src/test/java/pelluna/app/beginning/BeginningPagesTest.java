package pelluna.app.beginning;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Drawn.count;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;
import pelluna.core.tank.ReefLife;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** From nothing to a first honest verdict, over HTTP. */
class BeginningPagesTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Map<String, String> FOUR_FEET =
            Map.of("lengthCm", "120", "widthCm", "50", "waterHeightCm", "50");

    private static String begun() {
        Matcher at = Pattern.compile("/tanks/(\\d+)/begin/fish")
                .matcher(Pelluna.post("/begin", FOUR_FEET).body());
        assertThat(at.find()).isTrue();
        return "/tanks/" + at.group(1);
    }

    private static JsonNode plan(String tank) {
        return JSON.readTree(Pelluna.get(tank + "/plan.json").body());
    }

    private static String answer(String tank, String what, String answer) {
        return Pelluna.post(tank + "/begin", Map.of("what", what, "answer", answer))
                .body();
    }

    private static int fits(String page) {
        Matcher many = Pattern.compile("class=\"many\"><b>(\\d+)<").matcher(page);
        assertThat(many.find()).isTrue();
        return Integer.parseInt(many.group(1));
    }

    private static boolean pressed(String page, String id) {
        Matcher button = Pattern.compile("<button[^>]*id=\"" + id + "\"[^>]*aria-pressed=\"(\\w+)\"")
                .matcher(page);
        assertThat(button.find()).as(id).isTrue();
        return button.group(1).equals("true");
    }

    @Test
    void whoHasNoTankIsLedToTheSizes() {
        String page =
                Visitor.signedUp("New here", "new.here@reef.example").get("/").body();
        assertThat(page).containsPattern(said("page.beginning.howLarge"));
        assertThat(count(page, "class=\"size\"")).isEqualTo(6);
        assertThat(page).containsPattern(saidWith("page.beginning.haveRoom", "1", "680"));
    }

    @Test
    void aSizeThatIsNoneIsSaidBesideItsField() {
        HttpResponse<String> refused =
                Pelluna.post("/begin", Map.of("lengthCm", "long", "widthCm", "50", "waterHeightCm", "50"));
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(refused.body()).containsPattern(said("page.tankplace.notANumber", "long"));
    }

    @Test
    void everyAnswerIsKeptAndChangesWhatFits() {
        String tank = begun();
        String first = answer(tank, "keeper", "first-year");
        assertThat(pressed(first, "keeper-first-year")).isTrue();
        int few = fits(first);
        String later = answer(tank, "keeper", "seasoned");
        assertThat(pressed(later, "keeper-first-year")).isFalse();
        assertThat(fits(later)).as("more fish for the seasoned").isGreaterThan(few);
        int young = fits(answer(tank, "cycled", "this-month"));
        String old = answer(tank, "cycled", "a-year");
        assertThat(fits(old)).as("more fish for an old tank").isGreaterThan(young);
        assertThat(pressed(Pelluna.get(tank + "/begin").body(), "cycled-a-year"))
                .as("taken up again")
                .isTrue();
        JsonNode kept = plan(tank).get("tank");
        assertThat(kept.get("keeper").asString()).isEqualTo("seasoned");
        assertThat(kept.get("cycledOn").asString())
                .isEqualTo(Pelluna.today().minusYears(1).toString());
    }

    @Test
    void whatLivesInItIsTurnedOnAndOff() {
        String tank = begun();
        int alone = fits(answer(tank, "nothing", ""));
        String with = answer(tank, "life", "shrimp");
        assertThat(fits(with)).as("some go for shrimp").isLessThan(alone);
        assertThat(pressed(with, "life-shrimp")).isTrue();
        assertThat(pressed(answer(tank, "life", "shrimp"), "life-shrimp")).isFalse();
        assertThat(fits(Pelluna.get(tank + "/begin").body())).isEqualTo(alone);
    }

    @Test
    void aCycleStillToComeHoldsTheFirstFishBack() {
        String tank = begun();
        answer(tank, "cycled", "not-yet");
        String page = Pelluna.post(tank + "/begin/fish", Map.of("species", "Gramma loreto"))
                .body();
        assertThat(page).containsPattern(said("page.beginning.itFits") + " " + said("page.beginning.firstFish"));
        LocalDate cycled = Pelluna.today().plusWeeks(6);
        JsonNode first = JSON.readTree(Pelluna.get(tank + "/assessment.json").body())
                .get("arrivals")
                .get("steps")
                .get(0);
        assertThat(LocalDate.parse(first.get("quarantineFrom").asString())).isAfter(cycled);
        assertThat(plan(tank).get("tank").get("cycledOn").asString()).isEqualTo(cycled.toString());
    }

    @Test
    void whatIsNoAnswerChangesNothing() {
        String tank = begun();
        for (String what : new String[] {"cycled", "keeper", "life", "else"}) {
            assertThat(Pelluna.post(tank + "/begin", Map.of("what", what, "answer", "x"))
                            .statusCode())
                    .as(what)
                    .isEqualTo(404);
        }
        assertThat(plan(tank).get("tank").has("keeper")).isFalse();
    }

    @Test
    void aFishIsLovedByATapAndNoLongerByAnother() {
        String tank = begun();
        answer(tank, "cycled", "a-year");
        String page = Pelluna.post(tank + "/begin/fish", Map.of("species", "Paracanthurus hepatus"))
                .body();
        assertThat(page).containsPattern(said("page.beginning.itDoesNot"));
        assertThat(pressed(page, "love-Paracanthurus-hepatus")).isTrue();
        page = Pelluna.post(tank + "/begin/fish", Map.of("species", "Gramma loreto", "shelf", "often"))
                .body();
        assertThat(page).containsPattern(saidWith("page.beginning.fitTogether", Map.of("0", "1", "1", "2")));
        page = Pelluna.post(tank + "/begin/fish", Map.of("species", "Paracanthurus hepatus"))
                .body();
        assertThat(pressed(page, "love-Paracanthurus-hepatus")).isFalse();
        assertThat(plan(tank).get("wishes")).hasSize(1);
    }

    @Test
    void whatWasLeftIsTakenUpAgainFromToday() {
        String tank = begun();
        assertThat(Pelluna.get(tank + "/today").body())
                .containsPattern(said("page.beginning.goOn"))
                .contains(tank + "/begin\"");
        Pelluna.post(tank + "/begin/fish", Map.of("species", "Gramma loreto"));
        assertThat(Pelluna.get(tank + "/today").body()).doesNotContainPattern(said("page.beginning.goOn"));
    }

    @Test
    void asManyAsLiveTogetherAreWishedFor() {
        String tank = begun();
        Pelluna.post(tank + "/begin/fish", Map.of("species", "Chromis viridis"));
        assertThat(plan(tank).get("wishes").get(0).get("count").asInt()).isGreaterThan(2);
    }

    @Test
    void shelvesAndNamesBringOtherFish() {
        String tank = begun();
        String crazy = Pelluna.get(tank + "/begin/fish?shelf=crazy").body();
        assertThat(crazy).contains("love-Synchiropus-splendidus").doesNotContain("love-Gramma-loreto");
        String clowns = Pelluna.get(tank + "/begin/fish?q=clownfish").body();
        assertThat(clowns).contains("love-Amphiprion-ocellaris").doesNotContain("love-Gramma-loreto");
        assertThat(Pelluna.get(tank + "/begin/fish?q=xyzzy").body())
                .containsPattern(said("page.speciesList.nothingByThatNameOrLike"));
    }

    @Test
    void theSampleTankHasAPlan() {
        HttpResponse<String> sample = Pelluna.post("/begin/sample", Map.of());
        assertThat(sample.statusCode()).isEqualTo(200);
        assertThat(sample.body())
                .contains("Sample tank")
                .containsPattern("<span class=\"walk-n\">5</span>")
                .containsPattern(said("page.beginning.walkReefSays"))
                .containsPattern(said("page.beginning.fitTogether"));
        Matcher href = Pattern.compile("<h2><a href=\"(/tanks/\\d+/[^\"]+)\"").matcher(sample.body());
        while (href.find()) {
            assertThat(Pelluna.get(href.group(1)).statusCode())
                    .as(href.group(1))
                    .isEqualTo(200);
        }
    }

    @Test
    void everyKindOfLifeHasItsPicture() {
        for (ReefLife life : ReefLife.values()) {
            HttpResponse<String> picture = Pelluna.get("/life/" + life.word() + ".svg");
            assertThat(picture.statusCode()).isEqualTo(200);
            assertThat(count(picture.body(), "<path ")).as(life.word()).isPositive();
        }
        assertThat(Pelluna.get("/life/dragon.svg").statusCode()).isEqualTo(404);
    }
}
