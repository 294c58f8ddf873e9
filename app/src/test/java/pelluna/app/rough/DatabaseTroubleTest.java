package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import pelluna.app.PellunaApplication;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/**
 * A database that is gone, silent or locked: an answer in words that asks it nothing, and all is well again when it
 * is.
 */
class DatabaseTroubleTest {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static Wire wire;
    private static ConfigurableApplicationContext second;
    private static String url;
    private static LogTank tank;

    @BeforeAll
    static void anApplicationOnAWireThatCanBeCut() throws IOException {
        tank = new LogTank("In trouble");
        wire = new Wire(TestCluster.port());
        second = new SpringApplication(PellunaApplication.class)
                .run(
                        "--server.port=0",
                        "--spring.profiles.active=own",
                        "--spring.datasource.url=jdbc:postgresql://127.0.0.1:" + wire.port() + TestCluster.path(),
                        "--spring.datasource.password=" + TestCluster.password());
        url = "http://127.0.0.1:"
                + ((WebServerApplicationContext) second).getWebServer().getPort();
        assertThat(comesBack()).isTrue();
    }

    @AfterEach
    void mended() {
        wire.mend();
        assertThat(comesBack()).isTrue();
    }

    @AfterAll
    static void end() throws IOException {
        second.close();
        wire.close();
    }

    private static HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url + tank.at(path)))
                .header("Accept", "text/html")
                .GET());
    }

    private static HttpResponse<String> type(String text) {
        return send(HttpRequest.newBuilder(URI.create(url + tank.at("/log/typed")))
                .header("Accept", "text/html")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "key=trouble-" + text.hashCode() + "&text=" + text.replace(' ', '+'))));
    }

    private static HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return CLIENT.send(Pelluna.ines().signed(request.build()), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** By itself, without a restart. */
    private static boolean comesBack() {
        Instant patience = Instant.now().plus(Duration.ofMinutes(1));
        while (Instant.now().isBefore(patience)) {
            if (get("/log").statusCode() == 200) {
                return true;
            }
        }
        return false;
    }

    /** Asks again while the answer is 'one moment', as a page does: this machine may be slow too. */
    private static HttpResponse<String> patiently(Supplier<HttpResponse<String>> ask) {
        Instant patience = Instant.now().plus(Duration.ofMinutes(1));
        HttpResponse<String> answer = ask.get();
        while (answer.statusCode() == 503 && Instant.now().isBefore(patience)) {
            answer = ask.get();
        }
        return answer;
    }

    private static void saysSo(HttpResponse<String> answer, String trouble) {
        assertThat(answer.statusCode()).isEqualTo(503);
        assertThat(answer.body())
                .containsPattern(said("app.database.DatabaseTrouble." + trouble))
                .contains("</html>")
                .doesNotContain("Exception", "SQL");
        assertThat(answer.headers().firstValue("Retry-After")).isPresent();
    }

    @Test
    void aDatabaseThatIsGoneIsSaidSoAndThePageComesBackByItself() {
        wire.cut();
        HttpResponse<String> answer = get("/log");
        saysSo(answer, "GONE");
        assertThat(answer.headers().firstValue("Refresh"))
                .as("the browser asks again")
                .isPresent();
        saysSo(get("/today"), "GONE");
        assertThat(send(HttpRequest.newBuilder(URI.create(url + "/pelluna.css")).GET())
                        .statusCode())
                .as("styles need no data")
                .isEqualTo(200);
    }

    @Test
    void whatWasTypedMeanwhileIsKeptAndWrittenOnceWhenItIsSentAgain() {
        wire.cut();
        HttpResponse<String> answer = type("dottyback eats heartily; over the clam");
        saysSo(answer, "GONE");
        assertThat(answer.body())
                .containsPattern(said("page.typed.stillHere"))
                .containsPattern(said("page.typed.again"))
                .contains("dottyback eats heartily; over the clam");
        wire.mend();
        assertThat(comesBack()).isTrue();
        for (int i = 0; i < 2; i++) {
            assertThat(patiently(() -> type("dottyback eats; over the clam")).statusCode())
                    .isIn(200, 303);
        }
        assertThat(patiently(() -> get("/log")).body().split("over the clam", -1))
                .hasSize(2);
    }

    @Test
    void aDatabaseThatIsSilentIsNotWaitedForForLong() {
        wire.hold();
        assertThat(get("/log").statusCode())
                .as("answered while it is still silent")
                .isEqualTo(503);
    }

    @Test
    void aLockedTableIsAnsweredWhileItIsStillLocked() throws SQLException {
        try (Connection other = TestCluster.connect();
                Statement lock = other.createStatement()) {
            other.setAutoCommit(false);
            lock.execute("lock table log_entry in access exclusive mode");
            saysSo(get("/log"), "LOCKED");
            saysSo(type("dottyback eats; locked"), "LOCKED");
            other.rollback();
        }
        assertThat(patiently(() -> get("/log")).body()).doesNotContain("; locked");
    }

    /** As PostgreSQL refuses when there is no room left for a row. */
    @Test
    void aFullDiskIsSaidSoAndPagesAreReadAsEver() throws SQLException {
        try (Connection other = TestCluster.connect();
                Statement full = other.createStatement()) {
            full.execute("""
                    create function no_room() returns trigger language plpgsql as $$
                    begin
                      raise exception 'could not extend file: No space left on device' using errcode = '53100';
                    end $$""");
            full.execute("""
                    create trigger no_room before insert on log_entry for each row
                    when (new.tank_id = %s) execute function no_room()""".formatted(tank.id));
            HttpResponse<String> answer = type("dottyback eats; no room");
            saysSo(answer, "FULL");
            assertThat(answer.body()).containsPattern(said("page.typed.stillHere"));
            assertThat(get("/log").statusCode()).isEqualTo(200);
            full.execute("drop function no_room cascade");
        }
        assertThat(get("/log").body()).doesNotContain("; no room");
        assertThat(patiently(() -> type("dottyback eats; no room")).statusCode())
                .isIn(200, 303);
    }

    @Test
    void timeLimitsAreSetForEveryConnection() throws SQLException {
        try (Connection c = second.getBean(javax.sql.DataSource.class).getConnection();
                Statement ask = c.createStatement()) {
            for (String limit :
                    new String[] {"statement_timeout", "lock_timeout", "idle_in_transaction_session_timeout"}) {
                try (var row = ask.executeQuery("show " + limit)) {
                    row.next();
                    assertThat(row.getString(1)).as(limit).isNotEqualTo("0");
                }
            }
        }
    }
}
