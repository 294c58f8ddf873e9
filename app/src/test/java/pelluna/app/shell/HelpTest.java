package pelluna.app.shell;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** Help is one key away on every page, and leads to every page. */
class HelpTest {
    @Test
    void everyPlaceIsThereAndAnswers() {
        String help = Pelluna.get("/tanks/1/help").body();
        assertThat(Arrays.stream(HelpPlace.values())).allSatisfy(p -> {
            String path = p.ofATank() ? "/tanks/1/" + p.word() : p.word();
            assertThat(help).contains("href=\"" + path + "\"");
            assertThat(Pelluna.get(path).statusCode()).as(path).isEqualTo(200);
        });
        assertThat(HowController.TERMS).allSatisfy(t -> assertThat(help).contains("/how#" + t));
        assertThat(Pelluna.get("/help").body()).contains("href=\"/tanks/new\"").doesNotContain("href=\"/tanks/null");
    }

    @Test
    void oneKeyOpensItAndWordsFindThePage() {
        try (Page page = Chromium.window(1280, 800)) {
            page.navigate(Pelluna.url() + "/tanks/1/wish-list");
            page.keyboard().press("h");
            assertThat(page.locator("#help-dialog [data-help]")).isFocused();
            page.keyboard().type("snails count");
            assertThat(page.locator("#help-dialog .help-lines li:visible")).hasCount(1);
            page.keyboard().type(" nothing such");
            assertThat(page.locator("#help-dialog [data-help-none]")).hasText(said("page.help.none"));
            page.locator("#help-dialog [data-help]").fill("snails");
            page.keyboard().press("Enter");
            page.waitForURL(Pattern.compile(".*/losses/crew"));
        }
    }

    @Test
    void singleKeysAreTurnedOffOnThisDevice() {
        try (Page page = Chromium.window(1280, 800)) {
            page.navigate(Pelluna.url() + "/tanks/1/help");
            page.locator("#page [data-keys-on]").uncheck();
            page.reload();
            assertThat(page.locator("#page [data-keys-on]")).not().isChecked();
            page.navigate(Pelluna.url() + "/tanks/1/wish-list");
            page.keyboard().press("h");
            page.keyboard().press("2");
            page.waitForTimeout(500);
            assertThat(page.url()).endsWith("/wish-list");
            assertThat(page.locator("#help-dialog")).hasCount(0);
        }
    }
}
