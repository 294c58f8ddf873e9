package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.app.testing.Pelluna;

/** A double click, two Enters, a retry after a cut connection: one row, whatever form it is. */
class OncePerKeyTest {
    private static World once;
    private static World twice;

    @BeforeAll
    static void twoTanksAlike() {
        // one row for an account and not for a tank: the first to ask makes it
        Pelluna.post("/account/reminders/calendar", Map.of("on", "true"));
        World.asNew();
        once = new World("Sent once");
        twice = new World("Sent twice");
    }

    @AfterAll
    static void asNew() {
        World.asNew();
    }

    static Stream<String> everyAddress() {
        return Routes.good().keySet().stream();
    }

    /** What changes how an account is entered has tests of its own, and would end the session that all others use. */
    private static final Pattern OF_AN_ACCOUNT = Pattern.compile(
            "/(first|forgot|reset/.*|sign-in/.*|sign-up.*|account/(?!reminders|programs|figures).*|invitation/.*)");

    @Test
    void theListKnowsEveryAddressThatIsWrittenTo() {
        assertThat(Routes.good().keySet())
                .containsExactlyInAnyOrderElementsOf(Routes.written().stream()
                        .filter(p -> !p.startsWith("/api/"))
                        .filter(p -> !OF_AN_ACCOUNT.matcher(p).matches())
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("everyAddress")
    void whatIsSentTwiceAtOnceIsWrittenOnce(String address) {
        Routes.Sent single = Routes.good().get(address).apply(once);
        Map<String, Long> before = Rows.counted();
        HttpResponse<String> answer = Rough.send(single.path(), keyed(single));
        Map<String, Long> written = Rows.since(before);

        Routes.Sent pair = Routes.good().get(address).apply(twice);
        HttpRequest request = Rough.post(pair.path(), Rough.encoded(keyed(pair)));
        before = Rows.counted();
        List<CompletableFuture<HttpResponse<String>>> both = List.of(Rough.sent(request), Rough.sent(request));
        List<HttpResponse<String>> answers =
                both.stream().map(CompletableFuture::join).toList();
        HttpResponse<String> later = Rough.send(request);
        assertThat(later.statusCode()).as("sent once more, later").isEqualTo(answer.statusCode());
        assertThat(Rows.since(before)).as("rows").isEqualTo(written);
        assertThat(answers)
                .extracting(HttpResponse::statusCode)
                .as(answers.get(0).body())
                .containsOnly(answer.statusCode());
        assertThat(answers.get(0).headers().firstValue("Location"))
                .isEqualTo(answers.get(1).headers().firstValue("Location"));
        boolean needsAFile = address.endsWith("/picture") || address.endsWith("/sheets");
        if (!needsAFile) {
            assertThat(answer.statusCode())
                    .as(address + " is a good request: " + answer.body())
                    .isLessThan(400);
            assertThat(answer.headers().firstValue("Pelluna-Saved")).isPresent();
        }
    }

    private static Map<String, String> keyed(Routes.Sent sent) {
        Map<String, String> form = new LinkedHashMap<>(sent.form());
        form.put("key", UUID.randomUUID().toString());
        return form;
    }

    @Test
    void theSameFormFilledInOtherwiseIsWrittenToo() {
        String key = UUID.randomUUID().toString();
        Map<String, Long> before = Rows.counted();
        for (String title : List.of("A crash", "A storm")) {
            Rough.send(
                    once.at("/losses/incidents"),
                    World.form("title", title, "kind", "crash", "on", World.TODAY, "key", key));
        }
        assertThat(Rows.since(before)).containsEntry("incident", 2L);
    }

    @Test
    void whatWasRefusedIsWrittenWhenItIsSentAgainWithTheSameKeyAndPutRight() {
        String key = UUID.randomUUID().toString();
        assertThat(Rough.send(once.at("/losses/crew"), World.form("kind", "snails", "count", "x", "key", key))
                        .statusCode())
                .isEqualTo(422);
        Map<String, Long> before = Rows.counted();
        assertThat(Rough.send(once.at("/losses/crew"), World.form("kind", "snails", "count", "5", "key", key))
                        .statusCode())
                .isEqualTo(302);
        assertThat(Rows.since(before)).containsEntry("crew", 1L);
    }

    @Test
    void aLineThatWasRefusedKeepsItsReasonAndIsWrittenOnceItCanBe() {
        Map<String, String> line = World.form(
                "text",
                "Late chased wrasse",
                "quiet",
                "true",
                "key",
                UUID.randomUUID().toString());
        for (int i = 0; i < 2; i++) {
            HttpResponse<String> refused = Rough.send(once.at("/log/typed"), line);
            assertThat(refused.statusCode()).isEqualTo(422);
            assertThat(refused.body()).containsPattern(said("sighting.NobodyGoesBy"));
            assertThat(refused.headers().firstValue("Pelluna-Saved")).isEmpty();
        }
        Rough.send(once.at("/log/fish/" + once.boss() + "/called"), World.form("name", "Late"));
        assertThat(Rough.send(once.at("/log/typed"), line).statusCode()).isEqualTo(204);
    }

    @Test
    void everyFormOfAPageBringsItsKey() {
        for (String path : List.of(
                "/log",
                "/losses/new",
                "/losses/crew",
                "/losses/incidents",
                "/wish-list",
                "/tank",
                "/arrivals",
                "/arrivals/quarantine",
                "/log/water",
                "/log/head-count",
                "/import-export")) {
            String page = once.tank.page(path);
            long forms = page.split("<form[^>]*method=\"post\"", -1).length - 1L;
            long keys = page.split("<input type=\"hidden\" name=\"key\"", -1).length - 1L;
            assertThat(keys).as(path).isEqualTo(forms).isPositive();
        }
        assertThat(Pelluna.get("/tanks/new").body()).contains("name=\"key\"");
    }

    @Test
    void aKeyThatIsTooLongIsRefusedAndNotCut() {
        String line = "k".repeat(61);
        assertThat(Rough.send(once.at("/log/typed"), World.form("text", "dottyback eats", "key", line))
                        .statusCode())
                .isEqualTo(422);
    }
}
