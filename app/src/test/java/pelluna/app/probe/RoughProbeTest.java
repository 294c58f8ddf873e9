package pelluna.app.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** A probe that trickles, floods or lies holds up nobody; and no probe leads to what is none. */
class RoughProbeTest {
    private HttpServer server;
    private LogTank tank;

    @BeforeEach
    void aServer() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/trickle", x -> drip(x.getResponseBody(), () -> x.sendResponseHeaders(200, 0), " ", 200));
        server.createContext(
                "/flood", x -> drip(x.getResponseBody(), () -> x.sendResponseHeaders(200, 0), " ".repeat(100_000), 0));
        server.createContext("/good", x -> {
            byte[] line = "{\"temperatureC\": 25.5, \"salinity\": 35.0, \"pH\": 8.2}".getBytes(StandardCharsets.UTF_8);
            x.sendResponseHeaders(200, line.length);
            x.getResponseBody().write(line);
            x.close();
        });
        server.createContext("/far", x -> {
            byte[] line = "{\"at\": \"+999999-01-01T00:00:00Z\", \"pH\": 8.2}".getBytes(StandardCharsets.UTF_8);
            x.sendResponseHeaders(200, line.length);
            x.getResponseBody().write(line);
            x.close();
        });
        server.start();
        tank = new LogTank("Rough probe");
    }

    private interface Head {
        void send() throws IOException;
    }

    private static void drip(OutputStream out, Head head, String what, int pause) throws IOException {
        head.send();
        try {
            while (true) {
                out.write(what.getBytes(StandardCharsets.UTF_8));
                out.flush();
                Thread.sleep(pause);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @AfterEach
    void stop() {
        Pelluna.bean(ProbeRows.class).reading().forEach(p -> {
            p.asks(p.address(), 1, false);
            Pelluna.bean(ProbeRows.class).save(p);
        });
        server.stop(0);
    }

    private void reads(LogTank which, String path) {
        which.post(
                "/log/probe",
                Map.of(
                        "address",
                        "http://127.0.0.1:" + server.getAddress().getPort() + path,
                        "minutes",
                        "1",
                        "on",
                        "true"));
    }

    @Test
    void oneThatTricklesIsGivenUpAndTheOthersAreAskedMeanwhile() {
        LogTank other = new LogTank("Good probe");
        reads(tank, "/trickle");
        reads(other, "/good");
        Pelluna.bean(ProbeReader.class).turn();
        assertThat(other.page("/log/water")).contains("25.5");
        assertThat(tank.page("/log/water")).containsPattern(said("app.probe.TooSlow"));
    }

    @Test
    void oneThatFloodsIsCutOff() {
        reads(tank, "/flood");
        Pelluna.bean(ProbeReader.class).turn();
        assertThat(tank.page("/log/water")).containsPattern(said("app.probe.TooLong"));
    }

    @Test
    void oneOfAnotherTimeIsNoReading() {
        reads(tank, "/far");
        Pelluna.bean(ProbeReader.class).turn();
        assertThat(tank.page("/log/water")).containsPattern(said("app.probe.OfAnotherTime"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "http://2130706433:8090/",
                "http://0x7f000001:8090/",
                "http://[::ffff:127.0.0.1]:8090/",
                "http://127.0.0.1:22/",
                "http://127.0.0.1:25/reading",
                "http://127.0.0.1:1024/",
                "http://127.0.0.1:70000/",
                "http://169.254.1.1/",
                "http://127.1:8090/",
                "http://192.168.1.1:445/"
            })
    void noProbeLeadsToWhatIsNone(String address) {
        var answer = tank.post("/log/probe", Map.of("address", address, "minutes", "5", "on", "true"));
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("role=\"alert\"").contains(address);
    }

    @Test
    void norToPellunaItselfOrItsDatabase() {
        for (int port : new int[] {URI.create(Pelluna.url()).getPort(), TestCluster.port()}) {
            var answer = tank.post(
                    "/log/probe", Map.of("address", "http://127.0.0.1:" + port + "/", "minutes", "5", "on", "true"));
            assertThat(answer.body()).containsPattern(saidWith("app.probe.NoPort", "port", "" + port));
        }
    }
}
