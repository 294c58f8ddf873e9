package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** The Reefscape under a keeper's hands: mouse, keys, touch. */
class ReefscapeInBrowserTest {
    private static final String SCAPE = """
        {"pelluna": 1, "name": "Two heaps", "tank": {"lengthCm": 150, "widthCm": 60, "waterHeightCm": 52,
          "rockKg": 40, "sandDepthCm": 3, "cover": "mesh", "cycledOn": "2024-01-01",
          "scape": {"rocks": [{"leftCm": 5, "widthCm": 36, "heightsCm": [14, 22, 14]}, {"leftCm": 46, "widthCm": 36,
            "heightsCm": [14, 22, 14]}],
                    "hides": [{"xCm": 33, "heightCm": 8}, {"xCm": 51, "heightCm": 8}], "run": {"fromCm": 0,
                      "heightCm": 42}}},
         "residents": [{"species": "Pictichromis paccagnellae", "lengthCm": 6, "since": "2025-01-01"},
           {"species": "Zebrasoma flavescens", "lengthCm": 6, "since": "2026-01-01"}],
         "wishes": [{"species": "Gramma loreto"}]}""";
    private final List<String> complaints = new ArrayList<>();
    private Page page;
    private long tank;

    @BeforeEach
    void open() {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        Pelluna.post("/settings/arrows", Map.of("from", "5"));
        long any = Pelluna.tank("Door");
        String there = Pelluna.post("/tanks/" + any + "/import-export", Map.of("text", SCAPE))
                .uri()
                .toString();
        tank = Long.parseLong(there.replaceAll(".*/tanks/(\\d+)/.*", "$1"));
        page = Chromium.window(1280, 800);
        watch(page);
        go("");
    }

    private void watch(Page window) {
        window.onConsoleMessage(m -> {
            if (m.type().equals("error")) {
                complaints.add(m.text());
            }
        });
        window.onPageError(complaints::add);
    }

    @AfterEach
    void nothingWentWrongUnseen() {
        Pelluna.post("/settings/arrows", Map.of("from", "20"));
        assertThat(complaints).isEmpty();
        page.context().close();
    }

    private void go(String query) {
        page.navigate(Pelluna.url() + "/tanks/" + tank + "/reefscape" + query);
        page.waitForFunction("() => window.pellunaReef && window.pellunaReef.shown");
    }

    private double index() {
        return Double.parseDouble(page.locator("#index").textContent());
    }

    private String pair() {
        return page.evaluate("() => pellunaReef.scene.fish.find(f => f.name.includes('dottyback') || "
                                + "f.name.includes('seudochromis') || f.picture.includes('Pictichromis')).id")
                        .toString()
                + "~" + page.evaluate("() => pellunaReef.scene.fish.find(f => f.picture.includes('Gramma')).id");
    }

