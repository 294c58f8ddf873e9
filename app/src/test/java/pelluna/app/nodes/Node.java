package pelluna.app.nodes;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import pelluna.app.testing.TestCluster;

/** One of several that answer for one database, as a process of its own. */
final class Node implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    /** Work of others is no database in trouble, as everywhere in these tests. */
    private static final String ON_A_BUSY_MACHINE = """
            {"spring.datasource.hikari.maximum-pool-size": 8,
             "spring.datasource.hikari.connection-timeout": 60000,
             "spring.datasource.hikari.connection-init-sql":
               "set statement_timeout = '60s'; set plan_cache_mode = force_generic_plan",
             "spring.datasource.hikari.data-source-properties.socketTimeout": 90,
             "pelluna.waits.tank": "60s",
             "pelluna.waits.row": "60s"}""";

    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");

    private final int port;
    private final int watched;
    private final Path said;
    private final Process process;

    /** @param settings more of its environment, by name */
    Node(int port, int watched, String database, Path said, Map<String, String> settings) throws IOException {
        this.port = port;
        this.watched = watched;
        this.said = said;
        ProcessBuilder builder = new ProcessBuilder(
                        "bash",
                        ROOT.resolve("pelluna").toString(),
                        "node",
                        "--port",
                        Integer.toString(port),
                        "--watch-port",
                        Integer.toString(watched))
                .redirectErrorStream(true)
                .redirectOutput(said.toFile());
        builder.environment().put("PELLUNA_CLASSPATH", System.getProperty("java.class.path"));
        builder.environment().put("PELLUNA_DB_URL", database);
        builder.environment().put("PELLUNA_DB_PASSWORD", TestCluster.password());
        builder.environment().put("SPRING_PROFILES_ACTIVE", "demo");
        builder.environment().put("SPRING_APPLICATION_JSON", ON_A_BUSY_MACHINE);
        builder.environment().putAll(settings);
        process = builder.start();
    }

    int port() {
        return port;
    }

    /** Waits until it says that it is ready for visitors. */
    void ready() throws IOException, InterruptedException {
        Instant end = Instant.now().plus(PATIENCE);
        while (status() != 200) {
            if (!process.isAlive() || Instant.now().isAfter(end)) {
                throw new IllegalStateException("it does not start: " + Files.readString(said));
            }
            Thread.sleep(200);
        }
    }

    private int status() throws InterruptedException {
        try {
            return CLIENT.send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + watched + "/health/readiness"))
                                    .timeout(Duration.ofSeconds(5))
                                    .build(),
                            HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        } catch (IOException notYet) {
            return 0;
        }
    }

    /** As if its machine had lost its current. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor(1, TimeUnit.MINUTES);
    }

    @Override
    public void close() {
        process.destroyForcibly();
    }
}
