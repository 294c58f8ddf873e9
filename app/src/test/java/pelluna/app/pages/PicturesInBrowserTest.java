package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;

/** What pictures do under a pointer, fingers and keys. */
class PicturesInBrowserTest {
    private Page page;

    @BeforeEach
    void open() {
        page = Chromium.window(1280, 800);
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private void go(String path) {
        page.navigate(Pelluna.url() + path);
    }

    private void reef(String path) {
        go(path);
        page.waitForFunction("() => window.pellunaReef && window.pellunaReef.shown");
    }

    @Test
    void aChartSaysItsValuesByKeysAndWhereAPointerIs() {
        go("/tanks/1/log/water");
        Locator chart = page.locator("svg.chart").first();
        assertThat(chart).hasAttribute("tabindex", "0");
        chart.focus();
        page.keyboard().press("Home");
        Locator tip = page.locator(".chart-tip").first();
        String first = tip.textContent();
        assertThat(first)
                .isEqualTo(
                        page.evaluate("() => [...document.querySelector('svg.chart').querySelectorAll('.chart-point')]"
                                + ".sort((a, b) => a.getBBox().x - b.getBBox().x)[0].dataset.says"));
        page.keyboard().press("ArrowRight");
        assertThat(tip).not().hasText(first);
        page.keyboard().press("Escape");
        assertThat(tip).isHidden();
        chart.locator(".chart-point").last().hover();
        assertThat(tip).isVisible();
    }

    @Test
    void aFishGrowsFromPurchaseOn() {
        Species changes = Catalogue.shipped().all().stream()
                .filter(s -> s.appearance()
                        .young()
                        .filter(y -> y.untilCm() > 1.2 * s.usualShopCm())
                        .isPresent())
                .filter(s -> s.size().usualCm() > 1.3 * s.usualShopCm())
                .findFirst()
                .orElseThrow();
        go("/tanks/1/species/" + changes.scientificName().replace(' ', '-'));
        Locator film = page.locator(".film");
        film.locator("input")
                .evaluate("el => { el.value = 0; el.dispatchEvent(new Event('input', { bubbles: true })); }");
        double bought = Double.parseDouble(film.locator(".film-fish").getAttribute("width"));
        assertThat(film.locator(".film-fish").getAttribute("href"))
                .as("as the young are")
                .contains("young=true");
        film.locator("input")
                .evaluate("el => { el.value = 40; el.dispatchEvent(new Event('input', { bubbles: true })); }");
        double grown = Double.parseDouble(film.locator(".film-fish").getAttribute("width"));
        assertThat(grown / bought).isGreaterThan(1.2);
        assertThat(film.locator(".film-fish").getAttribute("href")).doesNotContain("young=true");
        assertThat(film.locator("output")).not().isEmpty();
    }

    @Test
    void aNewTankIsDrawnAsItIsTyped() {
        go("/tanks/new");
        page.locator("[data-usual]").nth(3).click();
        assertThat(page.locator("[name=lengthCm]")).hasValue("120");
        assertThat(page.locator(".nt-figure")).hasText(said("script.newTank.litres", 330));
        double wide = Double.parseDouble(page.locator(".nt-water").getAttribute("width"));
        page.fill("[name=lengthCm]", "60");
        assertThat(Double.parseDouble(page.locator(".nt-water").getAttribute("width")))
                .isLessThan(wide);
        page.fill("[name=waterHeightCm]", "much");
        assertThat(page.locator(".nt-figure")).isEmpty();
    }

    @Test
    void aHeapThatMovesKeepsItsPicture() {
        long tank = Pelluna.tank("Moves");
        Pelluna.post("/tanks/" + tank + "/tank", Map.of("rockKg", "20"));
        reef("/tanks/" + tank + "/reefscape");
        Locator heap = page.locator(".reef-layer[data-heap='0'] image");
        String was = heap.getAttribute("href");
        double left = Double.parseDouble(heap.getAttribute("x"));
        page.locator(".rock-piece").first().focus();
        page.keyboard().press("ArrowRight");
        page.waitForFunction(
                "left => Number(document.querySelector('.reef-layer[data-heap=\"0\"] image').getAttribute('x')) > left",
                left);
        assertThat(heap.getAttribute("href")).isEqualTo(was);
    }

    @Test
    void namesArrowsAndTerritoriesComeWhereTheyAreWanted() {
        reef("/tanks/1/reefscape");
        assertThat((Integer) page.evaluate("() => pellunaReef.shown.arrows.length"))
                .isBetween(1, 5);
        int few = named();
        Chromium.click(page, "button", "page.reefscape.allNames");
        assertThat(named()).isGreaterThan(few);
        Chromium.click(page, "button", "page.reefscape.allNames");
        page.locator(".reef-fish a").first().hover();
        assertThat((String) page.evaluate("() => pellunaReef.hovered"))
                .isEqualTo(page.locator(".reef-fish a").first().getAttribute("data-fish"));
        page.locator(".reef-fish a").first().focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#explains")).isVisible();
        page.reload();
        assertThat(page.locator("[data-shows=swim]")).hasAttribute("aria-pressed", "true");
    }

    private int named() {
        return (Integer)
                page.evaluate("() => pellunaReef.named(pellunaReef.shown.swimmers, pellunaReef.shown.arrows).length");
    }

    @Test
    void fishSwimOnlyWhereMotionIsWanted() {
        reef("/tanks/1/reefscape");
        assertThat((Boolean) page.evaluate("() => pellunaReef.swims() > 0")).isTrue();
        Chromium.click(page, "button", "page.reefscape.swim");
        assertThat((Integer) page.evaluate("() => pellunaReef.swims()")).isZero();
        Chromium.click(page, "button", "page.reefscape.swim");
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        assertThat((Integer) page.evaluate("() => pellunaReef.swims()")).isZero();
    }

    @Test
    void aLayerIsKeptAsLongAsItIsWhatIsPainted() {
        String today = Pelluna.get("/tanks/1/today").body();
        String href = today.replaceFirst("(?s).*?<image href=\"(/tanks/1/reefscape/scenery/heap-0[^\"]*)\".*", "$1")
                .replace("&amp;", "&");
        var kept = Pelluna.get(href);
        assertThat(kept.headers().firstValue("Cache-Control").orElseThrow()).contains("immutable", "private");
        assertThat(kept.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("sandbox");
        assertThat(kept.body()).startsWith("<svg").contains("prefers-color-scheme");
        assertThat(Pelluna.get(href.replaceFirst("v=.*", "v=old"))
                        .headers()
                        .firstValue("Cache-Control")
                        .orElseThrow())
                .doesNotContain("immutable");
        assertThat(Pelluna.get("/tanks/1/reefscape/scenery/heap-99.svg").statusCode())
                .isEqualTo(404);
    }
}
