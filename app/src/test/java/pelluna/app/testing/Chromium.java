package pelluna.app.testing;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.net.HttpCookie;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Debian's Chromium, headless, started once. */
public final class Chromium {
    private static Browser browser;

    private Chromium() {}

    @SuppressWarnings("resource")
    private static synchronized Browser browser() {
        if (browser == null) {
            // how long something is waited for on a machine that others use; what is true at once is seen at once
            PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync",
                                    // a request that outlives its page is sent where a test can hold it
                                    "--disable-features=KeepAliveInBrowserMigration",
                                    "--no-first-run")));
        }
        return browser;
    }

    /** A window of its own, as another device would have. */
    public static Page window(int width, int height) {
        BrowserContext context = browser().newContext(new Browser.NewContextOptions().setViewportSize(width, height));
        return still(context);
    }

    /** The same for a reader of another language, who has chosen none. @param language as browsers ask for it */
    public static Page window(int width, int height, String language) {
        Pelluna.post("/settings/language", Map.of("language", ""));
        return still(browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setLocale(language)));
    }

    /** A phone with a touch screen, by night. */
    public static Page phone() {
        return still(browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true)
                        .setDeviceScaleFactor(2)
                        .setColorScheme(ColorScheme.DARK)));
    }

    /** A page whose clock shows what the application's shows; timers run on. */
    private static Page still(BrowserContext context) {
        signIn(context);
        context.clock().setFixedTime(Pelluna.now().toEpochMilli());
        return context.newPage();
    }

    /** A window with a clock of its own that runs, where what the browser measures is asked for. */
    public static Page running(int width, int height) {
        BrowserContext context = browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        // what a service worker hands on is not measured as it came
                        .setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        signIn(context);
        return context.newPage();
    }

    private static void signIn(BrowserContext context) {
        HttpCookie session = Pelluna.ines().signedIn();
        context.addCookies(List.of(new Cookie(session.getName(), session.getValue())
                .setUrl(Pelluna.url())
                .setHttpOnly(true)));
    }

    /** Time passes, for the application and for this page. */
    public static void passes(Page page, Duration time) {
        Pelluna.passes(time);
        page.context().clock().setFixedTime(Pelluna.now().toEpochMilli());
    }

    /** Elements that say one message and nothing else. @param css which of them */
    public static Locator saying(Page page, String css, String key) {
        Pattern whole = Pattern.compile("^\\s*" + Said.said(key) + "\\s*$");
        return page.locator(css, new Page.LocatorOptions().setHasText(whole));
    }

    /** Clicks on the first of them. */
    public static void click(Page page, String css, String key) {
        saying(page, css, key).first().click();
    }

    /** Lets a window count what a hand does to it, whichever pages it opens. Call before it opens any. */
    public static void countTouches(Page page) {
        page.addInitScript("""
            for (const kind of ['pointerdown', 'keydown']) {
              addEventListener(kind, e => e.isTrusted
                && sessionStorage.setItem('touches', 1 + Number(sessionStorage.getItem('touches'))), true);
            }""");
    }

    /** Taps, clicks and keys since then. */
    public static int touches(Page page) {
        return ((Number) page.evaluate("() => Number(sessionStorage.getItem('touches'))")).intValue();
    }

    /** Asks a page again and again until its answer, which may be a promise, is as it is to be; for half a minute. */
    public static void until(Page page, String script, Predicate<Object> good) {
        for (int i = 0; i < 120 && !good.test(page.evaluate(script)); i++) {
            page.waitForTimeout(250);
        }
        if (!good.test(page.evaluate(script))) {
            throw new AssertionError(script + " says " + page.evaluate(script));
        }
    }
}
