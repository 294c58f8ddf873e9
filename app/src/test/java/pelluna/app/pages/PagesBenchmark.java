package pelluna.app.pages;

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
 * How long every page takes, for the demo's tank and for one of years, beside the plainest page of the same run.
 * './pelluna bench pages' runs it with the program's own flags; no test asks it for a time.
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

    @Test
    @Timeout(3600)
    void everyPage() {
        FullTank full = new FullTank();
        pages("/tanks/1", "the demo's tank");
        pages(full.tank.at(""), "a tank of years, " + FullTank.LINES + " lines");
        changes(full.tank);
    }

    private void pages(String tank, String name) {
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
        PAGES.forEach(page -> line(tank + page, page));
    }

    private void line(String path, String called) {
        double first = time(path);
        for (int i = 0; i < WARM; i++) {
            time(path);
        }
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            ms[i] = time(path);
        }
        said(called, ms, first);
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

    private static double time(String path) {
        long began = System.nanoTime();
        if (Pelluna.get(path).statusCode() != 200) {
            throw new IllegalStateException(path);
        }
        return (System.nanoTime() - began) / 1e6;
    }
}
