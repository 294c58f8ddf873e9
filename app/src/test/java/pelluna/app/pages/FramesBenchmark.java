package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.core.catalogue.Catalogue;

/**
 * Not a test: './pelluna bench frames' runs it and prints what it measures. Frames while the date is moved back and
 * forth over
 * a hundred fish of a hundred species, the server asked along the way; and the server's answers to a step of the date
 * at forty.
 */
class FramesBenchmark {
    private static final int SECONDS = 6;
    private static final int ROUNDS = 5;
    private static final String MOVE_THE_DATE = """
        (seconds) => new Promise((done) => {
          const slider = document.getElementById('reef-slider');
          const gaps = [];
          let last = 0; let first = 0; let k = 0;
          const frame = (time) => {
            if (first) { gaps.push(time - last); } else { first = time; }
            last = time; k += 1;
            slider.value = String(Math.round(500 - 480 * Math.cos(k / 60)));
            slider.dispatchEvent(new Event('input', { bubbles: true }));
            if (time - first < seconds * 1000) { requestAnimationFrame(frame); return; }
            gaps.sort((a, b) => a - b);
            const drawn = [...pellunaReef.frames].sort((a, b) => a - b);
            const of = (list, share) => list[Math.floor(list.length * share)].toFixed(1);
            done(`${(gaps.length / (last - first) * 1000).toFixed(1)} frames a second; gap median ${of(gaps, 0.5)} ms,
              99 % ${of(gaps, 0.99)} ms; drawing median ${of(drawn, 0.5)} ms, 95 % ${of(drawn, 0.95)} ms`);
          };
          requestAnimationFrame(frame);
        })""";

    /**
     * What Chromium manages here with nothing to draw but a figure: no page can do better while the machine is as
     * busy.
     */
    private static final String AN_EMPTY_PAGE = """
        (seconds) => new Promise((done) => {
          let first = 0; let n = 0;
          const frame = (time) => {
            if (!first) { first = time; } else { n += 1; }
            document.body.textContent = String(n);
            if (time - first < seconds * 1000) { requestAnimationFrame(frame); } else { done(`${(n / (time - first) *
              1000).toFixed(1)} frames a second`); }
          };
          requestAnimationFrame(frame);
        })""";

    @Test
    @Timeout(400)
    void framesAndDateSteps() {
        long opened = System.nanoTime();
        long hundred = tank(100);
        Page page = Chromium.window(1280, 800);
        page.navigate(Pelluna.url() + "/tanks/" + hundred + "/reefscape");
        page.waitForFunction("() => window.pellunaReef && window.pellunaReef.shown "
                + "&& window.pellunaReef.shown.swimmers.length === 100");
        System.out.printf(
                "A hundred fish are opened after %.1f s, cold, with the tank's making%n",
                (System.nanoTime() - opened) / 1e9);
        Page empty = Chromium.window(1280, 800);
        for (int round = 1; round <= ROUNDS; round++) {
            empty.bringToFront();
            System.out.println("An empty page, round " + round + ": " + empty.evaluate(AN_EMPTY_PAGE, SECONDS));
            page.bringToFront();
            System.out.println("Hundred fish, round " + round + ": " + page.evaluate(MOVE_THE_DATE, SECONDS));
        }
        empty.context().close();
        page.context().close();
        long forty = tank(40);
        double[] times = new double[200];
        for (int i = 0; i < times.length; i++) {
            long began = System.nanoTime();
            assertThat(Pelluna.get("/tanks/" + forty + "/reefscape/day?on="
                                    + java.time.LocalDate.now().plusDays(i * 7L))
                            .statusCode())
                    .isEqualTo(200);
            times[i] = (System.nanoTime() - began) / 1e6;
        }
        double[] warm = Arrays.copyOfRange(times, 50, times.length);
        Arrays.sort(warm);
        System.out.printf(
                "A step of the date at forty fish, over HTTP: first %.0f ms, then median %.1f ms, 99 %% %.1f ms%n",
                times[0], warm[warm.length / 2], warm[(int) (warm.length * 0.99)]);
    }

    private static long tank(int fish) {
        List<String> residents = new ArrayList<>();
        var all = Catalogue.shipped().all();
        for (int i = 0; i < fish; i++) {
            residents.add("{\"species\": \"" + all.get(i * all.size() / fish).scientificName() + "\"}");
        }
        String file = "{\"pelluna\": 1, \"name\": \"" + fish
                + " fish\", \"tank\": {\"lengthCm\": 400, \"widthCm\": 150, \"waterHeightCm\": 120, \"rockKg\": 400, "
                + "\"sandDepthCm\": 5, \"hides\": 20, "
                + "\"cycledOn\": \"2024-01-01\"}, \"residents\": ["
                + residents.stream().collect(Collectors.joining(", ")) + "]}";
        String there = Pelluna.post("/tanks/" + Pelluna.tank("Door") + "/import-export", Map.of("text", file))
                .uri()
                .toString();
        return Long.parseLong(there.replaceAll(".*/tanks/(\\d+)/.*", "$1"));
    }
}
