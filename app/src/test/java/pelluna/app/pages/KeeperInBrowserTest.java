package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** The pages as a keeper uses them, in a real browser. */
class KeeperInBrowserTest {
    private Page page;
    private final List<String> complaints = new ArrayList<>();

    @BeforeEach
    void open() {
        Pelluna.post("/settings/units", java.util.Map.of("units", "METRIC"));
        page = Chromium.window(1280, 800);
        page.onConsoleMessage(m -> {
            if (m.type().equals("error") && !m.text().contains("422")) {
                complaints.add(m.text() + " " + m.location());
            }
        });
        page.onPageError(complaints::add);
    }

    @AfterEach
    void nothingWentWrongUnseen() {
        assertThat(complaints).isEmpty();
        page.context().close();
    }

    private void go(String path) {
        page.navigate(Pelluna.url() + path);
    }

    private void saved(String field, String value) {
        Locator input = page.locator("#f-" + field);
        page.waitForResponse(r -> r.request().method().equals("POST"), () -> {
            input.fill(value);
            input.press("Tab");
        });
    }

    private void wish(String species) {
        page.fill("#add-species", species);
        Chromium.click(page, "button", "page.wishes.wish");
        assertThat(page.locator("#chosen h3")).hasText(species.substring(0, 1).toUpperCase() + species.substring(1));
    }

    @Test
    void aTankIsTypedWishesAreAddedAReasonIsReadAndAllIsThereAfterARestart() {
        go("/tanks/new");
        page.fill("[name=name]", "Kelp Window");
        page.fill("[name=lengthCm]", "120");
        page.fill("[name=widthCm]", "50");
        page.fill("[name=waterHeightCm]", "50");
        Chromium.click(page, "button", "page.tankNew.fillIt");
        assertThat(page.locator("h1")).hasText(said("page.tankplace.tank"));
        saved("rockKg", "40");
        assertThat(page.locator("#rail summary").first())
                .containsText("300 L"); // the glass; 40 kg of rock take nothing from it
        page.click("#rail a.place[href$='/wish-list']");
        wish("royal gramma");
        wish("regal tang");
        assertThat(page.locator("#chosen")).containsText(said("sieve.Outcome.NOT_IN_THIS_TANK"));
        Locator reason = page.locator("#chosen details.finding").first();
        assertThat(reason).containsText(said("sieve.NeedsVolume"));
        reason.click();
        assertThat(reason.locator(".more")).containsText(said("page.findings.keepersDiffer"));
        assertThat(reason.locator(".more")).containsText(said("page.findings.sourceRule"));
        String address = page.url();
        page.navigate("about:blank"); // a page that asks while nobody is there is tested elsewhere
        Pelluna.stop();
        page.navigate(Pelluna.url() + address.replaceFirst("https?://[^/]+", ""));
        assertThat(page.locator("#chosen h3")).hasText("Regal tang");
        assertThat(page.locator(".wishrow")).hasCount(2);
        assertThat(page.locator(".sieve a.wish")).hasCount(2);
    }

