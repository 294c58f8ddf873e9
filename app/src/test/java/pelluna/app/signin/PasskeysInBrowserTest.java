package pelluna.app.signin;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

/** A device that knows its user, simulated by Chromium: a passkey is made, signs in, and is removed. */
class PasskeysInBrowserTest {
    private Page page;
    private String here;

    @BeforeEach
    void aDevice() {
        page = Chromium.window(1280, 800);
        // passkeys belong to a name, and a number is none
        here = Pelluna.url().replace("127.0.0.1", "localhost");
        CDPSession device = page.context().newCDPSession(page);
        device.send("WebAuthn.enable");
        JsonObject options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        options.addProperty("automaticPresenceSimulation", true);
        JsonObject with = new JsonObject();
        with.add("options", options);
        device.send("WebAuthn.addVirtualAuthenticator", with);
        TestCluster.jdbc().sql("delete from user_credentials").update();
    }

    private void comeInAsInes() {
        page.navigate(here + "/sign-in?to=/account");
        page.locator("#demo").click();
        page.waitForURL(here + "/account");
    }

    @Test
    void aPasskeyIsMadeSignsInAndIsRemoved() {
        comeInAsInes();
        page.locator("[name=label]").fill("the kitchen tablet");
        page.locator("[data-passkey=new]").click();
        assertThat(page.locator(".lines")).containsText("the kitchen tablet");
        page.locator("form[action='/sign-out'] button").click();
        page.waitForURL(Pattern.compile(".*/sign-in\\?out"));
        String before = session();
        page.locator("[data-passkey=in]").click();
        page.waitForURL(Pattern.compile(".*/tanks/\\d+/today"));
        org.assertj.core.api.Assertions.assertThat(session())
                .as("a session of a new number")
                .isNotEqualTo(before);
        page.navigate(here + "/account");
        page.onDialog(d -> d.accept());
        page.locator("form[action$='/remove'] button").click();
        page.waitForURL(here + "/account");
        assertThat(page.locator(".lines")).hasCount(0);
        page.locator("form[action='/sign-out'] button").click();
        page.locator("[data-passkey=in]").click();
        assertThat(page.locator("[data-passkey-trouble]")).isVisible();
    }

    private String session() {
        return page.context().cookies(here).stream()
                .filter(c -> c.name.equals("pelluna"))
                .findFirst()
                .orElseThrow()
                .value;
    }

    @Test
    void atANumberThereIsAWordInsteadOfAButton() {
        page.navigate(Pelluna.url() + "/account");
        assertThat(page.locator("[data-passkey]")).hasCount(0);
        assertThat(Chromium.saying(page, "p", "page.account.needsAName")).isVisible();
    }
}
