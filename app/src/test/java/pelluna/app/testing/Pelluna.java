package pelluna.app.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pelluna.app.PellunaApplication;
import pelluna.app.planning.TankPlans;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * The real application on the real PostgreSQL of './pelluna test', started once for all tests of a process; and a
 * plain way to talk to it.
 */
public final class Pelluna {
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.NORMAL).build();
    private static final StillClock CLOCK = StillClock.atNoon();
    private static ConfigurableApplicationContext running;

    private Pelluna() {}

    public static synchronized String url() {
        if (running == null) {
            PseudoLanguage.write();
            SpringApplication application = new SpringApplication(PellunaApplication.class);
            application.setAdditionalProfiles("demo");
            application.addInitializers(
                    context -> context.getBeanFactory().addBeanPostProcessor(new CountedQueries()),
                    context -> context.getBeanFactory().registerSingleton("stillClock", CLOCK));
            running = application.run(
                    "--server.port=0",
                    "--spring.datasource.url=" + TestCluster.url(),
                    "--spring.datasource.password=" + TestCluster.password(),
                    // a machine that others use is no database in trouble: that is tested apart, with the limits of use
                    "--spring.datasource.hikari.connection-timeout=60000",
                    "--spring.datasource.hikari.connection-init-sql=set statement_timeout = '60s'",
                    "--spring.datasource.hikari.data-source-properties.socketTimeout=90",
                    "--pelluna.waits.tank=60s",
                    "--pelluna.waits.row=60s");
        }
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    /** Stops the application, so that the next call starts it anew on the same database. */
    public static synchronized void stop() {
        if (running != null) {
            running.close();
            running = null;
        }
    }

    /** Fish as a plan names them, by their places in it: 'w#0,w#1' to 'w17,w20'. */
    public static String fish(long tank, String places) {
        Plan plan = bean(TankPlans.class).open(tank).plan();
        return Pattern.compile("([rw])#(\\d+)").matcher(places).replaceAll(m -> {
            List<Party> list = m.group(1).equals("r") ? plan.residents() : plan.wishes();
            return list.get(Integer.parseInt(m.group(2))).id();
        });
    }

    /** What time it is for the application. */
    public static Instant now() {
        return CLOCK.instant();
    }

    public static LocalDate today() {
        return LocalDate.now(CLOCK);
    }

    public static void passes(Duration time) {
        CLOCK.passes(time);
    }

    public static <T> T bean(Class<T> type) {
        url();
        return running.getBean(type);
    }

    public static HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url() + path)).GET());
    }

    public static HttpResponse<String> post(String path, Map<String, String> form) {
        String body = form.entrySet().stream()
                .map(e -> encode(e.getKey()) + "=" + encode(e.getValue()))
                .collect(Collectors.joining("&"));
        return send(HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** A form with a picture, as a browser sends it. */
    public static HttpResponse<String> upload(String path, Map<String, String> form, String field, byte[] bytes) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        form.forEach((k, v) ->
                body.writeBytes(("--b\r\nContent-Disposition: form-data; name=\"" + k + "\"\r\n\r\n" + v + "\r\n")
                        .getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(("--b\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"fish.png\"\r\nContent-Type: image/png\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(bytes);
        body.writeBytes("\r\n--b--\r\n".getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(url() + path))
                .header("Content-Type", "multipart/form-data; boundary=b")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    public static HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A new tank of its own for one test. */
    public static long tank(String name) {
        HttpResponse<String> made =
                post("/tanks", Map.of("name", name, "lengthCm", "150", "widthCm", "60", "waterHeightCm", "55"));
        Matcher id = Pattern.compile("/tanks/(\\d+)/tank").matcher(made.uri().toString());
        if (!id.find()) {
            throw new IllegalStateException("no tank was made: " + made.statusCode());
        }
        return Long.parseLong(id.group(1));
    }

    private static String encode(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
