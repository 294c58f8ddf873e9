package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
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
        Chromium.click(page, "a", "page.losses.writeALossDown");
        page.click(".sheet-fish a:has-text('Yellow wrasse')");
        Chromium.click(page, "label", "losses.Cause.JUMPED");
        Chromium.click(page, "button", "page.lossNew.writeItDown");
        assertThat(page.locator("h2").first())
                .containsText(Pattern.compile(said("losses.Cause.JUMPED") + ", " + said("losses.Sure.GUESS")));
        assertThat(Chromium.touches(page)).isEqualTo(5);
        Chromium.click(page, "nav a", "page.lossesParts.ledger");
        assertThat(page.locator(".loss-row")).hasCount(1);
        assertThat(page.locator(".cause-marks a")).hasCount(1);
    }

    @Test
    void aMissingFishIsFoundFromTheLedger() {
        tank.post("/log/fish/" + tank.wrasse() + "/is", Map.of("what", "missing"));
        open("/losses");
        assertThat(page.locator(".prompt")).containsText(said("page.losses.isMissingNotSeenAndNot"));
        Chromium.click(page, "a", "page.losses.found");
        page.waitForResponse(
                r -> r.request().method().equals("POST"), () -> Chromium.click(page, "button", "page.fish.found"));
        open("/losses");
        assertThat(page.locator(".prompt")).hasCount(0);
    }

    @Test
    void takingBackAsksFirst() {
        tank.post("/losses", Map.of("fish", "" + tank.wrasse(), "how", "lost"));
        open("/losses");
        page.click(".loss-row b >> nth=0");
        Chromium.click(page, "summary", "page.loss.putItRight");
        page.onceDialog(d -> d.dismiss());
        Chromium.click(page, "button", "page.loss.itWasASlipTakeIt");
        assertThat(page.locator("h2").first()).containsText(said("losses.Cause.UNKNOWN"));
        page.onceDialog(d -> d.accept());
        Chromium.click(page, "button", "page.loss.itWasASlipTakeIt");
        assertThat(page.locator(".loss-row")).hasCount(0);
    }

    @Test
    void aCountIsLoggedAndItsFormBeginsAnew() {
        tank.post("/losses/crew", Map.of("kind", "snails", "count", "9"));
        open("/losses/crew");
        page.fill(".count-form input[name=count] >> nth=0", "7");
        Chromium.click(page, "button", "page.crew.counted");
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
        Chromium.click(page, "button", "page.incident.keepIt");
        assertThat(page.locator(".toast")).containsText(said("script.saved"));
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
                "/predicted",
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
