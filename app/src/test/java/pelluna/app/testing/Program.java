package pelluna.app.testing;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A program of a keeper: it signs in with a token and speaks JSON. */
public final class Program {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final Pattern SECRET = Pattern.compile("value=\"([A-Za-z0-9_-]{43})\"");

    public final String token;

    private Program(String token) {
        this.token = token;
    }

    /** With a token that its keeper makes on the page. */
    public static Program of(Visitor keeper, String scope) {
        var page = keeper.post("/account/programs", Map.of("name", "A test", "scope", scope, "days", "30"));
        Matcher secret = SECRET.matcher(page.body());
        if (!secret.find()) {
            throw new IllegalStateException("no token: " + page.statusCode() + page.body());
        }
        return new Program(secret.group(1));
    }

    /** Without any that is good. */
    public static Program stranger() {
        return new Program("nobody-has-made-this");
    }

    public HttpResponse<String> get(String path) {
        return send(request(path));
    }

    public HttpResponse<String> post(String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Signed in, and nothing else. */
    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/v1" + path))
                .header("Authorization", "Bearer " + token)
                .header("Accept", "application/json");
    }

    public HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
