package pelluna.app.operations;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;
import pelluna.app.testing.Pelluna;

/** Whoever runs it sees whether it is well and how it does, on a port of its own, and nobody's name in it. */
class WatchedTest {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    @Test
    void itSaysThatItIsAliveAndReady() throws Exception {
        for (String page : new String[] {"/health", "/health/liveness", "/health/readiness"}) {
            HttpResponse<String> answer = watched(page);
            assertThat(answer.statusCode()).as(page).isEqualTo(200);
            assertThat(answer.body()).contains("\"status\":\"UP\"").doesNotContain("details", "jdbc");
        }
    }

    @Test
    void figuresNameAddressesByTheirShapeAndNobody() throws Exception {
        Pelluna.get("/tanks/1/today");
        String figures = watched("/metrics").body();
        assertThat(figures)
                .contains("http_server_requests_seconds_count{", "uri=\"/tanks/{id}/today\"")
                .contains("hikaricp_connections_active", "jvm_memory_used_bytes", "pelluna_assessments_total")
                .doesNotContain("uri=\"/tanks/1", "@", "Ines");
    }

    @Test
    void nothingElseIsToBeHadThere() throws Exception {
        for (String page : new String[] {"/", "/env", "/beans", "/loggers", "/shutdown", "/sbom", "/tanks/1/today"}) {
            assertThat(watched(page).statusCode()).as(page).isBetween(400, 499);
        }
    }

    @Test
    void keepersSeeNoneOfIt() {
        for (String page : new String[] {"/health", "/metrics", "/actuator/health"}) {
            assertThat(Pelluna.get(page).statusCode()).as(page).isEqualTo(404);
        }
    }

    private static HttpResponse<String> watched(String page) throws Exception {
        String port = Pelluna.bean(Environment.class).getProperty("local.management.port");
        return CLIENT.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + page))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
