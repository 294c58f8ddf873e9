package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** A long sheet in the browser: its keeper sees how far it is, and ends it. */
class LongSheetInBrowserTest {
    private static final int MANY = 40_000;

    @Test
    void howFarItIsCanBeSeenAndItCanBeStopped() {
        LogTank tank = new LogTank("Sheet in browser");
        StringBuilder sheet = new StringBuilder("at,who,did,whom\n");
        for (int i = 0; i < MANY; i++) {
            sheet.append(LocalDateTime.of(2025, 1, 1, 8, 0).plusMinutes(7L * i)).append(",dottyback,chased,wrasse\n");
        }
        Page page = Chromium.window(1280, 800);
        page.navigate(Pelluna.url() + tank.at("/log/sheets"));
        byte[] bytes = sheet.toString().getBytes(StandardCharsets.UTF_8);
        page.setInputFiles("input[type=file]", new FilePayload("log.csv", "text/csv", bytes));
        Chromium.click(page, "button", "page.sheets.lookThroughIt");
        assertThat(page.locator("h2").first()).containsText(saidWith("page.sheets.allOfThemGood", "0", "" + MANY));
        Chromium.click(page, "button", "page.sheets.takeThemIn");
        assertThat(page.locator("#on-its-way")).isVisible();
        assertThat(page.locator("#on-its-way")).containsText("%");
        page.click("#on-its-way button");
        assertThat(page.locator("main, body").first()).containsText(said("app.spreadsheet.Stopped"));
        Assertions.assertThat(TestCluster.jdbc()
                        .sql("select count(*) from log_entry where tank_id = ?")
                        .param(tank.id)
                        .query(Long.class)
                        .single())
                .isZero();
        page.context().close();
    }
}
