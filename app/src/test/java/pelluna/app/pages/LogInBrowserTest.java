package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.log.LogFigures;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** The log in a real browser: four taps, keys, a phone that loses its connection. */
class LogInBrowserTest {
    private LogTank tank;
    private Page page;

    @BeforeEach
    void aTank() {
        tank = new LogTank("By taps");
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private void open(Page window, String path) {
        page = window;
        page.navigate(Pelluna.url() + tank.at(path));
    }

    private Locator chip(String step, String name) {
        return page.locator(
                "[data-step='" + step + "'] .fishchip",
                new Page.LocatorOptions().setHasText(Pattern.compile(name, Pattern.CASE_INSENSITIVE)));
    }

    private int contests() {
        return Pelluna.bean(LogFigures.class).contests(Pelluna.owned(tank.id)).stream()
                .mapToInt(w -> (int) w.times())
                .sum();
    }

    @Test
    void fourTapsOnAPhoneMakeASighting() {
        Page phone = Chromium.phone();
        Chromium.countTouches(phone);
        open(phone, "/log");
        chip("who", "dottyback").tap();
        page.locator(".tap[data-doing='chased']").tap();
        chip("whom", "yellow wrasse").tap();
        page.locator("svg.tap-reef").tap();
        assertThat(page.locator(".stream li").first()).containsText(said("behaviour.EventType.CHASED"));
        Assertions.assertThat(Chromium.touches(page)).isEqualTo(4);
        assertThat(page.locator("#said")).containsText(said("script.log.logged"));
        Assertions.assertThat(contests()).isEqualTo(1);
        page.locator(".stream li").first().locator("button").tap();
        assertThat(page.locator(".stream li").first()).containsText(said("page.log.takenBack"));
        Assertions.assertThat(contests()).isZero();
    }

    @Test
    void withoutAConnectionLinesWaitAndAreSentOnceAndInOrder() {
        open(Chromium.phone(), "/log");
        page.waitForFunction("() => navigator.serviceWorker && navigator.serviceWorker.ready.then(() => true)");
        page.reload();
        page.context().setOffline(true);
        for (int i = 0; i < 2; i++) {
            chip("who", "dottyback").tap();
            page.locator(".tap[data-doing='" + (i == 0 ? "displayed" : "nipped") + "']")
                    .tap();
            chip("whom", "yellow wrasse").tap();
            page.locator("#anywhere").tap();
        }
        assertThat(page.locator("#waiting")).containsText(said("script.log.waits.other"));
        assertThat(page.locator("#outbox li")).hasCount(2);
        page.reload();
        assertThat(page.locator("#outbox li")).hasCount(2);
        Assertions.assertThat(contests()).isZero();
        page.context().setOffline(false);
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator("#waiting")).isHidden();
        assertThat(page.locator(".stream li")).hasCount(2);
        assertThat(page.locator(".stream li").first()).containsText(said("behaviour.EventType.NIPPED"));
        Assertions.assertThat(contests()).isEqualTo(1);
    }

