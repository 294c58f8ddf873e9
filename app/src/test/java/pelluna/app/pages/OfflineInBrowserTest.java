package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** What somebody writes down at the tank while the phone has no connection. */
class OfflineInBrowserTest {
    private LogTank tank;
    private Page page;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Behind a thick wall");
        page = Chromium.phone();
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private void open(String path) {
        page.navigate(Pelluna.url() + tank.at(path));
    }

    /** Once the phone has all of a tank that it keeps, the connection is gone. */
    private void withoutAConnection() {
        open("/today");
        page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
        String last = "async (path) => Boolean(await caches.match(path))";
        String loss = tank.at("/losses/new?whom=" + shoal());
        for (int i = 0; i < 200 && !(Boolean) page.evaluate(last, loss); i++) {
            page.waitForTimeout(500);
        }
        page.reload();
        page.waitForLoadState();
        page.context().setOffline(true);
    }

    private long shoal() {
        return tank.fish("Sphaeramia nematoptera");
    }

    private void connected() {
        page.context().setOffline(false);
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
    }

    private void waits(int lines) {
        assertThat(page.locator("#outbox li")).hasCount(lines);
    }

    @Test
    void headCountMealMeasureAndLossWaitInOrderAndKeepTheirTimes() {
        withoutAConnection();
        open("/log/head-count");
        page.locator(".roll-top button").first().tap();
        waits(1);
        open("/log/health");
        page.locator("#feed input[name='note']").fill("mysis");
        page.locator("#feed button[value='fed']").tap();
        waits(2);
        open("/losses/new?whom=" + tank.wrasse());
        page.locator("button[name='how'][value='lost']").tap();
        waits(3);
        String tapped = page.locator("#outbox li").nth(1).textContent().substring(0, 5);
        BrowserContext phone = page.context();
        page.close();
        page = phone.newPage();
        Chromium.passes(page, Duration.ofHours(2));
        open("/log");
        waits(3);
        Assertions.assertThat(page.locator("#outbox li").allTextContents())
                .as("in the order in which they were tapped")
                .zipSatisfy(
                        List.of(said("page.log.rollCall"), said("page.health.logAMeal"), said("page.losses.goodbyeTo")),
                        (line, says) -> Assertions.assertThat(line).containsPattern(says));
        connected();
        waits(0);
        Locator meal = page.locator(".stream li", new Page.LocatorOptions().setHasText("mysis"));
        assertThat(meal).hasCount(1);
        assertThat(meal.locator(".fig")).hasText(tapped);
        Assertions.assertThat(tank.fish())
                .as("the loss is written down")
                .anyMatch(f -> f.gone() && f.species().scientificName().equals("Halichoeres chrysus"));
    }

    @Test
    void aLossThatIsRefusedStaysWithItsReasonAndTheNextIsTaken() {
        withoutAConnection();
        open("/losses/new?whom=" + shoal());
        page.locator("input[name='count']:not([type='hidden'])").fill("999");
        page.locator("button[name='how'][value='lost']").tap();
        waits(1);
        open("/log/health");
        page.locator("#feed button[value='fed']").tap();
        waits(2);
        connected();
        waits(1);
        assertThat(page.locator("#outbox li")).containsText(said("script.log.notTaken"));
        page.locator("#outbox button").tap();
        waits(0);
    }
}
