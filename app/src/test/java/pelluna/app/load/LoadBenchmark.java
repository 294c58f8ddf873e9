package pelluna.app.load;

import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.net.HttpCookie;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Program;
import pelluna.app.testing.Visitor;
import tools.jackson.databind.json.JsonMapper;

/**
 * './pelluna bench load': two hundred keepers at once, each with a tank, who open pages and write in their logs with a
 * rest of some seconds in between, by wrk; bounded, on loopback. No test asks it for a time.
 */
class LoadBenchmark {
    private static final int KEEPERS = Integer.getInteger("load.keepers", 200);
    private static final int SECONDS = Integer.getInteger("load.seconds", 120);
    /** Of the rest between two requests, the least; it is twice that on average. */
    private static final int REST_MS = Integer.getInteger("load.rest", 4000);

    private static final String PLAN = """
        {"pelluna": 1, "name": "Of one of many", "tank": {"lengthCm": 150, "widthCm": 60, "waterHeightCm": 55,
           "rockKg": 50, "hides": 6, "cover": "mesh", "cycledOn": "2025-01-10", "keeps": ["soft-corals", "snails"]},
         "residents": [{"species": "Amphiprion ocellaris", "count": 2, "since": "2025-05-01"},
           {"species": "Gramma loreto", "since": "2025-06-01"},
           {"species": "Salarias fasciatus", "since": "2025-07-01"},
           {"species": "Halichoeres chrysus", "since": "2025-09-01"}],
         "wishes": [{"species": "Zebrasoma flavescens"}, {"species": "Nemateleotris magnifica"},
           {"species": "Centropyge bispinosa"}, {"species": "Chromis viridis", "count": 6}]}""";

    @TempDir
    private Path folder;

    @Test
    @Timeout(3600)
    void manyAtOnce() throws Exception {
        List<String> keepers = new ArrayList<>();
        for (int i = 0; i < KEEPERS; i++) {
            keepers.add(keeper(i));
        }
        Path list = Files.write(folder.resolve("keepers"), keepers);
        Path script = folder.resolve("keepers.lua");
        try (InputStream in = LoadBenchmark.class.getResourceAsStream("/load/keepers.lua")) {
            Files.copy(in, script, StandardCopyOption.REPLACE_EXISTING);
        }
        attack(list, script, 30, "to warm up");
        Duration before = used();
        Duration others = databases();
        long asked = attack(list, script, SECONDS, KEEPERS + " keepers");
        Duration program = used().minus(before);
        print("database", databases().minus(others), asked);
        print("program", program, asked);
    }

    private static void print(String what, Duration used, long asked) {
        System.out.printf(
                Locale.ROOT,
                "processor of the %s: %.1f ms a request, %.2f of a core%n",
                what,
                used.toMillis() / (double) asked,
                used.toMillis() / 1000.0 / SECONDS);
    }

    /** Signed up by the page, with a tank, a week of acts and a program. */
    private static String keeper(int number) {
        Visitor visitor = Visitor.signedUp("Keeper " + number, "keeper-" + number + "@reef.example");
        String page =
                visitor.post("/tanks/from-plan", Map.of("plan", PLAN)).uri().getPath();
        String tank = page.replaceAll("\\D", "");
        Program program = Program.of(visitor, "log");
        long fish = new JsonMapper()
                .readTree(program.get("/tanks/" + tank).body())
                .path("residents")
                .get(0)
                .path("record")
                .asLong();
        for (int i = 0; i < 7; i++) {
            program.post("/tanks/" + tank + "/log/sighting", "{\"fish\": " + fish + ", \"doing\": \"eats\"}");
        }
        String session = visitor.session().map(HttpCookie::getValue).orElseThrow();
        return tank + " " + session + " " + program.token;
    }

    /** @return how many requests were answered */
    private long attack(Path keepers, Path script, int seconds, String what) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(
                        "wrk",
                        "-t2",
                        "-c" + KEEPERS,
                        "-d" + seconds + "s",
                        "--timeout",
                        "20s",
                        "-s",
                        script.toString(),
                        Pelluna.url())
                .redirectErrorStream(true);
        builder.environment().put("KEEPERS", keepers.toString());
        builder.environment().put("REST_MS", Integer.toString(REST_MS));
        Process wrk = builder.start();
        String said = new String(wrk.getInputStream().readAllBytes());
        wrk.waitFor();
        System.out.println("\n" + what + "\n" + said.replaceFirst("(?s).*?(?=requests \\d+ in|$)", ""));
        return said.lines()
                .filter(l -> l.startsWith("requests "))
                .mapToLong(l -> Long.parseLong(l.split(" ")[1]))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(said));
    }

    /** Of every process of PostgreSQL on this machine that still runs. */
    private static Duration databases() {
        return ProcessHandle.allProcesses()
                .map(ProcessHandle::info)
                .filter(p -> p.command().orElse("").endsWith("/postgres"))
                .map(p -> p.totalCpuDuration().orElse(Duration.ZERO))
                .reduce(Duration.ZERO, Duration::plus);
    }

    private static Duration used() {
        var system = (com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
        return Duration.ofNanos(system.getProcessCpuTime());
    }
}