    private void drag(Locator piece, double shareX, double shareY, double byX, double byY) {
        BoundingBox box = piece.boundingBox();
        double x = box.x + box.width * shareX;
        double y = box.y + box.height * shareY;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + byX / 2, y + byY / 2);
        page.mouse().move(x + byX, y + byY);
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.mouse().up());
        page.waitForCondition(() -> !page.locator("#page")
                .evaluate("e => e.hasAttribute('aria-busy')")
                .equals(true));
    }

    @Test
    void draggingAHeapOfRockAwayLowersTheIndexAndUndoBringsItBack() {
        go("?pair=" + pair());
        double before = index();
        Locator heap = page.locator(".rock-piece").nth(1);
        String was = heap.getAttribute("aria-label");
        drag(heap, 0.15, 0.9, 220, 0);
        assertThat(page.locator(".rock-piece").nth(1).getAttribute("aria-label"))
                .isNotEqualTo(was);
        page.waitForFunction("was => Number(document.querySelector('#index').textContent) < was", before);
        assertThat(page.locator("#undo")).hasText(said("page.reefscape.undo"));
        page.click("#undo");
        page.waitForFunction("was => Number(document.querySelector('#index').textContent) === was", before);
        assertThat(page.locator(".rock-piece").nth(1)).hasAttribute("aria-label", was);
    }

    @Test
    void buttonsPutInHidesAndRock() {
        int hides = page.locator(".hide-piece").count();
        int rocks = page.locator(".rock-piece").count();
        Chromium.click(page, "button", "page.reefscape.hide");
        assertThat(page.locator(".hide-piece")).hasCount(hides + 1);
        Chromium.click(page, "button", "page.reefscape.rock");
        assertThat(page.locator(".rock-piece")).hasCount(rocks + 1);
    }

    @Test
    void movingTheDateMakesFishGrowAndChangesTheIndexThatIsRead() {
        go("?pair=" + pair());
        double before = index();
        String day = page.locator("#reef-day").textContent();
        double length = (double)
                page.evaluate("() => pellunaReef.swimmers().find(s => s.fish.picture.includes('Zebrasoma')).length");
        BoundingBox slider = page.locator("#reef-slider").boundingBox();
        page.waitForResponse(
                r -> r.url().contains("/reefscape?"),
                () -> page.mouse().click(slider.x + slider.width - 4, slider.y + slider.height / 2));
        page.waitForFunction("was => Number(document.querySelector('#index').textContent) !== was", before);
        assertThat(page.locator("#reef-day")).not().hasText(day);
        assertThat((double) page.evaluate(
                        "() => pellunaReef.swimmers().find(s => s.fish.picture.includes('Zebrasoma')).length"))
                .isGreaterThan(1.5 * length);
        assertThat(page.url()).contains("on=20");
    }

    @Test
    void everythingThatIsDraggedIsMovedByKeysToo() {
        Locator hide = page.locator(".hide-piece").first();
        hide.focus();
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.keyboard().press("ArrowRight"));
        page.waitForFunction("() => document.activeElement.matches('.hide-piece[data-i=\"0\"]') && "
                + "document.activeElement.getAttribute('aria-label').includes(' 35 cm')");
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.keyboard().press("Delete"));
        assertThat(page.locator(".hide-piece")).hasCount(1);
        Locator foot = page.locator("[data-kind=foot]").first();
        foot.focus();
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.keyboard().press("Shift+ArrowRight"));
        assertThat(page.locator(".rock-piece").first())
                .hasAttribute("aria-label", java.util.regex.Pattern.compile(".*\\b46 cm.*"));
        String day = page.locator("#reef-day").textContent();
        page.locator("h1").click();
        page.keyboard().press("[");
        assertThat(page.locator("#reef-day")).not().hasText(day);
    }

    @Test
    void aFishIsChosenByAClickAndAnArrowByItsLine() {
        @SuppressWarnings("unchecked")
        Map<String, Object> at =
                (Map<String, Object>) page.evaluate("() => { const s = pellunaReef.shown.swimmers.find(f => "
                        + "f.fish.picture.includes('Zebrasoma')); const b = pellunaReef.inner.getBoundingClientRect();"
                        + " const [l, t, w] = pellunaReef.scene.box; const k = b.width / w; return { x: "
                        + "b.left + (s.x - l) * k, y: b.top + (s.y - t) * k }; }");
        page.mouse().click(((Number) at.get("x")).doubleValue(), ((Number) at.get("y")).doubleValue());
        assertThat(page.locator("#explains h3")).hasText("Yellow tang");
        page.locator(".pressline").first().click();
        assertThat(page.locator("#explains h3")).containsText(said("page.reefscape.presses"));
        assertThat(page.locator("#explains .shares tr").first()).isVisible();
        assertThat(page.locator("#offers")).containsText(said("page.reefscapeOffers.eachIsAPlanOfIts"));
    }

    @Test
    void arrowsBelowTheLevelThatTheKeeperSetsAreHidden() {
        int many = ((Number) page.evaluate("() => pellunaReef.shown.arrows.length")).intValue();
        page.locator("#arrows-from").focus();
        page.keyboard().press("End");
        page.waitForFunction("() => pellunaReef.scene.arrowsFrom === 100 && pellunaReef.shown.arrows.length === 0");
        assertThat(many).isPositive();
        go("");
        assertThat(page.locator("#arrows-from")).hasValue("100");
    }

    @Test
    void theDatePlaysAndNamesWhatChanges() {
        go("?on=" + Pelluna.today());
        page.click("#reef-play");
        assertThat(page.locator("#reef-says")).containsText(said("outlook.Arrives"));
        page.click("#reef-play");
        assertThat(page.locator("#reef-play")).hasText(said("page.reefscape.play"));
    }

    @Test
    void withMotionTurnedOffItGoesFromOneChangeToTheNext() {
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        go("?on=" + Pelluna.today());
        page.click("#reef-play");
        double first = ((Number) page.evaluate("() => pellunaReef.day")).doubleValue();
        page.waitForTimeout(400);
        assertThat(((Number) page.evaluate("() => pellunaReef.day")).doubleValue())
                .isEqualTo(first);
        assertThat((Boolean) page.evaluate(
                        "() => pellunaReef.scene.changes.some(c => Math.abs(c.day - pellunaReef.day) < 1)"))
                .isTrue();
        page.click("#reef-play");
    }

    @Test
    void thePngIsTheWholePicture() throws IOException {
        Download download = page.waitForDownload(() -> page.click("#picture-png"));
        assertThat(download.suggestedFilename()).startsWith("two-heaps-").endsWith(".png");
        Path file = Files.createTempFile("reef", ".png");
        download.saveAs(file);
        var image = ImageIO.read(file.toFile());
        assertThat(image.getWidth()).as("twice as fine").isEqualTo(3200);
        assertThat(java.util.stream.IntStream.range(0, image.getWidth())
                        .map(x -> image.getRGB(x, image.getHeight() / 2))
                        .distinct()
                        .count())
                .isGreaterThan(20);
        Files.delete(file);
    }

    @Test
    void onAPhoneTwoFingersZoomAndOneMovesAHeap() {
        Page phone = Chromium.phone();
        watch(phone);
        phone.navigate(Pelluna.url() + "/tanks/" + tank + "/reefscape?pair=" + pair());
        phone.waitForFunction("() => window.pellunaReef && window.pellunaReef.shown");
        assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                .isEqualTo(390);
        assertThat(phone.locator("#explains")).hasCSS("position", "fixed");
        CDPSession hand = phone.context().newCDPSession(phone);
        BoundingBox box = phone.locator("#reefscape").boundingBox();
        double y = box.y + box.height * 0.25;
        touch(hand, "touchStart", 180, y, 200, y);
        for (int k = 1; k <= 6; k++) {
            touch(hand, "touchMove", 180 - 8 * k, y, 200 + 8 * k, y);
        }
        touch(hand, "touchEnd");
        phone.waitForFunction("() => pellunaReef.zoom.scale > 2");
        phone.evaluate("() => { pellunaReef.zoom.scale = 1; pellunaReef.place(); }");
        assertThat((Double) phone.evaluate(
                        "() => Math.min(...pellunaReef.shown.swimmers.map(s => s.length" + " * pellunaReef.perCm))"))
                .as("the smallest fish, in pixels")
                .isGreaterThan(23.5);
        phone.locator(".rock-piece").nth(1).scrollIntoViewIfNeeded();
        String was = phone.locator(".rock-piece").nth(1).getAttribute("aria-label");
        BoundingBox rock = phone.locator(".rock-piece").nth(1).boundingBox();
        double x = rock.x + rock.width * 0.3;
        double low = rock.y + rock.height * 0.6;
        phone.waitForResponse(r -> r.request().method().equals("POST"), () -> {
            touch(hand, "touchStart", x, low);
            touch(hand, "touchMove", x + 20, low);
            touch(hand, "touchMove", x + 50, low);
            touch(hand, "touchEnd");
        });
        assertThat(phone.locator(".rock-piece").nth(1)).not().hasAttribute("aria-label", was);
        phone.context().close();
    }

    private static void touch(CDPSession hand, String type, double... places) {
        JsonArray points = new JsonArray();
        for (int i = 0; i < places.length; i += 2) {
            JsonObject point = new JsonObject();
            point.addProperty("x", places[i]);
            point.addProperty("y", places[i + 1]);
            point.addProperty("id", i / 2);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        hand.send("Input.dispatchTouchEvent", event);
    }
}