    @Test
    void aLineThatIsRefusedLaterIsKeptWithItsReasonAndHoldsUpNobody() {
        open(Chromium.phone(), "/log");
        page.context().setOffline(true);
        page.locator("#sentence").fill("tang chased wrasse");
        page.locator("#typed button").tap();
        page.locator("#sentence").fill("wrasse hides");
        page.locator("#typed button").tap();
        assertThat(page.locator("#outbox li")).hasCount(2);
        page.context().setOffline(false);
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator(".stream li").first()).containsText(said("behaviour.EventType.HIDES"));
        assertThat(page.locator("#outbox li")).hasCount(1);
        assertThat(page.locator("#outbox li")).containsText(said("script.log.notTaken"));
        page.locator("#outbox button").tap();
        assertThat(page.locator("#outbox li")).hasCount(0);
    }

    @Test
    void aWatchWithoutAConnectionGetsItsOwnTimes() {
        open(Chromium.phone(), "/log");
        page.context().setOffline(true);
        page.locator(".watch-button").tap();
        assertThat(page.locator(".watch-button")).hasText(said("script.log.endTheWatch"));
        assertThat(page.locator("#clock")).isVisible();
        page.locator(".pairtap").first().tap();
        Chromium.passes(page, Duration.ofSeconds(10));
        page.locator(".watch-button").tap();
        assertThat(page.locator("#outbox li")).hasCount(3);
        page.context().setOffline(false);
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator("#waiting")).isHidden();
        assertThat(page.locator(".in-watch")).hasCount(1);
        Assertions.assertThat(Pelluna.bean(LogFigures.class).watches(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> Assertions.assertThat(w.hours()).isEqualTo(10 / 3600.0, Assertions.within(1e-9)));
    }

    @Test
    void theKeyOfTheSightingAndAWayToGoOn() {
        open(Chromium.window(1280, 800), "/wish-list");
        page.keyboard().press("l");
        page.waitForURL(Pattern.compile(".*/log#l"));
        assertThat(page.locator("#sentence")).isFocused();
        page.keyboard().type("dotty");
        assertThat(page.locator("#offers button").first()).containsText("dottyback");
        page.keyboard().press("Tab");
        assertThat(page.locator("#sentence")).hasValue("Springer's dottyback ");
        page.keyboard().type("chased wrasse x2");
        page.keyboard().press("Enter");
        assertThat(page.locator(".stream li").first()).containsText(said("page.log.times", 2));
        page.locator("#sentence").fill("tang chased wrasse");
        page.keyboard().press("Enter");
        assertThat(page.locator("#said")).containsText(said("sighting.NobodyGoesBy"));
        assertThat(page.locator("#sentence")).hasValue("tang chased wrasse");
    }

    @Test
    void aWatchByKeyWithEventsByOneTapEach() {
        open(Chromium.window(1280, 800), "/log");
        page.keyboard().press("w");
        assertThat(page.locator(".watch-button")).hasText(said("script.log.endTheWatch"));
        Locator tap = page.locator(".pairtap").first();
        tap.click();
        tap.click();
        assertThat(page.locator(".stream li")).hasCount(2);
        assertThat(page.locator(".pairtap output").first()).hasText("2");
        assertThat(page.locator(".in-watch").first()).isVisible();
        page.locator("h1").click();
        page.keyboard().press("w");
        assertThat(page.locator(".watch-button")).hasText(said("script.log.startAWatch"));
    }

    @Test
    void everyTabOfTheLogFitsAPhone() {
        open(Chromium.phone(), "/today");
        for (String path : new String[] {
            "/today",
            "/log",
            "/log/head-count",
            "/log/introducing",
            "/log/pecking-order",
            "/log/fish",
            "/log/fish/" + tank.boss(),
            "/log/health",
            "/log/water",
            "/log/sheets",
            "/log/bullied/" + tank.wrasse()
        }) {
            page.navigate(Pelluna.url() + tank.at(path));
            Assertions.assertThat(
                            (Boolean) page.evaluate("() => document.documentElement.scrollWidth <= window.innerWidth"))
                    .as(path)
                    .isTrue();
        }
    }

    @Test
    void theBoxAndTheLadderAreWorkedByTheirButtons() {
        Pelluna.post(tank.at("/wish-list"), Map.of("species", "Gramma loreto", "want", "4"));
        open(Chromium.window(1280, 800), "/log/introducing?next=" + Pelluna.fish(tank.id, "w#0"));
        page.locator("select[name=method]").selectOption("box-days");
        Chromium.click(page, "button", "page.introduction.itGoesInNow");
        assertThat(page.locator(".verdict-line")).containsText(said("introduction.Waits"));
        page.onDialog(d -> d.accept());
        Chromium.click(page, "button", "page.introduction.letItOut");
        assertThat(Chromium.saying(page, "h2", "page.introduction.looksAfterRelease"))
                .isVisible();
        page.locator("select[name=measure]").selectOption("mirror");
        Chromium.click(page, "button", "page.pressedParts.beginIt");
        assertThat(page.locator(".ladder")).containsText(said("page.pressedParts.goesOn"));
        Chromium.click(page, "button", "page.pressedParts.endIt");
        assertThat(page.locator(".ladder")).not().containsText(said("page.pressedParts.goesOn"));
    }

    @Test
    void hotSpotsAreLaidOverTheReefscape() {
        Pelluna.post(
                tank.at("/log/sighting"),
                Map.of(
                        "fish",
                        "" + tank.boss(),
                        "doing",
                        "chased",
                        "other",
                        "" + tank.wrasse(),
                        "x",
                        "0.3",
                        "y",
                        "0.2"));
        open(Chromium.window(1280, 800), "/reefscape");
        assertThat(page.locator(".hot-spot").first()).isHidden();
        page.locator("#reef-hot").click();
        assertThat(page.locator(".hot-spot").first()).isVisible();
    }
}
