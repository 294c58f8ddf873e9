package pelluna.app.probe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.app.testing.Said.said;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.limits.Refused;
import pelluna.app.probe.Doubt.Figure;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** The reader of a probe against the simulated one, and against probes that fail in every way. */
class ProbeTest {
    private static final Instant NOW = Instant.parse("2027-03-01T12:00:00Z");
    private LogTank tank;
    private Probes opened;
    private final ProbeLine line = new ProbeLine(Pelluna.bean(Clock.class));

    @BeforeEach
    void aTank() {
        tank = new LogTank("Probed");
        opened = Pelluna.bean(Probes.class);
    }

    private void turn() {
        Pelluna.bean(ProbeReader.class).turn();
    }

    private void askAgain(String address) {
        Pelluna.passes(Duration.ofSeconds(1));
        opened.reads(Pelluna.owned(tank.id), address, 1, true);
        ProbeEntity p = Pelluna.bean(ProbeRows.class).findByTankId(tank.id).orElseThrow();
        try {
            opened.answered(p.id(), line.read(opened.address(address)));
        } catch (ProbeLine.NoAnswerException e) {
            opened.silent(p.id(), e.why());
        }
    }

    @Test
    void theSimulatedProbeIsReadByItsTurn() throws IOException {
        try (SimulatedProbe probe = new SimulatedProbe(0, false, Pelluna.bean(Clock.class))) {
            opened.reads(Pelluna.owned(tank.id), probe.address(), 1, true);
            turn();
            Probes.Seen seen = opened.seen(Pelluna.owned(tank.id)).orElseThrow();
            assertThat(seen.last().temperatureC()).isBetween(24.5, 26.5);
            assertThat(seen.last().salinity()).isBetween(34.0, 36.0);
            assertThat(seen.last().pH()).isBetween(7.9, 8.4);
            assertThat(tank.page("/log/water"))
                    .containsPattern(said("page.probe.byTheProbe7Days"))
                    .contains(probe.address());
        }
    }

    @Test
    void aDryProbeIsNotBelievedAndAnOutageIsSaid() throws IOException {
        try (SimulatedProbe probe = new SimulatedProbe(0, true, Pelluna.bean(Clock.class))) {
            for (int i = 0; i < 12; i++) {
                askAgain(probe.address());
            }
        }
        Probes.Seen seen = opened.seen(Pelluna.owned(tank.id)).orElseThrow();
        assertThat(seen.doubted())
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.doubts()).contains(new Doubt.OutOfRange(Figure.SALINITY, 0.1, 10, 45)));
        assertThat(opened.since(Pelluna.owned(tank.id), Duration.ofHours(1)))
                .as("left out of the lines")
                .noneMatch(r -> r.salinity() < 10);
        assertThat(seen.trouble()).isEqualTo(new NoAnswer.Status(503));
        assertThat(opened.troubles(Pelluna.owned(tank.id)))
                .anyMatch(t -> said("page.probe.theProbeSaidSomethingThatIs")
                        .matcher(t)
                        .find());
        askAgain(seen.address());
        assertThat(opened.seen(Pelluna.owned(tank.id)).orElseThrow().trouble())
                .isEqualTo(new NoAnswer.NobodyThere(seen.address()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{}", "not json", "{\"at\":\"yesterday\",\"pH\":8}", "[1,2]", "{\"pH\":\"eight\"}"})
    void whatIsNoReadingIsAnOutageAndNothingIsKept(String body) throws IOException {
        HttpServer odd = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        odd.createContext("/", x -> {
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            x.sendResponseHeaders(200, bytes.length == 0 ? -1 : bytes.length);
            x.getResponseBody().write(bytes);
            x.close();
        });
        odd.start();
        askAgain("http://127.0.0.1:" + odd.getAddress().getPort() + "/");
        odd.stop(0);
        assertThat(opened.seen(Pelluna.owned(tank.id)).orElseThrow().trouble())
                .isInstanceOfAny(NoAnswer.NotReadable.class, NoAnswer.NoFigure.class);
        assertThat(opened.since(Pelluna.owned(tank.id), Duration.ofHours(1))).isEmpty();
    }

    @Test
    void changesThatWaterCannotMakeAreDoubted() {
        Reading last = new Reading(NOW.minusSeconds(300), 25.5, 35.0, 8.2);
        assertThat(Plausible.doubts(new Reading(NOW, 25.6, 35.0, 8.2), Optional.of(last), NOW))
                .isEmpty();
        assertThat(Plausible.doubts(new Reading(NOW, 31.0, 35.0, 8.2), Optional.of(last), NOW))
                .containsExactly(new Doubt.Jumped(Figure.TEMPERATURE, 25.5, 31.0));
        assertThat(Plausible.doubts(new Reading(NOW, 25.5, 35.0, 12.0), Optional.of(last), NOW))
                .containsExactly(new Doubt.OutOfRange(Figure.PH, 12, 6.5, 9.5));
        assertThat(Plausible.doubts(
                        new Reading(NOW.minus(Duration.ofHours(3)), 25.5, 35.0, 8.2), Optional.empty(), NOW))
                .containsExactly(new Doubt.Old(180));
        assertThat(Plausible.doubts(
                        new Reading(NOW, 30.0, null, null),
                        Optional.of(new Reading(NOW.minus(Duration.ofHours(4)), 25.5, null, null)),
                        NOW))
                .as("in four hours it can")
                .isEmpty();
        assertThat(Plausible.doubts(new Reading(NOW, Double.NaN, null, null), Optional.empty(), NOW))
                .isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "https://127.0.0.1/x",
                "ftp://127.0.0.1/",
                "http://8.8.8.8/reading",
                "file:///etc/passwd",
                "nonsense",
                "http://user@127.0.0.1/"
            })
    void onlyTheOwnNetworkIsRead(String address) {
        assertThatThrownBy(() -> opened.address(address)).isInstanceOf(Refused.class);
        assertThat(tank.post("/log/probe", Map.of("address", address, "minutes", "5", "on", "true"))
                        .body())
                .contains("role=\"alert\"");
        assertThat(opened.seen(Pelluna.owned(tank.id))).isEmpty();
    }

    @Test
    void anAnswerThatComesTwiceIsKeptOnce() {
        opened.reads(Pelluna.owned(tank.id), "http://127.0.0.1:1999/reading", 5, true);
        long probe = Pelluna.bean(ProbeRows.class)
                .findByTankId(tank.id)
                .orElseThrow()
                .id();
        Reading r = new Reading(Pelluna.now().minusSeconds(5), 25.0, 35.0, 8.2);
        opened.answered(probe, r);
        opened.answered(probe, r);
        assertThat(opened.since(Pelluna.owned(tank.id), Duration.ofHours(1))).hasSize(1);
    }
}
