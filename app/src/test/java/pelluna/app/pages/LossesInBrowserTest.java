package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** A loss under a keeper's hand, in a real browser. */
class LossesInBrowserTest {
    private Page page;
    private LogTank tank;
    private final List<String> errors = new ArrayList<>();

    @BeforeEach
    void fresh() {
        tank = new LogTank("Hands");
        page = Chromium.window(1280, 800);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error")) {
                errors.add(m.text());
            }
        });
        page.onPageError(errors::add);
    }

    @AfterEach
    void nothingWentWrong() {
        page.context().close();
        assertThat(errors).isEmpty();
    }

    private void open(String path) {
        page.navigate(Pelluna.url() + tank.at(path));
        page.waitForFunction("() => window.pellunaLive");
    }

    @Test
    void fiveTapsWriteALossDown() {
        Chromium.countTouches(page);
        open("/today");
        page.keyboard().press("7");
        page.waitForURL("**/losses");
        page.click("a:has-text('Write a loss down')");
        page.click(".sheet-fish a:has-text('Yellow wrasse')");
        page.click("label:has-text('Jumped')");
        page.click("button:has-text('Write it down')");
        assertThat(page.locator("h2").first()).containsText("Jumped, a guess");
        assertThat(Chromium.touches(page)).isEqualTo(5);
        page.click("nav[aria-label='Losses'] a:has-text('Ledger')");
        assertThat(page.locator(".loss-row")).hasCount(1);
        assertThat(page.locator(".cause-marks a")).hasCount(1);
    }

    @Test
    void aMissingFishIsFoundFromTheLedger() {
        tank.post("/log/fish/" + tank.wrasse() + "/is", Map.of("what", "missing"));
        open("/losses");
        assertThat(page.locator(".prompt")).containsText(said("page.losses.isMissingNotSeenAndNot"));
        page.click("a:has-text('Found?')");
        page.click("button:has-text('Found')");
        open("/losses");
        assertThat(page.locator(".prompt")).hasCount(0);
    }

    @Test
    void takingBackAsksFirst() {
        tank.post("/losses", Map.of("fish", "" + tank.wrasse(), "how", "lost"));
        open("/losses");
        page.click(".loss-row b >> nth=0");
        page.click("summary:has-text('Put it right')");
        page.onceDialog(d -> d.dismiss());
        page.click("button:has-text('It was a slip')");
        assertThat(page.locator("h2").first()).containsText(said("losses.Cause.UNKNOWN"));
        page.onceDialog(d -> d.accept());
        page.click("button:has-text('It was a slip')");
        assertThat(page.locator(".loss-row")).hasCount(0);
    }

    @Test
    void aCountIsLoggedAndItsFormBeginsAnew() {
        tank.post("/losses/crew", Map.of("kind", "snails", "count", "9"));
        open("/losses/crew");
        page.fill(".count-form input[name=count] >> nth=0", "7");
        page.click("button:has-text('Counted')");
        assertThat(page.locator(".crew-there")).containsText("7");
        assertThat(page.locator(".count-form input[name=count]").first()).hasValue("");
    }

    @Test
    void whatIsLearntIsKeptWhereItIsTyped() {
        tank.post(
                "/losses/incidents",
                Map.of(
                        "title",
                        "A crash",
                        "kind",
                        "crash",
                        "on",
                        Pelluna.today().toString()));
        open("/losses/incidents");
        page.click("a:has-text('A crash')");
        page.fill("textarea[name=lesson]", "Two heaters.");
        page.click("button:has-text('Keep it')");
        assertThat(page.locator(".toast")).containsText("Saved");
        open("/losses/incidents");
        assertThat(page.locator(".learned")).containsText("Two heaters.");
    }

    @Test
    void nothingIsWiderThanAPhone() {
        tank.post("/losses", Map.of("fish", "" + tank.wrasse(), "how", "lost", "cause", "disease"));
        tank.post("/losses/crew", Map.of("kind", "hermits", "count", "9"));
        tank.post(
                "/losses/incidents",
                Map.of(
                        "title",
                        "A crash",
                        "kind",
                        "crash",
                        "on",
                        Pelluna.today().toString()));
        String loss = Pelluna.get(tank.at("/losses")).body().replaceAll("(?s).*/losses/(\\d+)\".*", "$1");
        String incident =
                Pelluna.get(tank.at("/losses/incidents")).body().replaceAll("(?s).*/incidents/(\\d+)\".*", "$1");
        Page phone = Chromium.phone();
        for (String path : List.of(
                "",
                "/new",
                "/new?whom=" + tank.boss(),
                "/" + loss,
                "/crew",
                "/hindsight",
                "/incidents",
                "/incidents/" + incident)) {
            phone.navigate(Pelluna.url() + tank.at("/losses" + path));
            assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                    .as(path)
                    .isEqualTo(390);
        }
        phone.context().close();
    }
}
