package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;
import static pelluna.app.testing.Said.told;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.planning.PlanSteps;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What cannot be is refused in words, beside its field, with what was typed; nothing is written and nothing is cut. */
class LimitsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static LogTank tank;

    @BeforeAll
    static void aTank() {
        tank = new LogTank("Limits");
        tank.post("/wish-list", Map.of("species", "Gramma loreto"));
        tank.fish();
    }

    @AfterAll
    static void asNew() {
        World.asNew();
    }

    private static HttpResponse<String> assess(byte[] body) {
        return Rough.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/losses|fish={wrasse}&how=lost&cost=about+30&seen=dry|app.shell.NoPrice typed=about 30|dry",
                "/losses|fish={wrasse}&how=lost&count=0&seen=dry|app.losses.HowMany|dry",
                "/losses|fish={wrasse}&how=lost&on=0026-03-01&seen=dry|app.limits.DayOutside|dry",
                "/losses/before|species=no+such+fish&came=2024-01-01&on=2024-02-01&how=lost&seen=dry"
                        + "|app.losses.WhichOf|dry",
                "/losses/incidents|title=A+storm&kind=crash&on=2099-01-01|app.incident.StillToCome|A storm",
                "/losses/incidents|title=A+storm&kind=crash&on=0001-01-01|app.limits.DayOutside|A storm",
                "/losses/incidents|title=A+storm&kind=crash&on=2026-02-30|app.limits.NoDay|A storm",
                "/losses/crew|kind=snails&count=x&name=Turbo|app.crew.NoWholeNumber|Turbo",
                "/log/fish/{boss}/bought|shop=The+Corner&price=abc|app.shell.NoPrice typed=abc|The Corner",
                "/log/fish/{boss}/length|length=NaN|app.fish.NoLength|NaN",
                "/log/fish/{boss}/length|length=Infinity|app.fish.NoLength|Infinity",
                "/tank|hides=1e308|page.tankplace.notANumberNotSaved|1e308",
                "/tank|mealsADay=999999999999999999999999999999"
                        + "|page.tankplace.notANumberNotSaved|999999999999999999999999999999",
                "/start|startOn=2999-01-01|app.limits.DayOutside|",
                "/start|startOn=-5000-01-01|app.limits.DayOutside|",
            })
    void whatCannotBeIsRefusedWithWhatWasTyped(String path, String body, String why, String kept) {
        Map<String, Long> before = Rows.counted();
        HttpResponse<String> answer = Rough.send(Rough.post(tank.at(fill(path)), fill(body)));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(told(why)).contains(kept == null ? "" : kept);
        assertThat(Rows.since(before)).isEmpty();
    }

    private static String fill(String text) {
        return text.replace("{wrasse}", "" + tank.wrasse()).replace("{boss}", "" + tank.boss());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/log/typed|text|600",
                "/log/feed|note|400",
                "/losses/incidents|title|80",
                "/name|name|60",
                "/arrivals/prices|currency|6",
                "/log/fish/{boss}/called|name|40",
                "/log/fish/{boss}/bought|shop|60",
                "/log/introducing/1/off|how|200"
            })
    void nothingIsCutSilently(String path, String field, int most) {
        HttpResponse<String> answer = Rough.send(tank.at(fill(path)), Map.of(field, "x".repeat(most + 1)));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(saidWith("app.limits.TooLong", "most", "" + most));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "text=dottyback+eats%00",
                "text=%FF%FE",
                "text=%C3",
                "text=%ED%A0%80",
                "%00=x&text=wrasse+eats",
                "text=%ZZ"
            })
    void whatIsNoTextIsABadRequestInWords(String body) {
        Map<String, Long> before = Rows.counted();
        HttpResponse<String> answer = Rough.send(Rough.post(tank.at("/log/typed"), body));
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body())
                .containsPattern(said("app.limits.NoText") + "|" + said("app.limits.UnreadText") + "|"
                        + said("app.limits.UnknownField"));
        assertThat(Rows.since(before)).isEmpty();
    }

    @Test
    void anAddressThatIsNoTextIsABadRequest() {
        for (String query : new String[] {"?q=%FF", "?q=%00"}) {
            assertThat(Rough.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + tank.at("/species") + query))
                                    .build())
                            .statusCode())
                    .isEqualTo(400);
        }
    }

    @Test
    void aChangeThatIsToBeShownOnADayThatIsNoneIsNotMade() {
        Map<String, Long> before = Rows.counted();
        String mark = Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
        assertThat(Rough.send(Rough.post(tank.at("/reefscape/add"), "kind=hide&on=2027-02-30"))
                        .statusCode())
                .isEqualTo(422);
        assertThat(Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id))).isEqualTo(mark);
        assertThat(Rows.since(before)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "rock 99 1",
                "length w5 NaN",
                "length w0 Infinity",
                "hide x y",
                "instead w9 Gramma loreto",
                "number w0 99999999999",
                "order",
                "box",
                "fed",
                ""
            })
    void anAttemptThatIsNoneChangesNothing(String attempt) {
        String mark = Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id));
        assertThat(Rough.send(tank.at("/reefscape/try"), Map.of("attempt", attempt, "of", mark))
                        .statusCode())
                .isLessThan(500);
        assertThat(Pelluna.bean(PlanSteps.class).mark(Pelluna.owned(tank.id))).isEqualTo(mark);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "kind=rock&i=.",
                "kind=rock&i=",
                "kind=rock&i=0&dx=NaN",
                "kind=rock&i=0&dx=1e400",
                "kind=point&i=0.99"
            })
    void aPieceThatIsNotThereIsSaidSo(String query) {
        assertThat(Rough.send(HttpRequest.newBuilder(
                                        URI.create(Pelluna.url() + tank.at("/reefscape/day?day=0&") + query))
                                .build())
                        .statusCode())
                .isBetween(200, 499);
    }

    @Test
    void aPlanOfAnySizeIsAnsweredAndNotSwallowed() {
        assertThat(assess(new byte[0]).statusCode()).isBetween(400, 499);
        assertThat(assess("[".repeat(100_000).getBytes(StandardCharsets.UTF_8)).statusCode())
                .isEqualTo(422);
        assertThat(assess(("{\"pelluna\": " + "1".repeat(1500) + "}").getBytes(StandardCharsets.UTF_8))
                        .statusCode())
                .isEqualTo(422);
        assertThat(assess(new byte[2_000_000]).statusCode()).isEqualTo(413);
        HttpRequest endless = HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.fromPublisher(
                        HttpRequest.BodyPublishers.ofByteArray(new byte[20_000_000])))
                .build();
        assertThat(Rough.send(endless).statusCode()).as("nobody said how long").isBetween(400, 499);
    }

    @Test
    void theApiRefusesInTheFormOfProblems() {
        HttpResponse<String> wrong =
                assess("{\"pelluna\": 1, \"tank\": {\"netLitres\": 1}}".getBytes(StandardCharsets.UTF_8));
        JsonNode problem = JSON.readTree(wrong.body());
        assertThat(wrong.headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(problem.get("status").asInt()).isEqualTo(422);
        assertThat(problem.get("problems").get(0).get("field").asString()).startsWith("tank");
        Map<Integer, HttpRequest.Builder> others = Map.of(
                404, HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/nothing")),
                405,
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                                .DELETE(),
                415,
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                                .header("Content-Type", "text/plain")
                                .POST(HttpRequest.BodyPublishers.ofString("{}")));
        others.forEach((status, request) -> {
            HttpResponse<String> answer =
                    Rough.send(request.header("Accept", "application/json").build());
            assertThat(answer.statusCode()).isEqualTo(status);
            assertThat(answer.headers().firstValue("Content-Type"))
                    .as(answer.body())
                    .hasValueSatisfying(type -> assertThat(type).startsWith("application/problem+json"));
            assertThat(JSON.readTree(answer.body()).get("detail").asString()).endsWith(".");
        });
    }

    @Test
    void aPlanOfMoreFishThanTheServerAssessesIsRefusedWithTheNumber() {
        String fish = "{\"species\": \"Gramma loreto\"}";
        String plan = "{\"pelluna\": 1, \"tank\": {\"lengthCm\": 300, \"widthCm\": 80, \"waterHeightCm\": 80}, "
                + "\"residents\": ["
                + (fish + ",").repeat(99) + fish + "], \"wishes\": [" + (fish + ",").repeat(100) + fish + "]}";
        assertThat(assess(plan.getBytes(StandardCharsets.UTF_8))).satisfies(a -> {
            assertThat(a.statusCode()).isEqualTo(422);
            assertThat(a.body())
                    .containsPattern(said("app.planfile.TooManyTogether"))
                    .containsPattern(said("app.planfile.AtMost"));
        });
        assertThat(Rough.send(tank.at("/import-export"), Map.of("text", plan)).body())
                .containsPattern(said("app.planfile.AtMost"));
    }

    @Test
    void aPlanInLatin1IsRefusedAndOneWithAMarkIsRead() {
        String plan = "{\"pelluna\": 1, \"name\": \"Hütte\", \"tank\": {\"lengthCm\": 100, \"widthCm\": 50, "
                + "\"waterHeightCm\": 50}, "
                + "\"residents\": [], \"wishes\": []}";
        assertThat(assess(plan.getBytes(StandardCharsets.ISO_8859_1)).statusCode())
                .isEqualTo(422);
        assertThat(assess(("\ufeff" + plan).getBytes(StandardCharsets.UTF_8)).statusCode())
                .isEqualTo(200);
        assertThat(assess(plan.replace("ü", "\\u0000").getBytes(StandardCharsets.UTF_8))
                        .body())
                .containsPattern(said("app.planfile.SignsNoText"));
        assertThat(assess(plan.replace("\"wishes\"", "\"startOn\": \"2099-01-01\", \"wishes\"")
                                .getBytes(StandardCharsets.UTF_8))
                        .body())
                .containsPattern(said("app.planfile.DayWithin"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/log/sheets", "/losses", "/import-export", "/catalogue"})
    void aFileThatIsTooLargeIsAnsweredInWords(String path) {
        HttpRequest large = HttpRequest.newBuilder(URI.create(Pelluna.url() + tank.at(path)))
                .header("Content-Type", "multipart/form-data; boundary=b")
                .header("Accept", "text/html")
                .POST(HttpRequest.BodyPublishers.ofByteArray(new byte[50_000_000]))
                .build();
        HttpResponse<String> answer = Rough.send(large);
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).containsPattern(said("app.limits.TooMuchWithAFile"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "at=-9223372036854775808",
                "at=99999999999999999999",
                "at=now",
                "at=0",
                "gravity=x",
                "times=9999999999",
                "x=NaN&y=0.5",
                "x=1e999"
            })
    void aSightingThatCannotBeIsRefused(String more) {
        Map<String, Long> before = Rows.counted();
        assertThat(Rough.send(Rough.post(tank.at("/log/sighting"), "fish=" + tank.boss() + "&doing=eats&" + more))
                        .statusCode())
                .isEqualTo(422);
        assertThat(Rows.since(before)).isEmpty();
    }

    @Test
    void aPlaceWithOneShareIsNoPlaceAndBreaksNoPage() {
        assertThat(Rough.send(Rough.post(
                                tank.at("/log/sighting"),
                                "fish=" + tank.boss() + "&other=" + tank.wrasse() + "&doing=chased&x=0.5"))
                        .statusCode())
                .isEqualTo(303);
        assertThat(tank.page("/reefscape")).contains("</html>");
        assertThat(tank.page("/log/pecking-order")).contains("</html>");
    }

    @Test
    void onlyALineOfTheLastHourIsTakenBackWithoutBeingNamed() {
        LogTank other = new LogTank("Taken back");
        other.act("eats", other.boss(), null, Pelluna.now().minus(java.time.Duration.ofHours(2)), "old");
        assertThat(Rough.send(other.at("/log/back"), Map.of())).satisfies(a -> {
            assertThat(a.statusCode()).isEqualTo(422);
            assertThat(a.body()).containsPattern(said("app.log.NoLineLeft"));
        });
        other.act("eats", other.boss(), null, Pelluna.now(), "new");
        assertThat(Rough.send(other.at("/log/back"), Map.of()).statusCode()).isEqualTo(303);
    }

    @Test
    void ownWordsThatAreFormulasGoOutAsTextAndComeBackAsTheyWere() {
        for (String formula : new String[] {"=1+1", "\uff1d1+1", "@SUM(A1)", "+49 gramma"}) {
            Rough.send(tank.at("/species/Gramma-loreto/own/names"), Map.of("commonNames", formula));
            String csv = Pelluna.get("/catalogue.csv").body();
            assertThat(csv).contains("'" + formula).doesNotContain("," + formula);
            assertThat(Rough.send(tank.at("/catalogue"), Map.of("text", csv)).body())
                    .containsPattern(said("page.ownWord.everyRowIsAsItIs"));
            Rough.send(tank.at("/species/Gramma-loreto/own/names/undo"), Map.of());
        }
    }

    @Test
    void aFieldThatIsSentTwiceIsHeldToItsLengthAsOne() {
        HttpResponse<String> answer = Rough.send(Rough.post(tank.at("/arrivals/prices"), "currency=EUR&currency=0x10"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(said("app.limits.TooLong"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"-147004", "999999999", "1001"})
    void aDrawnReefFollowsNoNumberThatCannotBe(String hides) {
        LogTank drawn = new LogTank("Drawn");
        drawn.post("/reefscape/add", Map.of("kind", "hide"));
        assertThat(drawn.post("/tank", Map.of("hides", hides)).statusCode()).isEqualTo(422);
        assertThat(drawn.page("/reefscape")).contains("</html>");
    }

    @Test
    void aRefererThatLeadsNowhereIsAnsweredAtHome() {
        HttpRequest odd = HttpRequest.newBuilder(URI.create(Pelluna.url() + "/settings/theme"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Referer", Pelluna.url() + "//reef.example/x")
                .POST(HttpRequest.BodyPublishers.ofString("theme=system"))
                .build();
        assertThat(Rough.send(odd).headers().firstValue("Location")).contains("/");
    }

    @Test
    void aLossThatWasPutRightIsFoundUnderItsOldAddress() {
        String first = Rough.send(
                        tank.at("/losses"),
                        Map.of(
                                "fish",
                                "" + tank.fish("Sphaeramia nematoptera"),
                                "how",
                                "lost",
                                "cause",
                                "unknown",
                                "count",
                                "1"))
                .headers()
                .firstValue("Location")
                .orElseThrow();
        Rough.send(first + "/right", Map.of("how", "lost", "cause", "disease", "count", "1"));
        assertThat(Pelluna.get(first)).satisfies(a -> {
            assertThat(a.statusCode()).isEqualTo(200);
            assertThat(a.uri().getPath()).isNotEqualTo(first);
        });
    }
}
