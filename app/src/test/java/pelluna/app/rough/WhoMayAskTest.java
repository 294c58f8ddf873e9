package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** A page of somebody else can neither read a keeper's tanks nor write to them. */
class WhoMayAskTest {
    private static LogTank tank;

    @BeforeAll
    static void aTank() {
        tank = new LogTank("Nobody else's");
    }

    private static int port() {
        return URI.create(Pelluna.url()).getPort();
    }

    /** The first line of the answer to a request with a name of somebody's choice. */
    private static String asked(String host, String request, String more) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port())) {
            socket.getOutputStream()
                    .write((request + " HTTP/1.1\r\n" + (host == null ? "" : "Host: " + host + "\r\n")
                                    + "Connection: close\r\nCookie: "
                                    + Pelluna.ines().cookie() + "\r\nX-CSRF-TOKEN: "
                                    + Pelluna.ines().token() + "\r\n" + more + "\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"reef.example", "127.0.0.1.reef.example", "localhost.reef.example:80", "reef.example:8080"})
    void aForeignNameThatLeadsHereReadsNoPlan(String host) throws IOException {
        assertThat(asked(host, "GET " + tank.at("/plan.json"), ""))
                .startsWith("HTTP/1.1 403")
                .containsPattern(said("app.guard.NotByThisName"))
                .doesNotContain("Pseudochromis");
    }

    @Test
    void ownNamesAnswerWithAnyPort() throws IOException {
        for (String host : new String[] {"localhost:" + port(), "127.0.0.1", "[::1]:" + port(), "LocalHost"}) {
            assertThat(asked(host, "GET " + tank.at("/plan.json"), "Accept: application/json\r\n"))
                    .as(host)
                    .startsWith("HTTP/1.1 200");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "http://reef.example,",
        "null,",
        "http://reef.example,none",
        "http://reef.example,same-origin",
        ",cross-site",
        ",same-site",
        "https://127.0.0.1:1,same-origin"
    })
    void whatBrowsersSayOfAnotherPageIsRefused(String origin, String site) throws IOException {
        String more = (origin == null ? "" : "Origin: " + origin + "\r\n")
                + (site == null ? "" : "Sec-Fetch-Site: " + site + "\r\n")
                + "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: 19\r\n\r\ntext=dottyback+eats";
        var before = Rows.counted();
        assertThat(asked("127.0.0.1:" + port(), "POST " + tank.at("/log/typed"), more))
                .startsWith("HTTP/1.1 403");
        assertThat(Rows.since(before)).isEmpty();
    }

    @Test
    void ourOwnPageAndAProgramWithoutABrowserWrite() {
        HttpRequest.Builder ours = HttpRequest.newBuilder(URI.create(Pelluna.url() + tank.at("/log/typed")))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Origin", Pelluna.url())
                .header("Sec-Fetch-Site", "same-origin")
                .POST(HttpRequest.BodyPublishers.ofString("text=dottyback+eats"));
        assertThat(Rough.send(ours.build()).statusCode()).isEqualTo(303);
        assertThat(Rough.send(tank.at("/log/typed"), World.form("text", "wrasse eats"))
                        .statusCode())
                .isEqualTo(303);
    }

    @ParameterizedTest
    @ValueSource(strings = {"PUT", "DELETE", "TRACE", "PATCH", "OPTIONS"})
    void otherWaysOfAskingAreNotThere(String method) throws IOException {
        assertThat(asked("127.0.0.1", method + " " + tank.at("/wish-list"), "")).startsWith("HTTP/1.1 405");
    }

    @Test
    void whatIsPrivateIsKeptByNobodyAndShownInNoOtherPage() {
        for (String path : new String[] {
            tank.at("/today"),
            tank.at("/plan.json"),
            tank.at("/reefscape/picture.svg"),
            tank.at("/log/sheets/tests.csv"),
            "/tanks/99999999/today"
        }) {
            HttpResponse<String> answer = Pelluna.get(path);
            assertThat(answer.headers().firstValue("Cache-Control")).as(path).contains("no-store");
            assertThat(answer.headers().firstValue("Cross-Origin-Resource-Policy"))
                    .contains("same-origin");
            assertThat(answer.headers().firstValue("Permissions-Policy").orElse(""))
                    .contains("geolocation=()");
            assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
                    .contains("default-src 'none'");
        }
        assertThat(Pelluna.get("/pelluna.css")
                        .headers()
                        .firstValue("Cache-Control")
                        .orElse(""))
                .contains("max-age");
    }

    @Test
    void aFailureNamesNoLibrary() throws IOException {
        for (String request : new String[] {
            "GET /tanks/x/today", "GET " + tank.at("/nothing"), "POST " + tank.at("/log/sighting"), "POST /api/assess"
        }) {
            assertThat(asked("127.0.0.1", request, "Content-Length: 0\r\nAccept: text/html\r\n"))
                    .as(request)
                    .doesNotContain("Exception", "springframework", "jackson", "org.", "java.");
        }
    }
}