    @Test
    void aGroupOpensAsAListThatKeysEnterAndTouchCanUse() {
        go("/tanks/" + Pelluna.tank("Named") + "/wish-list");
        page.locator("#add-species").pressSequentially("clownfish");
        assertThat(page.locator(".namerow").first()).isVisible();
        assertThat(page.locator(".names-says")).containsText(said("page.names.isAWholeGroupWhichOneThose"));
        String second = page.locator(".namerow").nth(1).getAttribute("data-name");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator(".namerow").nth(1)).hasAttribute("aria-selected", "true");
        page.keyboard().press("Enter");
        assertThat(page.locator("#chosen h3")).hasText(second.substring(0, 1).toUpperCase() + second.substring(1));
        page.locator("#add-species").pressSequentially("neon goby");
        page.locator(".namerow").first().click();
        assertThat(page.locator(".wishrow")).hasCount(2);
        page.locator("#add-species").pressSequentially("mandarine");
        page.keyboard().press("Escape");
        Chromium.click(page, "button", "page.wishes.wish");
        assertThat(page.locator(".namerow, .wishrow:has-text('mandarin')").first())
                .isVisible();
    }

    @Test
    void theSieveAndTheLanesAnswerToClicksWithoutANewPage() {
        go("/tanks/1/wish-list");
        page.evaluate("window.stays = true");
        page.locator(".sieve a[aria-label^='Emperor']").click();
        assertThat(page.locator("#chosen h3")).hasText("Emperor angelfish");
        String drawn = (String) page.evaluate("document.querySelector('.sieve').outerHTML");
        page.reload();
        assertThat((String) page.evaluate("document.querySelector('.sieve').outerHTML"))
                .as("the drawing after a click is the drawing of its page")
                .isEqualTo(drawn);
        page.keyboard().press("5");
        assertThat(page.locator("h1")).hasText(said("page.arrivals.arrivals"));
        page.evaluate("window.stays = true");
        Locator third = page.locator(".lanes a.lane").nth(2);
        String name = third.getAttribute("aria-label");
        third.click();
        assertThat(page.locator(".side h3").first()).containsText("3 · ");
        assertThat(page.locator(".lanes a.lane.chosen")).isFocused();
        assertThat(name).containsPattern(saidWith("page.arrivals.lane", "0", "3"));
        assertThat((Boolean) page.evaluate("window.stays === true"))
                .as("no new page was loaded")
                .isTrue();
        page.goBack();
        assertThat(page.locator(".side h3").first()).containsText("1 · ");
    }

    @Test
    void twoWindowsOnOneFieldNeverLoseAChangeSilently() {
        long tank = Pelluna.tank("Twin Windows");
        Page other = Chromium.window(1280, 800);
        go("/tanks/" + tank + "/tank");
        other.navigate(Pelluna.url() + "/tanks/" + tank + "/tank");
        saved("rockKg", "30");
        Locator late = other.locator("#f-rockKg");
        other.waitForResponse(r -> r.request().method().equals("POST"), () -> {
            late.fill("50");
            late.press("Tab");
        });
        assertThat(other.locator("[role=alert]").first()).containsText(said("page.wishes.anotherWindowChangedThisTo"));
        assertThat(late).hasValue("50");
        page.reload();
        assertThat(page.locator("#f-rockKg")).hasValue("30");
        Locator elsewhere = other.locator("#f-sumpLitres");
        other.waitForResponse(r -> r.request().method().equals("POST"), () -> {
            elsewhere.fill("80");
            elsewhere.press("Tab");
        });
        page.reload();
        assertThat(page.locator("#f-sumpLitres")).hasValue("80");
        assertThat(page.locator("#f-rockKg")).hasValue("30");
        other.context().close();
    }

    @Test
    void badFiguresStayInTheFieldWithTheReasonBesideThem() {
        long tank = Pelluna.tank("Bad Figures");
        go("/tanks/" + tank + "/tank");
        saved("lengthCm", "0");
        assertThat(page.locator("[role=alert]").first())
                .containsText(saidWith(
                        "page.tankplace.expectedItIsNotSaved", "0", "" + said("page.tankplace.range", 10, 2000, "cm")));
        assertThat(page.locator("#f-lengthCm")).hasValue("0");
        saved("rockKg", "many");
        assertThat(page.locator("[role=alert]").first()).containsText(said("page.tankplace.notANumberNotSaved"));
        page.reload();
        assertThat(page.locator("#f-lengthCm")).hasValue("150");
    }

    @Test
    void unitsChangeEverywhereAndTheFiguresStay() {
        go("/tanks/1/wish-list");
        page.locator(".wide .reading summary").click();
        Chromium.click(page, ".wide button", "page.layout.inGal");
        assertThat(page.locator("#rail summary").first())
                .containsText(saidWith("page.shell.run", Map.of("0", "124 gal", "1", "59 in")));
        page.locator(".sieve a[aria-label^='Emperor']").click();
        assertThat(page.locator("#chosen")).containsText(said("sieve.NeedsVolume"));
        assertThat(page.locator("main")).not().containsText(java.util.regex.Pattern.compile("\\d (cm|L)\\b"));
        page.click("#rail a.place[href$='/tank']");
        assertThat(page.locator("#f-lengthCm")).hasValue("59.06");
        page.locator(".wide .reading summary").click();
        Chromium.click(page, ".wide button", "page.layout.cmL");
        assertThat(page.locator("#f-lengthCm")).hasValue("150");
    }

    @Test
    void theStanceChangesTheOutcomeVisibly() {
        go("/tanks/1/wish-list");
        String customary = page.locator(".head p").textContent();
        Chromium.click(page, ".wide button", "catalogue.Stance.CAUTIOUS");
        assertThat(page.locator(".head p")).not().hasText(customary);
        Chromium.click(page, ".wide button", "catalogue.Stance.CUSTOMARY");
        assertThat(page.locator(".head p")).hasText(customary);
    }

    @Test
    void onAPhoneNothingIsWiderThanTheGlassAndTheReasonComesFirst() {
        Page phone = Chromium.window(390, 844);
        for (String place : List.of(
                "wishes",
                "arrivals",
                "tank",
                "species",
                "species/all",
                "species/Gramma-loreto",
                "side-by-side",
                "own-word",
                "exchange")) {
            phone.navigate(Pelluna.url() + "/tanks/1/" + place);
            assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                    .as(place)
                    .isLessThanOrEqualTo(390);
        }
        phone.navigate(Pelluna.url() + "/tanks/1/wish-list");
        phone.locator(".fallrow").nth(2).click();
        assertThat(phone.locator("#chosen")).isInViewport();
        phone.context().close();
    }

    @Test
    void everyFontThatTheLookNamesIsServedByPelluna() {
        go("/tanks/1/arrivals");
        page.waitForFunction("document.fonts.status === 'loaded'");
        for (String font : List.of("Bricolage Grotesque", "Atkinson Hyperlegible Next", "Atkinson Hyperlegible Mono")) {
            assertThat((Boolean) page.evaluate(
                            "async f => (await document.fonts.load('16px \"' + f + '\"')).length > 0", font))
                    .as(font)
                    .isTrue();
        }
        List<String> asked = new ArrayList<>();
        page.onRequest(r -> asked.add(r.url()));
        page.reload();
        page.waitForFunction("document.fonts.status === 'loaded'");
        assertThat(asked)
                .hasSizeGreaterThan(3)
                .allSatisfy(url -> assertThat(url).startsWith(Pelluna.url()));
    }

    @Test
    void aKeeperAsksOpensAFishDisagreesAndTakesItBack() {
        go("/tanks/1/species");
        page.fill("#q", "somthing yelow that stays under 8 cm");
        Chromium.click(page, "button", "page.speciesList.look");
        assertThat(page.locator(".asked .chip").first()).containsText(said("search.GrowsAtMost"));
        page.locator(".facets a", new Page.LocatorOptions().setHasText(said("page.species.captiveBred")))
                .first()
                .click();
        assertThat(page.locator(".facets a.on")).containsText(said("page.species.captiveBred"));
        page.click(".foundrow:has-text('Yellow clown goby')");
        assertThat(page.locator("h1")).hasText("Yellow clown goby");
        Locator skill = page.locator("#skill");
        skill.locator("a.otherwise").click();
        skill.locator("[name=skill]").fill("3");
        skill.locator("[name=why]").fill("lost two");
        Chromium.click(page, "#skill button", "page.speciesParts.thisIsMyWord");
        assertThat(page.locator("#skill .yours")).containsText("3");
        assertThat(page.locator("#skill .yours")).containsText(said("page.ownWord.pellunaSays", "1 of 4"));
        page.locator("#skill .yours button").click();
        assertThat(page.locator("#skill .yours")).hasCount(0);
    }

    @Test
    void everyFishOnTheSheetIsReallyDrawn() {
        go("/tanks/1/species/all");
        page.locator("#Zanclidae").scrollIntoViewIfNeeded();
        page.waitForFunction("() => { const i = document.querySelector('#Zanclidae img'); "
                + "return i.complete && i.naturalWidth > 0; }");
        page.locator("#Acanthuridae a").first().click();
        assertThat(page.locator("#shop")).containsText(said("introduction.SeeItEat"));
    }
}
