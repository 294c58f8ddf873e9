package pelluna.app.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.CleanupMode;
import org.junit.jupiter.api.io.TempDir;

/**
 * './pelluna endure [TIMES]': kills the database, then the program, amid writes, so many times each. Nothing that was
 * answered may be missing, nothing may be there twice.
 */
class EndureAtLength {
    private static final Pattern NOTE = Pattern.compile("\"note\":\"([0-9a-f-]{36})\"");
    private static final Pattern NEXT = Pattern.compile("\"next\":\"(\\d+)\"");
    private static final Duration PATIENCE = Duration.ofMinutes(3);

    /** Stays where something went wrong. */
    @TempDir(cleanup = CleanupMode.ON_SUCCESS)
    private Path home;

    private interface Kill {
        void strike() throws IOException, InterruptedException;
    }

    @Test
    @Timeout(value = 1, unit = TimeUnit.DAYS)
    void nothingAnsweredIsLostAndNothingIsWrittenTwice() throws Exception {
        int times = Integer.getInteger("endure.times", 100);
        try (Launched pelluna = new Launched(home)) {
            Keeper keeper = new Keeper(pelluna.site());
            waitFor(pelluna, () -> {
                keeper.signsIn();
                return true;
            });
            String token = keeper.makesAToken();
            Tireless writers = new Tireless(pelluna.site(), token);
            try (writers) {
                struck("database", times, pelluna, writers, pelluna::killsTheDatabases);
                struck("program", times, pelluna, writers, pelluna::killsThePrograms);
            }
            System.out.println(writers.answered().size() + " writes answered; otherwise " + writers.otherwise());
            Map<String, Integer> kept = kept(pelluna, token);
            assertThat(kept.keySet()).containsAll(writers.answered());
            assertThat(kept.values()).containsOnly(1);
            assertThat(writers.otherwise().keySet()).isSubsetOf(Tireless.EXPECTED);
        }
    }

    private static void struck(String what, int times, Launched pelluna, Tireless writers, Kill kill) throws Exception {
        Random random = new Random(20261128);
        List<Double> seconds = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            int before = writers.answered().size();
            waitFor(pelluna, () -> {
                pelluna.keepOn();
                return writers.answered().size() > before + 8;
            });
            Thread.sleep(random.nextInt(400));
            Instant struck = Instant.now();
            kill.strike();
            int then = writers.answered().size();
            waitFor(pelluna, () -> {
                pelluna.keepOn();
                // those that were on their way may still have been answered
                return writers.answered().size() > then + 4;
            });
            seconds.add(Duration.between(struck, Instant.now()).toMillis() / 1000.0);
            if ((i + 1) % 10 == 0) {
                System.out.println("killed the " + what + " " + (i + 1) + " times; " + writers.otherwise());
            }
        }
        Collections.sort(seconds);
        if (!seconds.isEmpty()) {
            System.out.println("the " + what + ", writing again after: median " + seconds.get(seconds.size() / 2)
                    + " s, at most " + seconds.get(seconds.size() - 1) + " s");
        }
    }

    private interface Tried {
        boolean done() throws Exception;
    }

    private static void waitFor(Launched pelluna, Tried what) throws Exception {
        Instant end = Instant.now().plus(PATIENCE);
        while (true) {
            try {
                if (what.done()) {
                    return;
                }
            } catch (IOException | AssertionError notYet) {
                // asked again
            }
            if (Instant.now().isAfter(end)) {
                throw new IllegalStateException("it does not come again: " + pelluna.said());
            }
            Thread.sleep(50);
        }
    }

    /** How often each note stands in the log. */
    private static Map<String, Integer> kept(Launched pelluna, String token) throws Exception {
        Map<String, Integer> kept = new HashMap<>();
        String after = "0";
        while (after != null) {
            String page = Tireless.reads(
                    pelluna.site().resolve("/api/v1/tanks/1/records/log_entry?limit=200&after=" + after), token);
            Matcher note = NOTE.matcher(page);
            while (note.find()) {
                kept.merge(note.group(1), 1, Integer::sum);
            }
            Matcher next = NEXT.matcher(page);
            after = next.find() ? next.group(1) : null;
        }
        return kept;
    }
}
