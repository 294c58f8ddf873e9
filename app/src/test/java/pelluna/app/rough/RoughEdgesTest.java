package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** Odd ways of asking that once ended in a failure. */
class RoughEdgesTest {
    private static LogTank tank;

    @BeforeAll
    static void aTank() {
        tank = new LogTank("Edges");
        tank.fish();
    }

    private static HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create(Pelluna.url() + path));
    }

    @ParameterizedTest
    @CsvSource({"/log/sheets", "/log/fish/{boss}/picture"})
    void aFormWithoutItsFileIsABadRequest(String path) {
        String none = "--b\r\nContent-Disposition: form-data; name=\"x\"\r\n\r\n1\r\n--b--\r\n";
        HttpRequest.Builder request = to(tank.at(path.replace("{boss}", "" + tank.boss())))
                .header("Content-Type", "multipart/form-data; boundary=b")
                .POST(HttpRequest.BodyPublishers.ofString(none));
        assertThat(Rough.send(request.build()).statusCode()).isEqualTo(400);
    }

    @Test
    void whatIsNoFormIsNotTakenForAnEmptyOne() {
        HttpRequest json = to(tank.at("/losses/crew"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"kind\": \"snails\", \"count\": 3}"))
                .build();
        assertThat(Rough.send(json).statusCode()).isEqualTo(415);
    }

    @Test
    void whoTakesOnlyXmlIsToldThatThereIsNone() {
        for (String path : new String[] {"/reefscape/day?day=0", "/plan.json", "/log/complete?text=x"}) {
            HttpResponse<String> answer =
                    Rough.send(to(tank.at(path)).header("Accept", "text/xml").build());
            assertThat(answer.statusCode()).as(path).isLessThan(500);
        }
    }

    @Test
    void twoWatchesBegunAtOnceAreOne() {
        Map<String, Long> before = Rows.counted();
        HttpRequest begin = Rough.post(tank.at("/log/watch"), "what=begin");
        List<CompletableFuture<HttpResponse<String>>> both = List.of(Rough.sent(begin), Rough.sent(begin));
        assertThat(both.stream()
                        .map(CompletableFuture::join)
                        .map(HttpResponse::statusCode)
                        .toList())
                .containsOnly(303);
        assertThat(Rows.since(before)).containsEntry("watch", 1L);
    }

    @Test
    void thirtyPostsWithOneKeyAreOneLine() {
        String line =
                "quiet=true&key=thirty-" + tank.id + "&at=" + Pelluna.now().toEpochMilli() + "&text=dottyback+eats";
        Map<String, Long> before = Rows.counted();
        List<CompletableFuture<HttpResponse<String>>> all = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            all.add(Rough.sent(Rough.post(tank.at("/log/typed"), line)));
        }
        assertThat(all.stream()
                        .map(CompletableFuture::join)
                        .map(HttpResponse::statusCode)
                        .toList())
                .allMatch(s -> s == 204 || s == 503);
        assertThat(Rows.since(before)).containsEntry("log_entry", 1L);
    }

    @Test
    void fiftyReadersAtOnceAllGetTheirPage() {
        List<CompletableFuture<HttpResponse<String>>> all = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            all.add(Rough.sent(to(tank.at(i % 2 == 0 ? "/log" : "/tank")).build()));
        }
        assertThat(all.stream()
                        .map(CompletableFuture::join)
                        .map(HttpResponse::statusCode)
                        .toList())
                .containsOnly(200);
    }

    @Test
    void whatCannotBeReadNamesNoLibrary() {
        for (String body :
                new String[] {"[".repeat(2000), "{\"pelluna\": " + "1".repeat(1500) + "}", "{\"pelluna\": nope}", ""}) {
            HttpRequest request = to("/api/assess")
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body, StandardCharsets.UTF_8))
                    .build();
            assertThat(Rough.send(request).body())
                    .doesNotContain("StreamRead", "jackson", "Exception", "commons", "token");
        }
        HttpResponse<String> csv =
                Rough.send(tank.at("/catalogue"), Map.of("text", "scientificName,family\n\"open,x\n"));
        assertThat(csv.body())
                .containsPattern(said("app.catalogue.NotCsv"))
                .doesNotContain("commons", "Exception", "EOF");
    }

    @Test
    void aLongAddressOfAProbeIsRefusedBesideItsField() {
        String far = "http://127.0.0.1:1999/" + "x".repeat(200);
        HttpResponse<String> answer =
                Rough.send(tank.at("/log/probe"), Map.of("address", far, "minutes", "5", "on", "true"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(saidWith("app.limits.TooLong", "most", "200"));
    }

    @Test
    void longTextInWhatComesBackInAnAddressIsRefusedBeforeAnythingIsMade() {
        Map<String, Long> before = Rows.counted();
        for (String field : new String[] {"on", "chosen"}) {
            HttpRequest request =
                    Rough.post(tank.at("/reefscape/add"), "kind=hide&" + field + "=" + "x".repeat(100_000));
            assertThat(Rough.send(request).statusCode()).isEqualTo(422);
        }
        assertThat(Rows.since(before)).isEmpty();
    }

    @Test
    void thousandsOfRowsAreTakenInOneGo() {
        StringBuilder tests = new StringBuilder("on,nitrate\n");
        for (int i = 0; i < 1500; i++) {
            tests.append(java.time.LocalDate.of(2020, 1, 1).plusDays(i))
                    .append(',')
                    .append(5 + i % 9)
                    .append('\n');
        }
        Map<String, Long> before = Rows.counted();
        assertThat(Rough.send(tank.at("/log/sheets/take"), Map.of("text", tests.toString()))
                        .statusCode())
                .isEqualTo(302);
        assertThat(Rows.since(before)).containsEntry("water_test", 1500L);
        StringBuilder lines = new StringBuilder("at,who,did,whom\n");
        for (int i = 0; i < 1000; i++) {
            lines.append(java.time.LocalDateTime.of(2026, 1, 1, 8, 0).plusMinutes(7L * i))
                    .append(",dottyback,chased,wrasse\n");
        }
        assertThat(Rough.send(tank.at("/log/sheets/take"), Map.of("text", lines.toString()))
                        .statusCode())
                .isEqualTo(302);
        assertThat(Rows.since(before)).containsEntry("log_entry", 1000L);
    }

    @ParameterizedTest
    @CsvSource({"-99999-01-01", "0001-01-01", "2999-01-01"})
    void aSheetThatCannotBeTakenIsNotCalledGoodBefore(String day) {
        String sheet = "on,nitrate\n" + day + ",5\n";
        HttpResponse<String> seen =
                Pelluna.upload(tank.at("/log/sheets"), Map.of(), "file", sheet.getBytes(StandardCharsets.UTF_8));
        assertThat(seen.body()).containsPattern(said("app.spreadsheet.NoDay"));
        assertThat(Rough.send(tank.at("/log/sheets/take"), Map.of("text", sheet))
                        .statusCode())
                .isEqualTo(422);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/log/sheets", "/log", "/losses", "/wish-list", "/tank", "/arrivals", "/log/fish/{boss}"})
    void whoeverMakesAnAddressPutsNoWordsOnAPage(String page) {
        String path = tank.at(page).replace("{boss}", Long.toString(tank.boss()));
        assertThat(Pelluna.get(path + "?refused=Call+this+number&beside=name").body())
                .doesNotContain("Call this number");
    }

    @Test
    void aSheetWithNulIsNoText() {
        HttpResponse<String> seen = Pelluna.upload(
                tank.at("/log/sheets"), Map.of(), "file", "on,nitrate\n\0,5\n".getBytes(StandardCharsets.UTF_8));
        assertThat(seen.body()).containsPattern(said("app.limits.NoText"));
    }
}
