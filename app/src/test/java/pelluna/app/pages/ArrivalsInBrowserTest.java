package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** The lanes under a keeper's hand, in a real browser. */
class ArrivalsInBrowserTest {
    /** A figure, and whatever is said of it. */
    private static final String LEVEL = "([\\d.]+)[^<>]*?";

    private Page page;
    private long tank;
    private final List<String> errors = new ArrayList<>();

    @BeforeEach
    void lanes() {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        tank = Pelluna.tank("Lanes");
        Pelluna.post(
                at("/tank"),
                Map.of(
                        "rockKg",
                        "50",
                        "hides",
                        "12",
                        "cover",
                        "mesh",
                        "cycledOn",
                        Pelluna.today().minusYears(2).toString(),
                        "quarantinePlaces",
                        "2"));
        Pelluna.post(
                at("/residents"),
                Map.of(
                        "species",
                        "Amphiprion ocellaris",
                        "count",
                        "2",
                        "lengthCm",
                        "6",
                        "since",
                        Pelluna.today().minusYears(1).toString()));
        for (String wish : List.of("royal gramma", "yellow tang", "coral beauty", "midas blenny")) {
            Pelluna.post(at("/wish-list"), Map.of("species", wish, "want", "4"));
        }
        page = Chromium.window(1280, 800);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error")) {
                errors.add(m.text());
            }
        });
        page.onPageError(errors::add);
        page.navigate(Pelluna.url() + at("/arrivals"));
        page.waitForFunction("() => window.pellunaLive");
    }

    @AfterEach
    void nothingWentWrong() {
        page.context().close();
        assertThat(errors).isEmpty();
    }

    private String at(String path) {
        return "/tanks/" + tank + path;
    }

    private Locator lane(int place) {
        return page.locator(".lanes .lane[data-place='" + place + "']");
    }

    private void dragging(Locator from, double dx, double dy, Runnable before) {
        BoundingBox box = from.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx / 2, y + dy / 2);
        page.mouse().move(x + dx, y + dy);
        before.run();
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.mouse().up());
        page.waitForFunction("() => !document.getElementById('page').hasAttribute('aria-busy')");
    }

    @Test
    void aLaneIsDraggedToAnotherPlaceItsPriceSaidOnTheWayAndUndone() {
        String last = lane(4).getAttribute("data-fish");
        BoundingBox first = lane(1).boundingBox();
        BoundingBox fourth = lane(4).boundingBox();
        dragging(
                lane(4).locator(".place"),
                0,
                first.y - fourth.y,
                () -> assertThat(page.locator("#lane-says"))
                        .containsText(saidWith(
                                "script.lanes.points",
                                "0",
                                saidWith("page.arrivals.pointsEarlier", "0", "[+−]\\d+")
                                        .pattern())));
        assertThat(lane(1)).hasAttribute("data-fish", last);
        assertThat(page.locator("#hand-price"))
                .containsText(Pattern.compile(said("arrivals.Points") + "|" + said("arrivals.PointsBecause") + "|"
                        + said("arrivals.AsCalm")));
        assertThat(page.locator("#by-hand")).isVisible();
        page.click("#undo");
        assertThat(lane(4)).hasAttribute("data-fish", last);
        assertThat(page.locator("#hand-price")).hasCount(0);
    }

    @Test
    void theDotIsDraggedToAnotherDay() {
        Locator lane = lane(2);
        String fish = lane.getAttribute("data-fish");
        LocalDate was = LocalDate.parse(lane.getAttribute("data-on"));
        dragging(
                lane.locator(".release"),
                90,
                0,
                () -> assertThat(page.locator("#lane-says")).containsText(said("page.arrivals.inTheTankOn")));
        LocalDate now = LocalDate.parse(
                page.locator(".lanes .lane[data-fish='" + fish + "']").getAttribute("data-on"));
        assertThat(now).isAfter(was.plusDays(5));
        assertThat(page.locator("#hand-price")).isVisible();
    }

    @Test
    void aDayIsPinnedInTheFormAndTheLaneSaysSo() {
        String saturday = Pelluna.today().plusDays(90).toString();
        lane(3).click();
        assertThat(page.locator(".lanes .lane.chosen")).hasAttribute("data-place", "3");
        String fish = lane(3).getAttribute("data-fish");
        page.fill("#pin-day", saturday);
        page.click("#pin");
        Locator pinned = page.locator(".lanes .lane[data-fish='" + fish + "']");
        assertThat(pinned).hasAttribute("data-on", saturday);
        assertThat(pinned.locator(".pin")).hasCount(1);
        page.click("#unpin");
        assertThat(page.locator(".lanes .pin")).hasCount(0);
    }

    @Test
    void keysMoveALaneAndKeepItInFocus() {
        lane(1).focus();
        String fish = lane(1).getAttribute("data-fish");
        page.waitForResponse(r -> r.request().method().equals("POST"), () -> {
            page.keyboard().press("ArrowDown");
            page.keyboard().press("ArrowDown");
        });
        assertThat(page.locator(".lanes .lane[data-fish='" + fish + "']")).hasAttribute("data-place", "3");
        page.waitForFunction("fish => document.activeElement.dataset.fish === fish", fish);
        String was = page.locator(".lanes .lane[data-fish='" + fish + "']").getAttribute("data-on");
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> page.keyboard().press("Shift+ArrowRight"));
        assertThat(page.locator(".lanes .lane[data-fish='" + fish + "']"))
                .hasAttribute("data-on", LocalDate.parse(was).plusDays(7).toString());
    }

    @Test
    void tenAddedAtOnceMakeTheGhostComeTrue() {
        Pelluna.post(
                at("/tank"),
                Map.of(
                        "lengthCm",
                        "220",
                        "widthCm",
                        "80",
                        "waterHeightCm",
                        "60",
                        "hides",
                        "16",
                        "sandDepthCm",
                        "6",
                        "pods",
                        "plenty",
                        "mealsADay",
                        "4",
                        "waterChangePercent",
                        "25",
                        "nitrate",
                        "2"));
        for (String wish : List.of(
                "Nemateleotris magnifica",
                "Salarias fasciatus",
                "Cirrhilabrus solorensis",
                "Halichoeres chrysus",
                "Amblyeleotris randalli",
                "Oxycirrhites typus")) {
            Pelluna.post(at("/wish-list"), Map.of("species", wish, "want", "4"));
        }
        page.reload();
        page.waitForFunction("() => window.pellunaLive");
        assertThat(page.locator(".lanes .lane")).hasCount(10);
        Locator ghost = page.locator(".ghost-says");
        assertThat(ghost).containsText(said("page.arrivals.allOfItOnWouldHaveBrought"));
        double feared = figure(ghost.textContent(), saidWith("page.arrivals.allOfItOnWouldHaveBrought", "1", LEVEL));
        Locator planned = page.locator(".plan-says");
        assertThat(feared)
                .isGreaterThan(1.5
                        * figure(
                                planned.textContent(),
                                saidWith("page.arrivals.byThisPlanAmmoniaPeaksAtOn", "0", LEVEL)));
        for (int left = 10; left > 1; left--) {
            page.locator("form[action$='/arrivals/join'] button").click();
            assertThat(page.locator(".lanes .lane")).hasCount(left - 1);
            page.waitForFunction("() => !document.getElementById('page').hasAttribute('aria-busy')");
        }
        assertThat(ghost).hasCount(0);
        assertThat(figure(planned.textContent(), saidWith("page.arrivals.byThisPlanAmmoniaPeaksAtOn", "0", LEVEL)))
                .isCloseTo(feared, org.assertj.core.api.Assertions.within(0.1 * feared + 0.01));
        assertThat(page.locator("#group-price")).containsText(said("page.arrivals.groupingCostsLess"));
    }

    private static double figure(String text, Pattern pattern) {
        var m = pattern.matcher(text);
        assertThat(m.find()).as(text).isTrue();
        return Double.parseDouble(m.group(1));
    }

    @Test
    void aLookInQuarantineIsLoggedAndItsFormBeginsAnew() {
        page.navigate(Pelluna.url() + at("/arrivals/quarantine"));
        page.waitForFunction("() => window.pellunaLive");
        Chromium.click(page, "button", "page.quarantine.itIsInItsPlace");
        page.locator("input[name=eats]").check();
        Chromium.click(page, "button", "page.quarantine.looked");
        assertThat(page.locator(".stay .plain-list li")).containsText(said("page.quarantine.lookEats"));
        page.waitForFunction("() => !document.querySelector('input[name=eats]').checked");
        Chromium.click(page, "a", "page.quarantine.itIsLost");
        Chromium.click(page, "label", "losses.Cause.QUARANTINE");
        Chromium.click(page, "button", "page.lossNew.writeItDown");
        assertThat(page.locator("main, .split").first())
                .containsText(Pattern.compile(said("losses.Cause.QUARANTINE") + ", " + said("losses.Sure.GUESS")));
        page.navigate(Pelluna.url() + at("/arrivals/quarantine"));
        assertThat(page.locator(".stay")).hasCount(0);
    }

    @Test
    void aTestIsLoggedAndTakenBackByItsButtons() {
        page.fill("#test-form input[name=nitrate]", "9");
        Chromium.click(page, "button", "page.arrivals.logTheTest");
        assertThat(page.locator(".lanes circle.test")).hasCount(1);
        Chromium.click(page, "button", "page.arrivals.takeTheLastOneBack");
        assertThat(page.locator(".lanes circle.test")).hasCount(0);
    }

    @Test
    void nothingIsWiderThanAPhone() {
        Page phone = Chromium.phone();
        for (String path : List.of("", "/quarantine", "/leaving", "/list", "/upkeep", "/restock")) {
            phone.navigate(Pelluna.url() + at("/arrivals" + path));
            assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                    .as(path)
                    .isEqualTo(390);
        }
        phone.context().close();
    }
}
