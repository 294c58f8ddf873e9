package pelluna.app.pages;

import java.io.IOException;
import java.net.HttpCookie;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import pelluna.app.testing.FullTank;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

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

    private Process asking;

    @Test
    @Timeout(3600)
    void everyPage() throws IOException {
        FullTank full = new FullTank();
        Visitor ines = Pelluna.ines();
        HttpCookie session = ines.signedIn();
        asking = new ProcessBuilder(
                        "java",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Asking.class.getName(),
                        Pelluna.url(),
                        session.getName() + "=" + session.getValue(),
                        ines.token(),
                        Integer.toString(WARM),
                        Integer.toString(ROUNDS),
                        PLAINEST)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        pages("/tanks/1", "the demo's tank");
        pages(full.tank.at(""), "a tank of years, " + FullTank.LINES + " lines");
        changes(full.tank);
        asking.destroy();
    }

    private void pages(String tank, String name) throws IOException {
        System.out.printf(
                Locale.ROOT,
                "%n%s%n%-32s %10s %10s %10s %10s %10s%n",
                name,
                "page",
                "median ms",
                "95 % ms",
                "first ms",
                "plainest",
                "× plainest");
        for (String page : PAGES) {
            line(tank + page, page);
        }
    }

    /** Changes with the page that follows from each. */
    private void changes(LogTank tank) throws IOException {
        String chased = "fish=%d&doing=chased&other=%d&at=%d&quiet=true&key=b#"
                .formatted(tank.boss(), tank.wrasse(), Pelluna.now().toEpochMilli());
        line(tank.at("/log/sighting") + " " + chased, "one sighting");
        line(tank.at("/tank") + " sandDepthCm=#", "the depth of the sand");
    }

    private void line(String asked, String called) throws IOException {
        asking.outputWriter().append(asked).append('\n').flush();
        String answer = asking.inputReader().readLine();
        if (answer == null) {
            throw new IllegalStateException(asked);
        }
        double[] ms = Arrays.stream(answer.split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        double[] plain = everyOther(ms, 1);
        double[] page = everyOther(ms, 2);
        System.out.printf(
                Locale.ROOT,
                "%-32s %10.1f %10.1f %10.1f %10.1f %10.1f%n",
                called,
                page[page.length / 2],
                page[page.length * 95 / 100],
                ms[0],
                plain[plain.length / 2],
                page[page.length / 2] / plain[plain.length / 2]);
    }

    private static double[] everyOther(double[] ms, int from) {
        return IntStream.iterate(from, i -> i < ms.length, i -> i + 2)
                .mapToDouble(i -> ms[i])
                .sorted()
                .toArray();
    }
}
