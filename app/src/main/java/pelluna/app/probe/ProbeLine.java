package pelluna.app.probe;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;
import pelluna.app.limits.Days;
import pelluna.words.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks a probe over HTTP for a line of JSON: {@code {"at": "2027-03-01T10:00:00Z", "temperatureC": 25.4,
 * "salinity": 35.1, "pH": 8.2}}. The whole
 * exchange has a deadline, however slowly its answer comes, and an answer a length.
 */
@Component
class ProbeLine {
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int MOST_BYTES = 64 * 1024;

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final Clock clock;
    private final ExecutorService exchanges = Executors.newCachedThreadPool(task -> {
        Thread t = new Thread(task, "probe-exchange");
        t.setDaemon(true);
        return t;
    });

    /** Made when the first probe is asked, for it takes a quarter of a second of a start. */
    private static final class Client {
        static final HttpClient ONE = HttpClient.newBuilder()
                .connectTimeout(PATIENCE)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();

        private Client() {}
    }

    ProbeLine(Clock clock) {
        this.clock = clock;
    }

    /** It did not answer, or not with a reading. */
    static final class NoAnswerException extends Exception {
        private final transient NoAnswer why;

        NoAnswerException(NoAnswer why) {
            super(Words.code(why));
            this.why = why;
        }

        NoAnswer why() {
            return why;
        }
    }

    Reading read(ProbeAddress address) throws NoAnswerException {
        Future<Reading> exchange = exchanges.submit(() -> exchange(address));
        try {
            return exchange.get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            throw new NoAnswerException(new NoAnswer.TooSlow(PATIENCE.toSeconds()));
        } catch (ExecutionException e) {
            throw e.getCause() instanceof NoAnswerException no
                    ? no
                    : new NoAnswerException(
                            new NoAnswer.NobodyThere(address.typed().toString()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new NoAnswerException(new NoAnswer.Stopped());
        } finally {
            exchange.cancel(true);
        }
    }

    private Reading exchange(ProbeAddress address) throws NoAnswerException, IOException, InterruptedException {
        HttpRequest question = HttpRequest.newBuilder(address.asked())
                .timeout(PATIENCE)
                .header("Accept", "application/json")
                .GET()
                .build();
        HttpResponse<InputStream> answer = Client.ONE.send(question, HttpResponse.BodyHandlers.ofInputStream());
        try (InputStream in = answer.body()) {
            if (answer.statusCode() != 200) {
                throw new NoAnswerException(new NoAnswer.Status(answer.statusCode()));
            }
            byte[] body = in.readNBytes(MOST_BYTES + 1);
            if (body.length > MOST_BYTES) {
                throw new NoAnswerException(new NoAnswer.TooLong());
            }
            return reading(new String(body, StandardCharsets.UTF_8), clock.instant());
        }
    }

    private static Reading reading(String text, Instant now) throws NoAnswerException {
        try {
            return reading(JSON.readTree(text), now);
        } catch (JacksonException | DateTimeParseException e) {
            throw new NoAnswerException(new NoAnswer.NotReadable());
        }
    }

    /** @param now for a reading without its time; @throws IllegalArgumentException if it is no reading */
    static Reading parsed(String text, Instant now) {
        try {
            return reading(JSON.readTree(text), now);
        } catch (NoAnswerException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static Reading reading(JsonNode node, Instant now) throws NoAnswerException {
        Instant at = node.hasNonNull("at") ? Instant.parse(node.get("at").asString()) : now;
        if (at.isBefore(Days.FIRST.atStartOfDay().toInstant(ZoneOffset.UTC))
                || at.isAfter(Days.LAST.atStartOfDay().toInstant(ZoneOffset.UTC))) {
            throw new NoAnswerException(new NoAnswer.OfAnotherTime());
        }
        Reading r = new Reading(at, number(node, "temperatureC"), number(node, "salinity"), number(node, "pH"));
        if (r.empty()) {
            throw new NoAnswerException(new NoAnswer.NoFigure());
        }
        return r;
    }

    private static Double number(JsonNode node, String name) {
        return node.hasNonNull(name)
                        && node.get(name).isNumber()
                        && Double.isFinite(node.get(name).asDouble())
                ? node.get(name).asDouble()
                : null;
    }

    @PreDestroy
    void stop() {
        exchanges.shutdownNow();
    }
}
