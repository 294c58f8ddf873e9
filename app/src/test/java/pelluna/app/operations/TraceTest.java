package pelluna.app.operations;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

/** Lines of the log that belong together are found by one number. */
class TraceTest {
    private static final String GIVEN = "4bf92f3577b34da6a3ce929d0e0e4736";

    @Test
    void everyAnswerHasANumberOfItsOwn() {
        String one =
                Pelluna.get("/tanks/1/today").headers().firstValue("Trace-Id").orElseThrow();
        String other =
                Pelluna.get("/no-such-page").headers().firstValue("Trace-Id").orElseThrow();
        assertThat(one).matches("[0-9a-f]{32}").isNotEqualTo(other);
    }

    @Test
    void whatAProxyHasBegunGoesOn() throws Exception {
        assertThat(asked("00-" + GIVEN + "-00f067aa0ba902b7-01")).isEqualTo(GIVEN);
        for (String odd : List.of(
                "00-" + "0".repeat(32) + "-00f067aa0ba902b7-01",
                "00-" + GIVEN,
                "<script>",
                GIVEN.toUpperCase(Locale.ROOT))) {
            assertThat(asked(odd)).as(odd).matches("[0-9a-f]{32}").isNotEqualTo(GIVEN);
        }
    }

    @Test
    void linesOfTheLogHaveItAndNobodysAddress() {
        // an application that starts begins its log anew
        Pelluna.url();
        Logger all = (Logger) LoggerFactory.getLogger("pelluna");
        ListAppender<ILoggingEvent> lines = new ListAppender<>();
        lines.start();
        all.addAppender(lines);
        try {
            Visitor visitor = new Visitor();
            String typed = UUID.randomUUID() + "@reef.example";
            HttpResponse<String> answer =
                    visitor.post("/sign-in", Map.of("email", typed, "password", "not the right one", "to", "/account"));
            List<ILoggingEvent> its = lines.list.stream()
                    .filter(l -> l.getFormattedMessage().contains("wrong password"))
                    .toList();
            assertThat(its).isNotEmpty();
            assertThat(its)
                    .allSatisfy(
                            l -> assertThat(l.getMDCPropertyMap().get("trace")).matches("[0-9a-f]{32}"))
                    .allSatisfy(l -> assertThat(l.getFormattedMessage())
                            .doesNotContain(typed)
                            .doesNotContain("127.0.0.1"));
            assertThat(answer.headers().firstValue("Trace-Id")).isPresent();
        } finally {
            all.detachAppender(lines);
        }
    }

    private static String asked(String parent) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/sign-in"))
                                .header("traceparent", parent)
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .headers()
                .firstValue("Trace-Id")
                .orElseThrow();
    }
}
