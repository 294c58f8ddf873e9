package pelluna.app.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

/** Pelluna on the home screen of a phone. */
class InstallableInBrowserTest {
    @Test
    void theBrowserWouldInstallIt() {
        Page page = Chromium.window(390, 844);
        page.navigate(Pelluna.url() + "/account");
        CDPSession browser = page.context().newCDPSession(page);
        JsonObject manifest = browser.send("Page.getAppManifest");
        assertThat(manifest.getAsJsonArray("errors")).isEmpty();
        assertThat(manifest.get("url").getAsString()).endsWith("/manifest.webmanifest");
        JsonObject wrong = browser.send("Page.getInstallabilityErrors");
        assertThat(wrong.getAsJsonArray("installabilityErrors").asList())
                .as("a private window of a test is all that stands against it")
                .allMatch(e -> e.toString().contains("in-incognito"));
        page.context().close();
    }

    @Test
    void withoutTheHouseThePageSaysHowItIsOpened() {
        assertThat(new Visitor().get("/phone").body()).containsPattern(said("page.phone.notOpen"));
        assertThat(new Visitor().get("/phone/pelluna.crt").statusCode()).isEqualTo(404);
    }
}
