package pelluna.app.rough;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import pelluna.app.testing.Pelluna;

/** Requests as they are sent by hand, with nothing followed and nothing made nice. */
final class Rough {
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.NEVER).build();

    private Rough() {}

    static String encoded(Map<String, String> form) {
        return form.entrySet().stream()
                .map(e -> URLEncoder.encode(e.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    static HttpRequest post(String path, String body) {
        return HttpRequest.newBuilder(URI.create(Pelluna.url() + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Accept", "text/html")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    static HttpResponse<String> send(HttpRequest request) {
        return sent(request).join();
    }

    static HttpResponse<String> send(String path, Map<String, String> form) {
        return send(post(path, encoded(form)));
    }

    static CompletableFuture<HttpResponse<String>> sent(HttpRequest request) {
        return CLIENT.sendAsync(Pelluna.ines().signed(request), HttpResponse.BodyHandlers.ofString());
    }
}
