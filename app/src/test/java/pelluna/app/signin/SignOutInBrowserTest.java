package pelluna.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** What a device kept of a log for hours without a connection is gone with the keeper. */
class SignOutInBrowserTest {
    @Test
    void theLogThatWasKeptIsClearedAndThePageToSignInIsNotKeptInItsPlace() {
        Page page = Chromium.window(390, 844);
        page.context().clearCookies();
        page.navigate(Pelluna.url() + "/sign-in?to=/tanks/1/log");
        page.locator("#demo").click();
        page.waitForURL(Pattern.compile(".*/tanks/1/log"));
        page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
        page.reload();
        page.waitForFunction("() => caches.open('pelluna-1').then(c => c.match('/tanks/1/log')).then(Boolean)");
        page.evaluate("() => localStorage.setItem('kept', 'a line')");
        page.navigate(Pelluna.url() + "/account");
        page.locator("form[action='/sign-out'] button").click();
        page.waitForURL(Pattern.compile(".*/sign-in\\?out"));
        page.waitForFunction("() => caches.match('/tanks/1/log').then(kept => !kept)");
        assertThat(page.evaluate("() => localStorage.getItem('kept')")).isNull();
        page.navigate(Pelluna.url() + "/tanks/1/log");
        assertThat(page.url()).contains("/sign-in");
        assertThat(page.evaluate("() => caches.match('/tanks/1/log').then(Boolean)"))
                .isEqualTo(false);
    }
}
