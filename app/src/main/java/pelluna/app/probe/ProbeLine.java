package pelluna.app.probe;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;

import org.springframework.stereotype.Component;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Asks a probe over HTTP for a line of JSON: {@code {"at": "2027-03-01T10:00:00Z", "temperatureC": 25.4, "salinity": 35.1, "pH": 8.2}}. */
@Component
class ProbeLine {
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int MOST_LETTERS = 10_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newBuilder().connectTimeout(PATIENCE).followRedirects(HttpClient.Redirect.NEVER).build();

    /** It did not answer, or not with a reading; the message says what happened. */
    static final class NoAnswerException extends Exception {
        NoAnswerException(String message) {
            super(message);
        }
    }

    /**
     * The address to ask, checked: plain HTTP, to a machine of the own house.
     *
     * @throws IllegalArgumentException with a sentence
     */
    static URI address(String typed) {
        URI uri;
        try {
            uri = URI.create(typed.strip());
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("'" + typed + "' is no address; give one such as http://192.168.1.20/reading.", e);
        }
        if (!"http".equals(uri.getScheme()) || uri.getHost() == null || uri.getUserInfo() != null) {
            throw new IllegalArgumentException("The address begins with http:// and names a machine of your own network, such as http://192.168.1.20/reading.");
        }
        try {
            InetAddress machine = InetAddress.getByName(uri.getHost());
            if (!machine.isLoopbackAddress() && !machine.isSiteLocalAddress()) {
                throw new IllegalArgumentException("Pelluna reads probes of your own network only; " + uri.getHost() + " is outside it.");
            }
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException("There is no machine called " + uri.getHost() + " in your network.", e);
        }
        return uri;
    }

    Reading read(String address) throws NoAnswerException {
        try {
            HttpResponse<String> answer = client.send(HttpRequest.newBuilder(address(address)).timeout(PATIENCE).header("Accept", "application/json").GET().build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new NoAnswerException("it answered with status " + answer.statusCode());
            }
            if (answer.body().length() > MOST_LETTERS) {
                throw new NoAnswerException("it answered with more than a reading");
            }
            return reading(JSON.readTree(answer.body()));
        } catch (IOException e) {
            throw new NoAnswerException("nobody answers at " + address);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new NoAnswerException("Pelluna was stopped while asking");
        } catch (JacksonException | DateTimeParseException e) {
            throw new NoAnswerException("it answered with what is no reading");
        } catch (IllegalArgumentException e) {
            throw new NoAnswerException(e.getMessage());
        }
    }

    /** @throws IllegalArgumentException if it is no reading */
    static Reading parsed(String text) {
        try {
            return reading(JSON.readTree(text));
        } catch (NoAnswerException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static Reading reading(JsonNode node) throws NoAnswerException {
        Reading r = new Reading(node.hasNonNull("at") ? Instant.parse(node.get("at").asString()) : Instant.now(), number(node, "temperatureC"), number(node, "salinity"), number(node, "pH"));
        if (r.empty()) {
            throw new NoAnswerException("it answered without temperature, salinity or pH");
        }
        return r;
    }

    private static Double number(JsonNode node, String name) {
        return node.hasNonNull(name) && node.get(name).isNumber() ? node.get(name).asDouble() : null;
    }
}
