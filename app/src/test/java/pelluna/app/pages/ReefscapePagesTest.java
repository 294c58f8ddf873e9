package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import pelluna.app.testing.Drawn;
import pelluna.app.testing.Pelluna;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The Reefscape over HTTP: what is drawn, what hands do, what is tried, kept, dropped and taken back. */
class ReefscapePagesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private long tank;

    @BeforeEach
    void aTankWithARivalry() {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        Pelluna.post("/settings/arrows", Map.of("from", "20"));
        tank = Pelluna.tank("Rivalry");
        Pelluna.post(
                at("/tank"),
                Map.of(
                        "rockKg",
                        "40",
                        "hides",
                        "4",
                        "cover",
                        "mesh",
                        "cycledOn",
                        Pelluna.today().minusYears(2).toString()));
        Pelluna.post(
                at("/residents"),
                Map.of(
                        "species",
                        "Pictichromis paccagnellae",
                        "lengthCm",
                        "6",
                        "since",
                        Pelluna.today().minusYears(1).toString()));
        Pelluna.post(at("/wish-list"), Map.of("species", "royal gramma", "want", "5"));
        Pelluna.post(at("/wish-list"), Map.of("species", "yellow tang", "want", "3"));
    }

    private String at(String path) {
        return "/tanks/" + tank + path;
    }

    private String page(String query) {
        HttpResponse<String> answer = Pelluna.get(at("/reefscape" + query));
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("</html>");
        return answer.body();
    }

    private JsonNode scene() {
        Matcher m = Pattern.compile("data-scene=\"([^\"]*)\"").matcher(page(""));
        assertThat(m.find()).isTrue();
        return JSON.readTree(m.group(1)
                .replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&amp;", "&")
                .replace("&gt;", ">")
                .replace("&lt;", "<"));
    }

    private JsonNode plan() {
        return JSON.readTree(Pelluna.get(at("/plan.json")).body());
    }

    private String pair() {
        JsonNode press = scene().get("now").get("presses").get(0);
        return press.get(0).asString() + "~" + press.get(1).asString();
    }

    @Test
    void residentsAndPlannedFishAreDrawnWithTheirSizesOverThePlansLife() {
        JsonNode scene = scene();
        assertThat(scene.get("fish").size()).isEqualTo(3);
        for (JsonNode fish : scene.get("fish")) {
            double first = fish.get("lengths").get(0).asDouble();
            double last = fish.get("lengths").get(60).asDouble();
            assertThat(last).isGreaterThanOrEqualTo(first);
        }
        assertThat(scene.get("days").asInt()).isGreaterThan(300);
        assertThat(scene.get("fish").get(0).get("from").asInt()).isZero();
        assertThat(scene.get("fish").get(1).get("from").asInt()).isPositive();
    }

    @Test
    void aStepOfTheDateAnswersWithThoseWhoAreThere() {
        JsonNode today = JSON.readTree(
                Pelluna.get(at("/reefscape/day?on=" + Pelluna.today())).body());
        assertThat(today.get("presses").size()).isZero();
        JsonNode later = JSON.readTree(
                Pelluna.get(at("/reefscape/day?on=" + Pelluna.today().plusYears(1)))
                        .body());
        assertThat(later.get("presses").size()).isGreaterThanOrEqualTo(4);
        assertThat(later.get("homes").size()).isEqualTo(3);
    }

    @Test
    void aHideMoreIsSeenByTheTankTheSieveAndTheTension() {
        double before = scene().get("now").get("presses").get(0).get(2).asDouble();
        Pelluna.post(at("/reefscape/add"), Map.of("kind", "hide"));
        assertThat(plan().get("tank").get("hides").asInt()).isEqualTo(5);
        assertThat(plan().get("tank").get("scape").get("hides").size()).isEqualTo(5);
        assertThat(scene().get("now").get("presses").get(0).get(2).asDouble()).isLessThan(before);
        for (int left = 5; left > 0; left--) {
            Pelluna.post(at("/reefscape/take"), Map.of("kind", "hide", "i", "0"));
        }
        assertThat(JSON.readTree(Pelluna.get(at("/assessment.json")).body())
                        .get("sieve")
                        .get(0)
                        .toString())
                .contains("\"rule\":\"hides\"");
    }

    @Test
    void theRunThatIsDrawnIsTheTanks() {
        Pelluna.post(at("/reefscape/move"), Map.of("kind", "runend", "i", "0", "dx", "-60", "dy", "0"));
        assertThat(plan().get("tank").get("runCm").asDouble()).isEqualTo(90);
        assertThat(JSON.readTree(Pelluna.get(at("/assessment.json")).body())
                        .get("sieve")
                        .get(1)
                        .toString())
                .contains("least-run");
    }

    @Test
    void hidesTypedOnTheTankPageAreDrawnToo() {
        Pelluna.post(at("/reefscape/move"), Map.of("kind", "hide", "i", "0", "dx", "3", "dy", "1"));
        HttpResponse<String> typed = Pelluna.post(at("/tank"), Map.of("hides", "7"));
        assertThat(typed.statusCode()).isEqualTo(200);
        assertThat(plan().get("tank").get("scape").get("hides").size()).isEqualTo(7);
        assertThat(Pelluna.post(at("/tank"), Map.of("lengthCm", "120")).statusCode())
                .isEqualTo(200);
        assertThat(plan().get("tank")
                        .get("scape")
                        .get("rocks")
                        .get(1)
                        .get("leftCm")
                        .asDouble())
                .isLessThan(120);
    }

    @Test
    void theLastStepIsTakenBackUnlessThePlanWasChangedByAnotherWay() {
        String before = plan().toString();
        Pelluna.post(at("/reefscape/move"), Map.of("kind", "rock", "i", "0", "dx", "8", "dy", "0"));
        assertThat(page("")).containsPattern(said("app.planning.RockMoved"));
        assertThat(plan().toString()).isNotEqualTo(before);
        Pelluna.post(at("/reefscape/undo"), Map.of());
        assertThat(plan().toString()).isEqualTo(before);
        Pelluna.post(at("/reefscape/add"), Map.of("kind", "rock"));
        Pelluna.post(at("/wish-list"), Map.of("species", "Ecsenius midas"));
        assertThat(page("")).doesNotContain("Undo:");
        Pelluna.post(at("/reefscape/undo"), Map.of());
        assertThat(plan().get("wishes").size()).isEqualTo(3);
    }

    @Test
    void whatWouldLowerItIsTriedByOneClickAndTakenBackByOne() {
        String offers = Pelluna.get(at("/reefscape/offers?pair=" + pair())).body();
        Matcher box = Pattern.compile("(?s)value=\"(box w\\d+)\".*?name=\"of\" value=\"([^\"]*)\"")
                .matcher(offers);
        assertThat(box.find()).isTrue();
        double before = scene().get("now").get("presses").get(0).get(2).asDouble();
        Pelluna.post(at("/reefscape/try"), Map.of("attempt", box.group(1), "of", box.group(2)));
        assertThat(plan().get("wishes").toString()).contains("\"box\":true");
        assertThat(scene().get("now").get("presses").get(0).get(2).asDouble()).isLessThan(before);
        assertThat(page("")).containsPattern(said("advice.SendThroughBox"));
        assertThat(Pelluna.get(at("/arrivals")).body()).containsPattern(said("page.arrivals.boxFromInTheTankOn"));
        Pelluna.post(at("/reefscape/undo"), Map.of());
        assertThat(plan().get("wishes").toString()).doesNotContain("box");
    }

    @Test
    void whatWasComputedForAnotherPlanIsNotTried() {
        HttpResponse<String> answer = Pelluna.post(at("/reefscape/try"), Map.of("attempt", "box w0", "of", "stale"));
        assertThat(answer.body()).containsPattern(said("page.reefscape.thePlanHasChangedSinceThat"));
        assertThat(plan().get("wishes").toString()).doesNotContain("box");
    }

    @Test
    void anOrderByHandIsShownOnArrivalsAndGivenBack() {
        String mark = mark();
        Pelluna.post(
                at("/reefscape/try"),
                Map.of(
                        "attempt",
                        Pelluna.fish(tank, "order w#1 w#0"),
                        "of",
                        mark,
                        "said",
                        "Bring the yellow tang in earlier"));
        assertThat(Pelluna.get(at("/arrivals")).body())
                .containsPattern(said("page.arrivals.theOrderIsByYourHand") + "|"
                        + said("page.arrivals.theOrderIsByYourHandThe"))
                .containsPattern(said("page.arrivals.backToTheBestOrder"));
        Pelluna.post(at("/arrivals/best"), Map.of());
        assertThat(Pelluna.get(at("/arrivals")).body())
                .doesNotContainPattern(said("page.arrivals.theOrderIsByYourHand"));
    }

    private String mark() {
        Matcher m =
                Pattern.compile("name=\"of\" value=\"([^\"]*)\"").matcher(page("?fish=" + Pelluna.fish(tank, "r#0")));
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    @Test
    void whatIsTriedInASandboxLeavesThePlanAloneUntilItIsKept() {
        String before = plan().toString();
        HttpResponse<String> copy = Pelluna.post(at("/what-if"), Map.of());
        assertThat(copy.body())
                .containsPattern(said("page.reefscape.thePlanAndWhatIf"))
                .containsPattern(said("page.layout.youAreTryingThingsOutOn"));
        long sandbox = number(copy.uri().toString());
        assertThat(sandbox).isNotEqualTo(tank);
        Pelluna.post("/tanks/" + sandbox + "/reefscape/add", Map.of("kind", "hide"));
        Pelluna.post("/tanks/" + sandbox + "/wish-list", Map.of("species", "Ecsenius midas"));
        assertThat(plan().toString()).isEqualTo(before);
        assertThat(Pelluna.get("/tanks/" + sandbox + "/reefscape").body()).contains("class=\"better\"");
        assertThat(Pelluna.get(at("/reefscape")).body()).containsPattern(said("page.reefscape.backToWhatIf"));
        assertThat(Pelluna.get("/").body()).doesNotContain("/tanks/" + sandbox + "/");
        Pelluna.post("/tanks/" + sandbox + "/what-if/keep", Map.of());
        assertThat(plan().get("tank").get("hides").asInt()).isEqualTo(5);
        assertThat(plan().get("wishes").size()).isEqualTo(3);
        assertThat(plan().get("name").asString()).isEqualTo("Rivalry");
        assertThat(Pelluna.get("/tanks/" + sandbox + "/reefscape").statusCode()).isEqualTo(404);
        Pelluna.post(at("/reefscape/undo"), Map.of());
        assertThat(plan().toString()).isEqualTo(before);
    }

    @Test
    void aDroppedSandboxIsGoneAndAChangedPlanIsNamedBeforeItIsReplaced() {
        long sandbox = number(Pelluna.post(at("/what-if"), Map.of()).uri().toString());
        Pelluna.post(at("/wish-list"), Map.of("species", "Ecsenius midas"));
        assertThat(Pelluna.get("/tanks/" + sandbox + "/reefscape").body())
                .containsPattern(said("page.reefscape.thePlanHasBeenChangedSince"));
        Pelluna.post("/tanks/" + sandbox + "/what-if/drop", Map.of());
        assertThat(Pelluna.get("/tanks/" + sandbox + "/wish-list").statusCode()).isEqualTo(404);
        assertThat(plan().get("wishes").size()).isEqualTo(3);
        assertThat(Pelluna.post(at("/what-if/keep"), Map.of()).statusCode()).isEqualTo(404);
    }

    private static long number(String uri) {
        Matcher m = Pattern.compile("/tanks/(\\d+)/").matcher(uri);
        assertThat(m.find()).isTrue();
        return Long.parseLong(m.group(1));
    }

    @Test
    void measuredLengthsAreKeptShownAndGrownFrom() {
        String was = Pelluna.today().minusDays(300).toString();
        Pelluna.post(
                at("/reefscape/measure"),
                Map.of("fish", Pelluna.fish(tank, "r#0"), "length", "4", "measuredOn", was, "of", mark()));
        HttpResponse<String> second = Pelluna.post(
                at("/reefscape/measure"),
                Map.of(
                        "fish",
                        Pelluna.fish(tank, "r#0"),
                        "length",
                        "4,2",
                        "measuredOn",
                        Pelluna.today().toString(),
                        "of",
                        mark()));
        assertThat(second.body())
                .containsPattern(saidWith("page.reefscape.on", "0", "4 cm"))
                .containsPattern(saidWith("page.reefscape.on", "0", "4\\.2 cm"))
                .containsPattern(said("page.reefscape.itGrowsAsYouMeasured"));
        assertThat(scene().get("fish").get(0).get("lengths").get(0).asDouble()).isEqualTo(4.2);
        assertThat(Pelluna.post(
                                at("/reefscape/measure"),
                                Map.of("fish", Pelluna.fish(tank, "r#0"), "length", "big", "of", mark()))
                        .body())
                .containsPattern(said("app.reefscape.NoLength"));
        assertThat(Pelluna.post(
                                at("/reefscape/measure"),
                                Map.of("fish", Pelluna.fish(tank, "r#0"), "length", "90", "of", mark()))
                        .body())
                .containsPattern(said("plan.NotOverRecord"));
        assertThat(plan().get("residents").get(0).get("lengths").size()).isEqualTo(2);
    }

    @Test
    void thePictureStandsByItselfWithTitleDateScaleAndLegend() throws Exception {
        HttpResponse<String> picture = Pelluna.get(at("/reefscape/picture.svg?download=true"));
        assertThat(picture.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("rivalry-")
                .contains(".svg");
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(picture.body().getBytes(StandardCharsets.UTF_8)));
        String text = svg.getDocumentElement().getTextContent();
        assertThat(text)
                .containsPattern(said("page.reefscape.fishRockAndTankToScaleIn"))
                .containsPattern(saidWith("page.reefscape.dayAndFish", "1", "3"))
                .containsPattern(said("units.Step.SURGE"))
                .contains("Rivalry", "150 cm", "royal gramma");
        assertThat(picture.body()).doesNotContain("http://1").doesNotContain("href=");
        assertThat(svg.getElementsByTagName("ellipse").getLength()).isGreaterThan(4);
    }

    @Test
    void thePictureShowsTheWorstAndAllWhereThatIsWanted() {
        for (String tang : List.of("Zebrasoma flavescens", "Zebrasoma scopas", "Acanthurus leucosternon")) {
            Pelluna.post(at("/residents"), Map.of("species", tang, "lengthCm", "8"));
        }
        String few = Pelluna.get(at("/reefscape/picture.svg")).body();
        String all = Pelluna.get(at("/reefscape/picture.svg?arrows=true&grounds=true"))
                .body();
        assertThat(arrows(few)).isEqualTo(5);
        assertThat(arrows(all)).isGreaterThan(5);
        assertThat(few).containsPattern(said("page.reefscape.worstArrows"));
        assertThat(all).containsPattern(said("page.reefscape.arrowsFromTo"));
        assertThat(grounds(all)).isGreaterThan(grounds(few)).isGreaterThan(3);
    }

    @Test
    void aMorayLooksOutOfItsHole() {
        String dark = "fill=\"#040e11\"";
        assertThat(Pelluna.get(at("/reefscape/picture.svg")).body()).doesNotContain(dark);
        Pelluna.post(at("/residents"), Map.of("species", "Echidna nebulosa", "lengthCm", "45"));
        assertThat(Drawn.count(Pelluna.get(at("/reefscape/picture.svg")).body(), dark))
                .isEqualTo(1);
        assertThat(Drawn.count(Pelluna.get(at("/today")).body(), dark)).isEqualTo(1);
    }

    /** By the dark plates under their waves. */
    private static int arrows(String picture) {
        return Drawn.count(picture, "rx=\"30\" ry=\"19\"");
    }

    private static int grounds(String picture) {
        return Drawn.count(picture, "stroke-dasharray=\"6 6\"");
    }

    @Test
    void everyPairIsReadableHardestFirstWithWhoEatsWhomAndGoodCompany() {
        Pelluna.post(at("/residents"), Map.of("species", "Amphiprion ocellaris", "count", "2", "lengthCm", "6"));
        String body = Pelluna.get(at("/reefscape/pairs")).body();
        assertThat(body)
                .containsPattern(said("page.reefscapePairs.whoPressesWhomOn"))
                .containsPattern(said("page.reefscapePairs.whoCanEatWhom"))
                .containsPattern(said("page.reefscapePairs.goodCompany"))
                .containsPattern(said("outlook.OwnKind"))
                .contains("</html>");
        Matcher rows = Pattern.compile("<td class=\"fig\">(\\d+)</td>").matcher(body);
        int last = 101;
        int n = 0;
        while (rows.find()) {
            assertThat(Integer.parseInt(rows.group(1))).isLessThanOrEqualTo(last);
            last = Integer.parseInt(rows.group(1));
            n++;
        }
        assertThat(n).isEqualTo(12);
    }

    @Test
    void ofManyPairsTheHardestSixtyComeFirstAndTheRestAtATap() {
        Pattern row = Pattern.compile("<td class=\"fig\">\\d+</td>");
        String first = Pelluna.get("/tanks/1/reefscape/pairs").body();
        String all = Pelluna.get("/tanks/1/reefscape/pairs?all=true").body();
        long pairs = row.matcher(all).results().count();
        assertThat(row.matcher(first).results().count()).isEqualTo(60).isLessThan(pairs);
        assertThat(first).containsPattern(said("page.speciesList.showMore", Long.toString(pairs - 60)));
        assertThat(all).doesNotContain("all=true");
    }

    @Test
    void anEmptyTankSaysWhatWillBeHere() {
        long empty = Pelluna.tank("Nobody yet");
        HttpResponse<String> answer = Pelluna.get("/tanks/" + empty + "/reefscape");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body())
                .containsPattern(said("page.reefscape.nobodyLivesHereYetOn"))
                .contains("</html>");
        assertThat(Pelluna.get("/tanks/" + empty + "/reefscape/pairs").body())
                .containsPattern(said("page.reefscapePairs.thereIsNobodyYetToPress"))
                .contains("</html>");
        assertThat(Pelluna.get("/tanks/" + empty + "/reefscape/picture.svg").statusCode())
                .isEqualTo(200);
    }

    @Test
    void daysAndPiecesThatAreNotThereAreAnsweredPlainly() {
        assertThat(Pelluna.get(at("/reefscape?on=yesterday")).statusCode()).isEqualTo(400);
        assertThat(page("?on=1990-01-01")).contains(" " + Pelluna.today().getYear() + ".");
        assertThat(Pelluna.post(at("/reefscape/move"), Map.of("kind", "rock", "i", "77", "dx", "1", "dy", "1"))
                        .statusCode())
                .isEqualTo(404);
        assertThat(Pelluna.get("/tanks/999999/reefscape").statusCode()).isEqualTo(404);
        assertThat(Pelluna.get(at("/reefscape/offers?pair=x~y")).statusCode()).isEqualTo(404);
    }
}
