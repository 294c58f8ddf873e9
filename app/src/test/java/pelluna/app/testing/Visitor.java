package pelluna.app.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody with a browser of their own: a session, and the token that its forms carry. Nobody yet when it is made. */
public final class Visitor {
    /** What every account of the tests is entered with. */
    public static final String PASSWORD = "four wet otters hum";

    /** Addresses that answer whoever asks, said here once more: one that is opened to all is no slip of the pen. */
    public static final List<String> FOR_ANYBODY = List.of(
            "/words/*.js",
            "/error",
            "/first",
            "/sign-in",
            "/sign-in/*",
            "/sign-up",
            "/sign-up/*",
            "/forgot",
            "/reset/*",
            "/phone",
            "/phone/pelluna.crt",
            "/invitation/*",
            "/shared/*",
            "/calendar/*",
            "/api/v1/openapi.json");

    private static final String TOKEN = "X-CSRF-TOKEN";
    private static final Pattern META = Pattern.compile("<meta name=\"csrf\" content=\"([^\"]+)\"");

    private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient follows;
    private final HttpClient stays;
    private String token = "";

    public Visitor() {
        follows = client(HttpClient.Redirect.NORMAL);
        stays = client(HttpClient.Redirect.NEVER);
    }

    private HttpClient client(HttpClient.Redirect redirect) {
        return HttpClient.newBuilder()
                .followRedirects(redirect)
                .cookieHandler(cookies)
                .build();
    }

    /** With an account of their own, made as anybody makes one, and signed in. */
    public static Visitor signedUp(String name, String address) {
        Visitor visitor = new Visitor();
        visitor.post("/sign-up", Map.of("email", address));
        visitor.post(Letters.link(address), Map.of("name", name, "password", PASSWORD));
        return visitor;
    }

    /** The session of this visitor; empty before the first page. */
    public Optional<HttpCookie> session() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("pelluna"))
                .findFirst();
    }

    /** The session of one who has signed in. */
    public HttpCookie signedIn() {
        token();
        return session().orElseThrow();
    }

    /** The token of the session, from the page that shows it. */
    public synchronized String token() {
        if (token.isEmpty()) {
            renewToken();
        }
        return token;
    }

    private void renewToken() {
        Matcher said = META.matcher(
                plain(request("/account").header("Accept", "text/html").GET(), follows)
                        .body());
        if (!said.find()) {
            throw new IllegalStateException("no page shows a token");
        }
        token = said.group(1);
    }

    private static HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(Pelluna.url() + path));
    }

    public HttpResponse<String> get(String path) {
        return send(request(path).GET());
    }

    public HttpResponse<String> post(String path, Map<String, String> form) {
        return send(form(path, form));
    }

    /** A form that is sent, without its token. */
    public static HttpRequest.Builder form(String path, Map<String, String> form) {
        String body = form.entrySet().stream()
                .map(e -> encode(e.getKey()) + "=" + encode(e.getValue()))
                .collect(Collectors.joining("&"));
        return request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    /** A form with a picture, as a browser sends it. */
    public HttpResponse<String> upload(String path, Map<String, String> form, String field, byte[] bytes) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        form.forEach((k, v) ->
                body.writeBytes(("--b\r\nContent-Disposition: form-data; name=\"" + k + "\"\r\n\r\n" + v + "\r\n")
                        .getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(("--b\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"fish.png\"\r\nContent-Type: image/png\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(bytes);
        body.writeBytes("\r\n--b--\r\n".getBytes(StandardCharsets.UTF_8));
        return send(request(path)
                .header("Content-Type", "multipart/form-data; boundary=b")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** With the token; what it leads to is followed. */
    public HttpResponse<String> send(HttpRequest.Builder request) {
        HttpResponse<String> answer = plain(request.setHeader(TOKEN, token()), follows);
        String asked = request.build().uri().getPath();
        if (answer.uri().getPath().equals("/") || asked.startsWith("/sign") || asked.startsWith("/invitation")) {
            token = "";
        }
        return answer;
    }

    /** With the token; nothing is followed. */
    public HttpResponse<String> rough(HttpRequest.Builder request) {
        return plain(request.setHeader(TOKEN, token()), stays);
    }

    /** The same request with the session and the token of this visitor, for another client. */
    public HttpRequest signed(HttpRequest request) {
        String with = token();
        return HttpRequest.newBuilder(request, (name, value) -> true)
                .setHeader("Cookie", cookie())
                .setHeader(TOKEN, with)
                .build();
    }

    /** The session, as a header says it. */
    public String cookie() {
        token();
        return session().map(c -> c.getName() + "=" + c.getValue()).orElse("");
    }

    /** A request as it is, of nobody. */
    public static HttpResponse<String> unsigned(HttpRequest request) {
        return plain(HttpRequest.newBuilder(request, (name, value) -> true), HttpClient.newHttpClient());
    }

    private static HttpResponse<String> plain(HttpRequest.Builder request, HttpClient client) {
        try {
            return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static String encode(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
