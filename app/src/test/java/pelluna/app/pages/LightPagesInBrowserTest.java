package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** A first view without cache stays light, and nothing moves on it once it is there. Measured in Chromium. */
class LightPagesInBrowserTest {
    private static final int MOST_BYTES = 200_000;
    private static final int MOST_SCRIPT = 60_000;
    private static final double MOST_SHIFT = 0.02;

    /** Bytes as they came, packed; the page itself is among the entries of navigation. */
    private static final String WEIGHED = """
        () => {
          const all = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')];
          const sum = (list) => list.reduce((s, e) => s + e.encodedBodySize, 0);
          const scripts = all.filter((e) => e.initiatorType === 'script' || /\\.js$/.test(new URL(e.name).pathname));
          return { all: sum(all), scripts: sum(scripts), shift: window.pellunaShift || 0,
            moved: (window.pellunaMoved || []).slice(0, 6), parts: all.length,
            heaviest: all.sort((a, b) => b.encodedBodySize - a.encodedBodySize).slice(0, 6)
              .map((e) => e.name.replace(/^https?:\\/\\/[^/]+/, '') + ' ' + e.encodedBodySize).join(', ') };
        }""";

    private static final String WATCH_SHIFT = """
        window.pellunaShift = 0;
        window.pellunaMoved = [];
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) {
            if (entry.hadRecentInput) { continue; }
            window.pellunaShift += entry.value;
            for (const s of entry.sources) {
              const el = s.node && (s.node.outerHTML || s.node.textContent).slice(0, 70);
              const [from, to] = [s.previousRect.y, s.currentRect.y].map(Math.round);
              window.pellunaMoved.push(`${entry.value.toFixed(3)} ${from}→${to} ${el}`);
            }
          }
        }).observe({ type: 'layout-shift', buffered: true });""";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "today",
                "tank",
                "wish-list",
                "reefscape",
                "arrivals",
                "arrivals/quarantine",
                "arrivals/leaving",
                "arrivals/upkeep",
                "arrivals/list",
                "log",
                "log/water",
                "log/pecking-order",
                "losses",
                "species",
                "species?q=small+peaceful",
                "species/Amphiprion-ocellaris"
            })
    void aFirstViewIsLightAndStill(String path) {
        for (int[] size : List.of(new int[] {1280, 800}, new int[] {390, 844})) {
            Map<String, Object> weighed = view(path, size);
            String what = path + " at " + size[0] + ": " + weighed;
            assertThat(number(weighed, "parts")).as(what).isGreaterThan(5);
            assertThat(number(weighed, "all")).as(what).isBetween(10_000.0, (double) MOST_BYTES);
            assertThat(number(weighed, "scripts")).as(what).isBetween(5_000.0, (double) MOST_SCRIPT);
            assertThat(number(weighed, "shift")).as(what).isLessThan(MOST_SHIFT);
        }
    }

    /** A slow phone would paint a long page before it has read it; some parts stand higher than written. */
    @Test
    void nothingMovesOnASlowPhoneEither() {
        assertThat(number(view("log", new int[] {390, 844}, 10), "shift")).isLessThan(MOST_SHIFT);
    }

    private static Map<String, Object> view(String path, int[] size) {
        return view(path, size, 1);
    }

    /** @param slower how many times slower the processor is made */
    @SuppressWarnings("unchecked")
    private static Map<String, Object> view(String path, int[] size, int slower) {
        try (Page page = Chromium.running(size[0], size[1])) {
            JsonObject rate = new JsonObject();
            rate.addProperty("rate", slower);
            page.context().newCDPSession(page).send("Emulation.setCPUThrottlingRate", rate);
            page.addInitScript(WATCH_SHIFT);
            page.navigate(Pelluna.url() + "/tanks/1/" + path);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            return (Map<String, Object>) page.evaluate(WEIGHED);
        }
    }

    private static double number(Map<String, Object> of, String name) {
        return ((Number) of.get(name)).doubleValue();
    }
}
