package pelluna.app.beginning;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** The first run, once by touch and once by keys; both count what a hand has to do. */
class BeginningInBrowserTest {
    private Page page;

    @AfterEach
    void close() {
        page.context().close();
    }

    private void begin(Page window) {
        page = window;
        Chromium.countTouches(page);
        page.navigate(Pelluna.url() + "/begin");
    }

    private void firstVerdict(int wishes) {
        assertThat(page.locator(".so-far ol li")).hasCount(wishes);
        assertThat(page.locator("#so-far-says")).containsText(said("page.beginning.firstFish"));
    }

    @Test
    void byTouchInNineTaps() {
        begin(Chromium.phone());
        page.tap("#size-120-50");
        page.tap("#cycled-six-months");
        assertThat(page.locator("#cycled-six-months")).hasAttribute("aria-pressed", "true");
        page.tap("#keeper-settled");
        assertThat(page.locator("#keeper-settled")).hasAttribute("aria-pressed", "true");
        page.tap("#life-soft-corals");
        assertThat(page.locator("#life-soft-corals")).hasAttribute("aria-pressed", "true");
        page.tap("#begin-next");
        page.tap("#love-Gramma-loreto");
        firstVerdict(1);
        page.tap("#love-Amphiprion-ocellaris");
        firstVerdict(2);
        page.tap("#love-Paracanthurus-hepatus");
        assertThat(page.locator(".so-far .out")).hasCount(1);
        page.tap("#begin-plan");
        page.waitForURL("**/wish-list");
        assertThat(Chromium.touches(page)).isEqualTo(9);
    }

    /** Goes on by the tab key until something has the focus; over the places at the side on a page that is new. */
    private void tabTo(String id) {
        if ((Boolean) page.evaluate("() => document.activeElement === document.body")) {
            page.keyboard().press("Tab");
            page.keyboard().press("Enter");
        }
        for (int i = 0; i < 80; i++) {
            if (id.equals(page.evaluate("() => document.activeElement && document.activeElement.id"))) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no way to " + id);
    }

    @Test
    void byKeysAlone() {
        begin(Chromium.window(1280, 800));
        tabTo("size-120-50");
        page.keyboard().press("Enter");
        page.waitForURL("**/tanks/*/begin");
        tabTo("cycled-a-year");
        page.keyboard().press("Space");
        assertThat(page.locator("#cycled-a-year")).hasAttribute("aria-pressed", "true");
        assertThat(page.locator("#cycled-a-year")).isFocused();
        tabTo("keeper-first-year");
        page.keyboard().press("Enter");
        assertThat(page.locator("#keeper-first-year")).hasAttribute("aria-pressed", "true");
        tabTo("begin-next");
        page.keyboard().press("Enter");
        page.waitForURL("**/begin/fish");
        tabTo("love-Gramma-loreto");
        page.keyboard().press("Enter");
        firstVerdict(1);
        assertThat(page.locator("#love-Gramma-loreto")).isFocused();
        tabTo("begin-plan");
        page.keyboard().press("Enter");
        page.waitForURL("**/wish-list");
        assertThat(Chromium.touches(page)).isLessThan(110);
    }
}
