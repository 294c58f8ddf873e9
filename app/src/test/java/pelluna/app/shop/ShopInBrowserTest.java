package pelluna.app.shop;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** A phone in a shop, with and without a connection. */
class ShopInBrowserTest {
    /** Milliseconds. */
    private static final int PAIRS_COME = 180_000;

    private LogTank tank;
    private Page page;

    @BeforeEach
    void aTank() {
        tank = new LogTank("In the shop");
    }

    @AfterEach
    void close() {
        page.context().close();
    }

    private void open(String path) {
        page = Chromium.phone();
        page.navigate(Pelluna.url() + tank.at(path));
    }

    private Locator answer() {
        return page.locator("[data-answer]");
    }

    private void type(String name) {
        page.locator("#shop-q").fill(name);
    }

    @Test
    void aPartOfANameTheShopsNameAndASlipOfTheFinger() {
        open("/shop-card");
        type("leopard wras");
        assertThat(answer().locator("h2")).hasText(Pattern.compile("leopard wrasse", Pattern.CASE_INSENSITIVE));
        assertThat(answer().locator("[data-list='look'] li")).hasCount(3);
        assertThat(answer().locator("[data-list='ask'] li")).hasCount(2);
        type("clownfish");
        assertThat(answer().locator("h2")).hasText(Pattern.compile("clownfish", Pattern.CASE_INSENSITIVE));
        type("Paletten Doktor");
        assertThat(answer().locator("[data-more]")).hasAttribute("href", Pattern.compile(".*Paracanthurus-hepatus"));
        type("lawnmover bleny");
        assertThat(answer().locator("[data-more]")).hasAttribute("href", Pattern.compile(".*Salarias-fasciatus"));
        type("xyzzy");
        assertThat(answer()).isHidden();
        assertThat(page.locator("[data-others='first'] [data-nothing]")).isVisible();
    }

    @Test
    void anotherOfThoseFoundAndOneInsteadAreATapAway() {
        open("/shop-card");
        type("Pterois volitans");
        assertThat(answer().locator(".says")).hasText(said("shop.Says.NOT_THIS_ONE"));
        type("lawnmower");
        Locator other = answer().locator(".shop-instead button").first();
        String name = other.locator("b").textContent();
        other.tap();
        assertThat(answer().locator("h2")).hasText(name);
        assertThat(answer().locator(".says")).hasText(said("shop.Says.YES"));
    }

    @Test
    void twoInTheBag() {
        open("/shop-card");
        type("royal gramma");
        page.locator("#shop-second").fill("frogfish");
        assertThat(page.locator("[data-pair] h2")).hasText(said("page.shop.notBoth"));
        page.locator("#shop-second").fill("firefish");
        untilPairsCome();
        assertThat(page.locator("[data-pair]")).hasAttribute("data-says", Pattern.compile("yes|yes-if"));
    }

    /** A fish came today into a tank without quarantine, so that it rests: who waits says until when. */
    @Test
    void whoComesLaterSaysSoInTheBag() {
        tank.post("/tank", Map.of("quarantineSchool", "none"));
        tank.post("/shop-card/bought", Map.of("species", "Salarias fasciatus", "into", "tank"));
        open("/shop-card");
        type("royal gramma");
        assertThat(answer().locator(".says")).hasText(said("shop.Says.NOT_TODAY"));
        page.locator("#shop-second").fill("firefish");
        untilPairsCome();
        assertThat(page.locator("[data-pair] p"))
                .containsText(Pattern.compile("gramma: " + said("page.shop.from"), Pattern.CASE_INSENSITIVE));
    }

    /** Every pair of all fish: on a busy machine that takes its time. */
    private void untilPairsCome() {
        assertThat(page.locator("[data-pair] p"))
                .not()
                .hasText(said("page.shop.waitingPairs"), new LocatorAssertions.HasTextOptions().setTimeout(PAIRS_COME));
    }

    /** Three seconds after a page is there, a phone begins to bring the card. */
    private void untilKept() {
        String all = """
                async (tank) => {
                  const files = ['', '/fish.json', '/pairs.json'];
                  const kept = files.map((file) => caches.match(`/tanks/${tank}/shop-card${file}`));
                  return (await Promise.all(kept)).every(Boolean);
                }""";
        for (int i = 0; i < 120 && !(Boolean) page.evaluate(all, Long.toString(tank.id)); i++) {
            page.waitForTimeout(500);
        }
    }

    @Test
    void whoSawTheTankHasTheCardWithoutAConnection() {
        open("/today");
        page.waitForFunction("() => navigator.serviceWorker.ready.then(() => true)");
        untilKept();
        page.reload();
        page.waitForLoadState();
        page.context().setOffline(true);
        page.navigate(Pelluna.url() + tank.at("/shop-card"));
        type("royal gramma");
        assertThat(answer().locator("h2")).hasText(Pattern.compile("gramma", Pattern.CASE_INSENSITIVE));
        page.locator("#shop-second").fill("firefish");
        assertThat(page.locator("[data-pair]")).hasAttribute("data-says", Pattern.compile("yes|yes-if"));
        answer().locator("form[action$='/sleep'] button").tap();
        assertThat(page.locator("#outbox li")).hasCount(1);
        assertThat(page.locator("#outbox li")).containsText(said("page.shop.laterSleep"));
        page.context().setOffline(false);
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        assertThat(page.locator("#outbox li")).hasCount(0);
        page.navigate(Pelluna.url() + tank.at("/shop-card"));
        assertThat(page.locator("#slept li")).hasCount(1);
    }

    @Test
    void afterTheNightTheCardIsThereAsBefore() {
        Pelluna.post(tank.at("/shop-card/sleep"), Map.of("species", "Gramma loreto"));
        open("/shop-card");
        type("lawnmower");
        assertThat(answer()).isVisible();
        page.locator("#slept button[value='drop']").tap();
        assertThat(page.locator("#slept")).hasCount(0);
        assertThat(page.locator("#shop-card")).hasAttribute("data-state", "ready");
        assertThat(page.locator(".shop-waits")).isHidden();
        type("royal gramma");
        assertThat(answer().locator("h2")).hasText(Pattern.compile("gramma", Pattern.CASE_INSENSITIVE));
    }

    @Test
    void aBuyIsWrittenDownWithTwoTapsAndSaysWhatItDid() {
        open("/shop-card");
        Chromium.countTouches(page);
        page.reload();
        type("volitans");
        answer().locator("button[name='into'][value='tank']").tap();
        page.waitForURL("**/shop-card/bought/*");
        assertThat(page.locator(".says")).hasText(said("page.shop.takeItBack"));
        Assertions.assertThat(Chromium.touches(page)).isLessThan(10);
    }
}
