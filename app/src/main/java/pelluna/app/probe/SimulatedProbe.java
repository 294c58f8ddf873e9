package pelluna.app.probe;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Locale;

/**
 * A stand-in for a tank controller: serves temperature, salinity and pH of a tank that does not exist, on loopback.
 * They swing with the day as in a
 * reef tank; with faults, one answer in twelve is of a dry probe and one in twelve fails. For the demo and for tests;
 * never for a tank with fish.
 */
public final class SimulatedProbe implements AutoCloseable {
    private static final double DAY_SECONDS = 86_400;
    private static final int DRY = 5;
    private static final int FAILS = 11;
    private static final int ROUND = 12;

    private final HttpServer server;
    private final boolean faults;
    private int asked;

    /** @param port 0 for any that is free */
    public SimulatedProbe(int port, boolean faults, Clock clock) throws IOException {
        this.faults = faults;
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 4);
        server.createContext("/reading", exchange -> {
            int turn = asked++ % ROUND;
            boolean fails = faults && turn == FAILS;
            byte[] body = fails
                    ? new byte[0]
                    : json(clock.instant(), faults && turn == DRY).getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().set("Content-Type", "application/json");
            exchange.sendResponseHeaders(fails ? 503 : 200, fails ? -1 : body.length);
            try (OutputStream out = exchange.getResponseBody()) {
                out.write(body);
            }
        });
        server.start();
    }

    public String address() {
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/reading";
    }

    /** What it says at a moment. @param dry as a probe that hangs in the air */
    static String json(Instant at, boolean dry) {
        double t = 2 * Math.PI * (at.getEpochSecond() % DAY_SECONDS) / DAY_SECONDS;
        double wander = Math.sin(at.getEpochSecond() / 211_000.0);
        return String.format(
                Locale.ROOT,
                "{\"at\":\"%s\",\"temperatureC\":%.2f,\"salinity\":%.2f,\"pH\":%.2f}",
                at,
                25.5 + 0.35 * Math.sin(t - 2.2) + 0.1 * wander,
                dry ? 0.1 : 35 + 0.15 * wander,
                8.15 + 0.12 * Math.sin(t - 1.9));
    }

    @Override
    public void close() {
        server.stop(0);
    }

    /** @param args --port N, --faults */
    public static void main(String[] args) throws IOException {
        int port = 8090;
        boolean faults = false;
        for (int i = 0; i < args.length; i++) {
            if (args[i].equals("--port") && i + 1 < args.length && args[i + 1].matches("\\d{1,5}")) {
                port = Integer.parseInt(args[++i]);
            } else if (args[i].equals("--faults")) {
                faults = true;
            } else {
                System.err.println("no such option: " + args[i] + "; expected --port N or --faults");
                System.exit(2);
            }
        }
        SimulatedProbe probe = new SimulatedProbe(port, faults, Clock.systemUTC());
        System.out.println("The simulated probe answers at " + probe.address() + (faults ? ", with faults" : ""));
    }
}
