package pelluna.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import java.net.HttpCookie;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.Visitor;

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

    /** A line that waits on a phone while its session ends, and somebody else comes in on the same phone. */
    @Test
    void whatOneHasTappedIsNeverSentInTheNameOfAnother() {
        LogTank tank = new LogTank("One phone for two");
        Visitor other = Visitor.signedUp("Odd", UUID.randomUUID() + "@reef.example");
        Page page = Chromium.window(390, 844);
        page.navigate(Pelluna.url() + tank.at("/log"));
        page.waitForFunction("() => window.Alpine");
        String key = "pelluna-outbox-" + Pelluna.keeper();
        String line = "[{\"url\":\"" + tank.at("/log/typed") + "\",\"says\":\"it waits\",\"fields\":"
                + "{\"text\":\"dottyback eats; by the first\",\"quiet\":\"true\",\"key\":\"" + UUID.randomUUID()
                + "\"}}]";
        page.evaluate("([key, line]) => localStorage.setItem(key, line)", List.of(key, line));
        as(page, other.signedIn());
        List<String> sent = new ArrayList<>();
        page.onRequest(r -> {
            if (r.method().equals("POST")) {
                sent.add(r.url());
            }
        });
        page.navigate(Pelluna.url() + "/account");
        page.waitForFunction("() => window.Alpine");
        page.evaluate("() => window.dispatchEvent(new Event('online'))");
        page.waitForFunction("() => caches.keys().then(names => names.length === 0)");
        assertThat(sent).isEmpty();
        assertThat(page.evaluate("key => localStorage.getItem(key)", key)).isEqualTo(line);
        as(page, Pelluna.ines().signedIn());
        page.navigate(Pelluna.url() + tank.at("/log"));
        page.waitForFunction("key => localStorage.getItem(key) === '[]'", key);
        assertThat(tank.page("/log")).contains("by the first");
        page.context().close();
    }

    private static void as(Page page, HttpCookie session) {
        page.context().clearCookies();
        page.context()
                .addCookies(List.of(new Cookie(session.getName(), session.getValue())
                        .setUrl(Pelluna.url())
                        .setHttpOnly(true)));
    }
}
