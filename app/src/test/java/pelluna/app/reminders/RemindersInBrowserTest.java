package pelluna.app.reminders;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** A device is turned on by its switch, and shows what comes, opened with the keys that only it has. */
class RemindersInBrowserTest {
    private static final String SHOWN = "() => navigator.serviceWorker.ready.then(w => w.getNotifications())"
            + ".then(all => all.map(n => n.title + ': ' + n.body + ' ' + n.data.href))";
    private final Page page = Chromium.window(390, 844);

    @BeforeEach
    void withoutDevices() {
        TestCluster.jdbc().sql("delete from push_device").update();
    }

    @AfterEach
    void ends() {
        page.context().close();
    }

    @Test
    void aSwitchTurnsThisDeviceOnAndOffAndATrialArrives() {
        page.context().grantPermissions(List.of("notifications"));
        page.navigate(Pelluna.url() + "/account/reminders");
        assertThat(page.locator("#push-on .switch")).isVisible();
        page.locator("#push-on .switch").click();
        assertThat(page.locator("[data-here-device]:visible")).hasCount(1);
        assertThat(page.locator("#push-says")).hasText(said("script.remind.granted"));
        String others = """
                insert into push_message (address, body, expires_at)
                select address, 'sealed for others', '2999-01-01' from push_mailbox""";
        TestCluster.jdbc().sql(others).update();
        Chromium.click(page, "button", "page.reminders.tryIt");
        assertThat(page.locator("p[role=status]")).containsText(said("page.reminders.sent"));
        Chromium.until(page, SHOWN, shown -> shown.toString().contains("Reminders arrive"));
        Assertions.assertThat(page.evaluate(SHOWN).toString()).contains("/account/reminders");
        page.locator("form[data-endpoint]:visible .switch").click();
        assertThat(page.locator("#push-on .switch")).isVisible();
        assertThat(page.locator("[data-device]")).hasCount(0);
    }

    @Test
    void whatIsBlockedIsSaid() {
        page.addInitScript("Object.defineProperty(Notification, 'permission', { get: () => 'denied' })");
        page.navigate(Pelluna.url() + "/account/reminders");
        assertThat(page.locator("#push-says")).hasText(said("script.remind.denied"));
    }
}
