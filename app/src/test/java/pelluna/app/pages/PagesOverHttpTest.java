package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.told;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.Pelluna;

/** What the pages answer to good and to bad input, without a browser. */
class PagesOverHttpTest {
    private static void nothingSpilled(HttpResponse<String> answer) {
        assertThat(answer.body()).doesNotContain("Exception", "at java.", "org.springframework", "Whitelabel");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/tanks/1/wish-list",
                "/tanks/2/wish-list",
                "/tanks/1/tank",
                "/tanks/1/arrivals",
                "/tanks/1/arrivals/odds",
                "/tanks/1/arrivals?at=99",
                "/tanks/1/species",
                "/tanks/1/species?q=goby",
                "/tanks/1/species?q=zzzz",
                "/tanks/1/species/Zebrasoma-flavescens",
                "/tanks/1/species/all",
                "/tanks/1/side-by-side",
                "/tanks/1/my-facts",
                "/catalogue.csv",
                "/catalogue.json",
                "/tanks/1/import-export",
                "/tanks/new",
                "/account/programs",
                "/account/figures",
                "/learn",
                "/learn/three-surgeonfish",
                "/tanks/1/losses/others",
                "/tanks/1/losses/calibration",
                "/account/reminders",
                "/begin",
                "/tanks/1/begin",
                "/tanks/1/begin/fish",
                "/tanks/1/begin/walk",
                "/tanks/1/shop-card",
                "/tanks/1/stock-list",
                "/tanks/1/today/away",
                "/tanks/1/help",
                "/help",
                "/tanks/1/shop-card/fish.json",
                "/tanks/1/shop-card/pairs.json",
                "/"
            })
    void everyPlaceAnswers(String path) {
        HttpResponse<String> answer = Pelluna.get(path);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("script-src 'self'");
        nothingSpilled(answer);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/tanks/999999/wish-list",
                "/tanks/x/wish-list",
                "/tanks/1/species/No-fish",
                "/nowhere",
                "/tanks/1/nowhere",
                "/settings/units",
                "/tanks/1/wish-list/1"
            })
    void whatIsNotThereIsSaidSo(String path) {
        HttpResponse<String> answer = Pelluna.get(path);
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).containsPattern(said("app.writes.NothingChanged"));
        nothingSpilled(answer);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        royl gramma  | 1    |     | page.names.pellunaDoesntKnowIsItOfThese 0=royl gramma
        royal gramma | 0    |     | app.planfile.FieldNeeds field=count
        royal gramma | 1000 |     | app.planfile.FieldNeeds field=count
        royal gramma | 1.5  |     | app.planfile.FieldNeeds field=count
        royal gramma | two  |     | page.planfile.notANumber
        royal gramma | 1    | 900 | app.planfile.FieldNeeds field=lengthCm
        royal gramma | 1    | 60  | plan.NotOverRecord
        ''           | 1    |     | page.planfile.whichFish
        <script>     | 1    |     | page.planfile.whichOfThese
        """)
    void aBadWishIsRefusedBesideTheFieldAndNothingTypedIsLost(
            String species, String count, String length, String says) {
        HttpResponse<String> answer = Pelluna.post(
                "/tanks/2/wish-list",
                Map.of("species", species, "count", count, "lengthCm", length == null ? "" : length));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .containsPattern(told(says))
                .contains("value=\"" + species.replace("<", "&lt;").replace(">", "&gt;") + "\"")
                .contains("value=\"" + count + "\"");
        nothingSpilled(answer);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        ''      | 100  | 50 | 50 | page.tankplace.pleaseGiveItANameOf1
        Puddle  | ''   | 50 | 50 | page.tankplace.pleaseSayHowMany
        Puddle  | 0    | 50 | 50 | page.tankplace.range 0=10;1=2000;2=cm
        Puddle  | -5   | 50 | 50 | page.tankplace.range 0=10;1=2000;2=cm
        Puddle  | 1e9  | 50 | 50 | page.tankplace.range 0=10;1=2000;2=cm
        Puddle  | long | 50 | 50 | page.tankplace.notANumber
        Puddle  | NaN  | 50 | 50 | page.tankplace.notANumber
        """)
    void anEmptyOrAbsurdTankIsRefused(String name, String length, String width, String height, String says) {
        HttpResponse<String> answer = Pelluna.post(
                "/tanks", Map.of("name", name, "lengthCm", length, "widthCm", width, "waterHeightCm", height));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(told(says)).contains("value=\"" + width + "\"");
        nothingSpilled(answer);
    }

    @Test
    void residentsFromBeforeTheCycleAreRefused() {
        long tank = Pelluna.tank("Young");
        Pelluna.post("/tanks/" + tank + "/tank", Map.of("cycledOn", "2026-06-01"));
        HttpResponse<String> answer =
                Pelluna.post("/tanks/" + tank + "/residents", Map.of("species", "royal gramma", "since", "2025-01-01"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(said("plan.AfterCycle")).contains("2025-01-01");
    }

    @Test
    void twoHundredWishesAreHeldAndOneMoreIsRefused() {
        String wishes = String.join(
                ",",
                IntStream.range(0, 200)
                        .mapToObj(i -> "{\"species\":\"" + (i % 2 == 0 ? "royal gramma" : "Chromis viridis") + "\"}")
                        .toList());
        String plan =
                "{\"pelluna\":1,\"name\":\"Dreamer\",\"tank\":{\"lengthCm\":200,\"widthCm\":70,\"waterHeightCm\":60},"
                        + "\"wishes\":["
                        + wishes + "]}";
        HttpResponse<String> brought = Pelluna.post("/tanks/1/import-export", Map.of("text", plan));
        assertThat(brought.statusCode()).isEqualTo(200);
        String place = brought.uri().getPath();
        HttpResponse<String> more = Pelluna.post(place, Map.of("species", "midas blenny"));
        assertThat(more.statusCode()).isEqualTo(422);
        assertThat(more.body()).containsPattern(said("app.planfile.AtMostTakeOff"));
        assertThat(Pelluna.get(place.replace("wish-list", "arrivals")).statusCode())
                .isEqualTo(200);
    }

    @Test
    void plansGoOutAndComeInUnchanged() {
        String out = Pelluna.get("/tanks/1/plan.json").body();
        HttpResponse<String> in = Pelluna.post("/tanks/1/import-export", Map.of("text", out));
        String again = Pelluna.get(in.uri().getPath().replace("wish-list", "plan.json"))
                .body();
        assertThat(again).isEqualTo(out);
    }

    @Test
    void aBadPlanFileIsRefusedWithItsFieldsAndKeptOnThePage() {
        HttpResponse<String> answer =
                Pelluna.post("/tanks/1/import-export", Map.of("text", "{\"pelluna\":1,\"tank\":{\"lengthCm\":0}}"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(said("app.planfile.Problem")).contains("&quot;lengthCm&quot;:0");
    }

    @Test
    void theWebApiGivesTheSameAnswerAsThePages() {
        String plan = Pelluna.get("/tanks/1/plan.json").body();
        HttpResponse<String> api = Pelluna.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(plan)));
        assertThat(api.statusCode()).isEqualTo(200);
        assertThat(api.body()).isEqualTo(Pelluna.get("/tanks/1/assessment.json").body());
    }

    @Test
    void otherSitesMayNotWrite() {
        HttpResponse<String> answer = Pelluna.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + "/settings/units"))
                .header("Sec-Fetch-Site", "cross-site")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("units=US")));
        assertThat(answer.statusCode()).isEqualTo(403);
    }

    @Test
    void aWishChangedInTwoWindowsIsNotOverwritten() {
        long tank = Pelluna.tank("Wish Race");
        String added = Pelluna.post(
                        "/tanks/" + tank + "/wish-list", Map.of("species", "royal gramma", "count", "1", "want", "3"))
                .uri()
                .toString();
        String path = "/tanks/" + tank + "/wish-list/" + added.replaceFirst(".*wish=", "");
        assertThat(Pelluna.post(path, Map.of("want", "5", "was-want", "3")).statusCode())
                .isEqualTo(200);
        HttpResponse<String> late = Pelluna.post(path, Map.of("want", "1", "was-want", "3"));
        assertThat(late.statusCode()).isEqualTo(422);
        assertThat(late.body()).containsPattern(said("page.wishes.anotherWindowChangedThisTo"));
        assertThat(Pelluna.post(path, Map.of("count", "2", "was-count", "1")).statusCode())
                .isEqualTo(200);
        assertThat(Pelluna.get("/tanks/" + tank + "/plan.json").body())
                .contains("\"want\" : 5")
                .contains("\"count\" : 2");
    }

    @Test
    void theDemoHasEveryOutcomeAndALeftOutWish() {
        String body = Pelluna.get("/tanks/1/assessment.json").body();
        assertThat(body)
                .contains("\"outcome\" : \"fits\"", "\"outcome\" : \"fits-if\"", "\"outcome\" : \"not-in-this-tank\"");
        assertThat(body).containsPattern(said("arrivals.SurgeTogether"));
        assertThat(Pelluna.get("/tanks/2/wish-list").body()).contains("Sill");
    }
}
