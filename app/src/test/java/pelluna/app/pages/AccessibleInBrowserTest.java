package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** Every main page, by day and by night, on a desk and on a phone: axe-core finds nothing on it. */
class AccessibleInBrowserTest {
    private static final List<String> PAGES = List.of(
            "/tanks/1/today",
            "/tanks/1/today/away",
            "/tanks/1/help",
            "/tanks/1/tank",
            "/tanks/1/wish-list",
            "/tanks/1/reefscape",
            "/tanks/1/reefscape/pairs",
            "/tanks/1/arrivals",
            "/tanks/1/arrivals/odds",
            "/tanks/1/arrivals/list",
            "/tanks/1/arrivals/quarantine",
            "/tanks/1/arrivals/leaving",
            "/tanks/1/arrivals/upkeep",
            "/tanks/1/arrivals/restock",
            "/tanks/1/log",
            "/tanks/1/log/head-count",
            "/tanks/1/log/introducing",
            "/tanks/1/log/pecking-order",
            "/tanks/1/log/fish",
            "/tanks/1/log/fish/1",
            "/tanks/1/log/health",
            "/tanks/1/log/water",
            "/tanks/1/log/sheets",
            "/tanks/1/losses",
            "/tanks/1/losses/new",
            "/tanks/1/losses/predicted",
            "/tanks/1/losses/others",
            "/tanks/1/losses/calibration",
            "/tanks/1/losses/crew",
            "/tanks/1/losses/incidents",
            "/tanks/1/losses/incidents/1",
            "/tanks/1/species",
            "/tanks/1/species?q=small+peaceful",
            "/tanks/1/species/all",
            "/tanks/1/species/Zebrasoma-flavescens",
            "/tanks/1/my-facts",
            "/tanks/1/side-by-side",
            "/tanks/1/stock-list",
            "/tanks/1/shop-card?q=royal+gramma",
            "/tanks/1/import-export",
            "/tanks/1/people",
            "/tanks/1/begin",
            "/tanks/1/begin/fish",
            "/tanks/1/begin/walk",
            "/begin",
            "/tanks",
            "/tanks/new",
            "/account",
            "/account/programs",
            "/account/figures",
            "/learn",
            "/learn/first-fish",
            "/account/reminders",
            "/how");

    /** 1280 at 400 %. */
    private static final int NARROW = 320;

    private static final String RUN = """
            () => axe.run(document, { resultTypes: ['violations'] }).then((found) => found.violations.flatMap((rule) =>
              rule.nodes.map((node) => rule.id + ': ' + node.target.join(' ') + ' ' + node.html.slice(0, 140))))
            """;

    @AfterAll
    static void asTheSystemHasIt() {
        Pelluna.post("/settings/theme", Map.of("theme", "system"));
    }

    private static String axe() throws IOException {
        try (InputStream script = AccessibleInBrowserTest.class.getResourceAsStream("/axe.min.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /**
     * In either theme, on a desk and on a phone; and no page is wider than a window of 1280 at 400 %, which is 320:
     * drawings and tables may be, each in its own box.
     */
    @ParameterizedTest
    @CsvSource({"day, 1280, 800", "night, 390, 844"})
    void nothingIsFound(String theme, int width, int height) throws IOException {
        Pelluna.post("/settings/theme", Map.of("theme", theme));
        String axe = axe();
        List<String> found = new ArrayList<>();
        try (Page page = Chromium.window(width, height)) {
            for (String path : PAGES) {
                page.setViewportSize(width, height);
                page.navigate(Pelluna.url() + path);
                readsInOrder(page, path);
                page.evaluate(axe);
                for (Object node : (List<?>) page.evaluate(RUN)) {
                    found.add(path + " " + node);
                }
                if (width < NARROW * 2) {
                    page.setViewportSize(NARROW, height);
                    int wide = ((Number) page.evaluate("() => document.documentElement.scrollWidth")).intValue();
                    if (wide > NARROW) {
                        found.add(path + " is " + wide + " wide");
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    /** Where the system chooses the colours, the steps are still told apart by their marks. */
    @Test
    void forcedColoursKeepTheWaveMarks() {
        try (Page page = Chromium.window(1280, 800)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
            page.navigate(Pelluna.url() + "/tanks/1/how");
            Object same = page.evaluate("""
                    () => [...document.querySelectorAll('.steps-of svg path')].filter((path) => {
                      const ground = getComputedStyle(document.body).backgroundColor;
                      const { stroke } = getComputedStyle(path);
                      return stroke === 'none' || stroke === ground;
                    }).length""");
            assertThat(page.locator(".steps-of svg path").count()).isGreaterThanOrEqualTo(4);
            assertThat(same).isEqualTo(0);
        }
    }

    /** What a screen reader reads first: a way past the places, the places, then the page with its one title. */
    private static void readsInOrder(Page page, String path) {
        String tree = page.locator("body").ariaSnapshot();
        assertThat(List.of(
                        tree.indexOf("link"),
                        tree.indexOf("navigation"),
                        tree.indexOf("main"),
                        tree.indexOf("heading")))
                .as(path)
                .doesNotContain(-1)
                .isSorted();
        assertThat(page.locator("h1").count()).as(path).isEqualTo(1);
    }
}
