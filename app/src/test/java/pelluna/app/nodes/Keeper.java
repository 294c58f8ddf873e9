package pelluna.app.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The demo's keeper in a browser that knows one address, and asks nothing twice: an answer that fails is a failure. */
final class Keeper {
    private static final Pattern TOKEN = Pattern.compile("<meta name=\"csrf\" content=\"([^\"]+)\"");
    private static final Pattern SECRET = Pattern.compile("value=\"([A-Za-z0-9_-]{43})\"");
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final URI site;
    private final HttpClient browser;
    private String token = "";

    Keeper(URI site) {
        this(
                site,
                HttpClient.newBuilder()
                        .version(HttpClient.Version.HTTP_1_1)
                        .followRedirects(HttpClient.Redirect.NORMAL)
                        .cookieHandler(new CookieManager())
                        .build());
    }

    private Keeper(URI site, HttpClient browser) {
        this.site = site;
        this.browser = browser;
    }

    /** The same keeper, signed in as here, who asks one node itself. */
    Keeper at(int port) {
        Keeper same = new Keeper(URI.create("http://127.0.0.1:" + port), browser);
        same.token = token;
        return same;
    }

    int port() {
        return site.getPort();
    }

    void signsIn() throws IOException, InterruptedException {
        tokenOf(reads("/sign-in"));
        writes("/sign-in/demo", Map.of());
        tokenOf(reads("/tanks/1/tank"));
    }

    private void tokenOf(String page) {
        Matcher said = TOKEN.matcher(page);
        assertThat(said.find()).isTrue();
        token = said.group(1);
    }

    /** For a program that writes in the log. */
    String makesAToken() throws IOException, InterruptedException {
        writes("/account/programs", Map.of("name", "A script", "scope", "log", "days", "30"));
        Matcher secret = SECRET.matcher(reads("/account/programs"));
        assertThat(secret.find()).isTrue();
        return secret.group(1);
    }

    void notes(String what) throws IOException, InterruptedException {
        writes("/tanks/1/log/feed", Map.of("what", "fed", "note", what));
    }

    void renames(String name) throws IOException, InterruptedException {
        writes("/tanks/1/name", Map.of("name", name));
    }

    String reads(String path) throws IOException, InterruptedException {
        return sent(HttpRequest.newBuilder(site.resolve(path)).GET());
    }

    /** With a key, as every form of a page has one. */
    private void writes(String path, Map<String, String> form) throws IOException, InterruptedException {
        String body = form.entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        sent(HttpRequest.newBuilder(site.resolve(path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Origin", site.toString())
                .header("X-CSRF-TOKEN", token)
                .header("Pelluna-Key", UUID.randomUUID().toString())
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private String sent(HttpRequest.Builder request) throws IOException, InterruptedException {
        HttpRequest asked =
                request.header("Accept", "text/html").timeout(PATIENCE).build();
        HttpResponse<String> answer = browser.send(asked, HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode())
                .as(asked.method() + " " + asked.uri() + ": " + answer.body())
                .isEqualTo(200);
        return answer.body();
    }
}
