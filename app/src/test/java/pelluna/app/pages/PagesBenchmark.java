package pelluna.app.pages;

import java.io.IOException;
import java.net.HttpCookie;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import pelluna.app.testing.FullTank;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/**
 * How long every page takes, for the demo's tank and for one of years, beside the plainest page of the same run. They
 * are asked for as a browser does, by {@link Asking}. './pelluna bench pages' runs it with the program's own flags; no
 * test asks it for a time.
 */
class PagesBenchmark {
    private static final int WARM = Integer.getInteger("bench.warm", 200);
    private static final int ROUNDS = Integer.getInteger("bench.rounds", 100);
    private static final String PLAINEST = "/begin";

    private static final List<String> PAGES = List.of(
            "/today",
            "/tank",
            "/wish-list",
            "/reefscape",
            "/reefscape/pairs",
            "/arrivals",
            "/arrivals/quarantine",
            "/arrivals/leaving",
            "/arrivals/list",
            "/arrivals/upkeep",
            "/log",
            "/log/head-count",
            "/log/introducing",
            "/log/pecking-order",
            "/log/fish",
            "/log/health",
            "/log/water",
            "/losses",
            "/losses/new",
            "/losses/predicted?scope=tank",
            "/losses/crew",
            "/losses/incidents",
            "/species",
            "/species?q=small+peaceful",
            "/species/all",
            "/species/Zebrasoma-flavescens",
            "/shop-card",
            "/begin/fish",
            "/people");

    private double plain;
    private Process asking;

    @Test
    @Timeout(3600)
    void everyPage() throws IOException {
        FullTank full = new FullTank();
        HttpCookie session = Pelluna.ines().signedIn();
        asking = new ProcessBuilder(
                        "java",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Asking.class.getName(),
                        Pelluna.url(),
                        session.getName() + "=" + session.getValue(),
                        Integer.toString(WARM),
                        Integer.toString(ROUNDS))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        pages("/tanks/1", "the demo's tank");
        pages(full.tank.at(""), "a tank of years, " + FullTank.LINES + " lines");
        asking.destroy();
        changes(full.tank);
    }

    private void pages(String tank, String name) throws IOException {
        System.out.printf(
                Locale.ROOT,
                "%n%s%n%-32s %10s %10s %10s %10s%n",
                name,
                "page",
                "median ms",
                "95 % ms",
                "first ms",
                "× plainest");
        plain = 0;
        line(PLAINEST, PLAINEST);
        for (String page : PAGES) {
            line(tank + page, page);
        }
    }

    private void line(String path, String called) throws IOException {
        asking.outputWriter().append(path).append('\n').flush();
        String answer = asking.inputReader().readLine();
        if (answer == null) {
            throw new IllegalStateException(path);
        }
        double[] ms = Arrays.stream(answer.split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        said(called, Arrays.copyOfRange(ms, 1, ms.length), ms[0]);
    }

    private void said(String called, double[] ms, double first) {
        Arrays.sort(ms);
        double median = ms[ms.length / 2];
        plain = plain == 0 ? median : plain;
        System.out.printf(
                Locale.ROOT,
                "%-32s %10.1f %10.1f %10.1f %10.1f%n",
                called,
                median,
                ms[ms.length * 95 / 100],
                first,
                median / plain);
    }

    /** A change with the page that follows from it. */
    private void changes(LogTank tank) {
        double[] sightings = new double[ROUNDS];
        double[] sand = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long began = System.nanoTime();
            tank.act("chased", tank.boss(), tank.wrasse(), Instant.now(), "b" + i);
            sightings[i] = (System.nanoTime() - began) / 1e6;
            began = System.nanoTime();
            tank.post("/tank", Map.of("sandDepthCm", Integer.toString(3 + i % 4)));
            sand[i] = (System.nanoTime() - began) / 1e6;
        }
        said("one sighting", sightings, sightings[0]);
        said("the depth of the sand", sand, sand[0]);
    }
}
