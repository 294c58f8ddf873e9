package pelluna.app.rough;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/**
 * What a page says is saved is saved; what is not stays where it was typed, says so, and is sent again by itself,
 * once.
 */
class UnsentInBrowserTest {
    private LogTank tank;
    private Page page;

    @BeforeEach
    void open() {
        tank = new LogTank("Unsent");
        page = Chromium.window(1280, 800);
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private void at(String path) {
        page.navigate(Pelluna.url() + tank.at(path));
        page.waitForFunction("() => window.Alpine");
    }

    /** Answers the first so many writes to an address in another way. */
    private void answers(String path, int times, java.util.function.Consumer<Route> how) {
        AtomicInteger left = new AtomicInteger(times);
        page.route("**" + tank.at(path), route -> {
            if (route.request().method().equals("POST") && left.getAndDecrement() > 0) {
                how.accept(route);
            } else {
                route.resume();
            }
        });
    }

    private int contests() {
        return Pelluna.bean(LogFigures.class).contests(Pelluna.owned(tank.id)).stream()
                .mapToInt(w -> (int) w.times())
                .sum();
    }

    private void type(String text) {
        page.locator("#sentence").fill(text);
        page.locator("#sentence").press("Enter");
    }

    @Test
    void whatWasTypedBeforeTheScriptsWereThereIsSavedWhenTheyAre() {
        List<Route> held = new ArrayList<>();
        page.route("**/pelluna.js", held::add);
        page.navigate(Pelluna.url() + tank.at("/tank"), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.locator("#figures [name=rockKg]").fill("37");
        page.locator("#figures [name=rockKg]").press("Tab");
        Assertions.assertThat(held).as("nothing can have been sent").hasSize(1);
        page.waitForResponse(r -> r.request().method().equals("POST"), () -> held.forEach(Route::resume));
        Assertions.assertThat(Pelluna.bean(TankPlans.class)
                        .open(Pelluna.owned(tank.id))
                        .plan()
                        .tank()
                        .rockKg())
                .isEqualTo(37);
    }

    @ParameterizedTest
    @ValueSource(ints = {500, 204})
    void aLineOfTheLogThatNobodyConfirmedIsNotCalledLoggedAndWaits(int status) {
        at("/log");
        answers(
                "/log/typed",
                1,
                route -> route.fulfill(
                        new Route.FulfillOptions().setStatus(status).setBody("")));
        type("dottyback chased wrasse");
        assertThat(page.locator("#said")).containsText(said("script.log.notYet"));
        assertThat(page.locator("#waiting")).containsText(said("script.log.waits.one"));
        Assertions.assertThat(contests()).isZero();
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator("#waiting")).isHidden();
        assertThat(page.locator(".stream li").first()).containsText(said("behaviour.EventType.CHASED"));
        Assertions.assertThat(contests()).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(ints = {403, 409})
    void aLineThatIsRefusedForGoodIsBackInItsFieldWithTheReason(int status) {
        at("/log");
        answers(
                "/log/typed",
                1,
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(status)
                        .setBody("Not so.")
                        .setContentType("text/plain")));
        type("dottyback chased wrasse");
        assertThat(page.locator("#said")).containsText(said("script.log.notLogged"));
        assertThat(page.locator("#sentence")).hasValue("dottyback chased wrasse");
        Assertions.assertThat(contests()).isZero();
    }

    @Test
    void twoQuickEntersAreOneLine() {
        at("/log");
        page.locator("#sentence").fill("dottyback chased wrasse");
        page.evaluate("() => { const f = document.getElementById('typed'); f.requestSubmit(); f.requestSubmit(); }");
        assertThat(page.locator("#said")).containsText(said("script.log.logged"));
        assertThat(page.locator(".stream li")).hasCount(1);
        Assertions.assertThat(contests()).isEqualTo(1);
    }

    @Test
    void aLineWhoseAnswerWasLostIsWrittenOnce() {
        at("/log");
        answers("/log/typed", 1, route -> {
            route.fetch();
            route.abort();
        });
        type("dottyback chased wrasse");
        assertThat(page.locator("#said")).containsText(said("script.log.notYet"));
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator("#waiting")).isHidden();
        Assertions.assertThat(contests()).isEqualTo(1);
    }

    @Test
    void aFieldThatCouldNotBeSavedKeepsWhatWasTypedAndSavesItLater() {
        at("/tank");
        answers(
                "/tank",
                1,
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(500)
                        .setBody("<main id='page'><p id='failure-what'>Broken.</p></main>")
                        .setContentType("text/html")));
        page.locator("input[name=hides]").fill("11");
        page.locator("input[name=hides]").press("Tab");
        assertThat(page.locator("#unsent")).containsText(said("script.unsentStays"));
        assertThat(page.locator("input[name=hides]")).hasValue("11");
        page.locator("#unsent button").click();
        assertThat(page.locator("#unsent")).isHidden();
        page.reload();
        assertThat(page.locator("input[name=hides]")).hasValue("11");
    }

    @Test
    void aDoubleClickOnAPlainFormIsOneRow() {
        at("/losses/incidents");
        page.locator("input[name=title]").first().fill("A storm");
        page.evaluate(
                "() => { const f = document.querySelector('form[action$=\"/losses/incidents\"]'); f.requestSubmit(); "
                        + "f.requestSubmit(); }");
        page.waitForURL("**/losses/incidents/*");
        at("/losses/incidents");
        assertThat(page.locator("a:has-text('A storm')")).hasCount(1);
    }

    @Test
    void whatIsRefusedKeepsWhatWasTypedWithTheReasonBesideItsField() {
        at("/losses/new?whom=" + tank.wrasse());
        page.locator("[name=cost]").fill("about 30");
        page.locator("[name=seen]").fill("On the floor behind the stand, dry.");
        Chromium.click(page, "form[action$='/losses'] button", "page.lossNew.writeItDown");
        assertThat(page.locator("[role=alert]").first()).containsText(said("app.shell.NoPrice"));
        assertThat(page.locator("[name=cost]").first()).hasValue("about 30");
        assertThat(page.locator("[name=seen]").first()).hasValue("On the floor behind the stand, dry.");
    }

    @Test
    void aWriteThatIsOnItsWayWhenThePageIsLeftStillArrives() {
        at("/log");
        page.locator("#sentence").fill("dottyback chased wrasse");
        page.evaluate("() => { document.getElementById('typed').requestSubmit(); window.location.assign('/'); }");
        page.waitForURL("**/today");
        at("/log");
        assertThat(page.locator(".stream li").first()).containsText(said("behaviour.EventType.CHASED"));
        Assertions.assertThat(contests()).isEqualTo(1);
    }
}
