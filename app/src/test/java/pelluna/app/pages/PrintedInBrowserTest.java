package pelluna.app.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;

/** What is printed, by the browser's own PDF: each is one sheet. */
class PrintedInBrowserTest {
    private static final Pattern SHEET = Pattern.compile("/Type\\s*/Page\\b");

    private static long sheets(Page page, String paper) {
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(paper).setPreferCSSPageSize(true));
        return SHEET.matcher(new String(pdf, StandardCharsets.ISO_8859_1))
                .results()
                .count();
    }

    @ParameterizedTest
    @CsvSource({
        "/tanks/1/arrivals",
        "/tanks/1/arrivals/list",
        "/tanks/1/today/away",
        "/tanks/1/shop-card?q=royal+gramma"
    })
    void oneSheet(String path) {
        try (Page page = Chromium.window(1280, 800)) {
            page.navigate(Pelluna.url() + path);
            if (path.contains("shop-card")) {
                assertThat(page.locator("[data-answer] h2")).not().isEmpty();
            }
            assertThat(List.of(sheets(page, "A4"), sheets(page, "Letter"))).containsOnly(1L);
        }
    }

    @Test
    void whomToCallStaysOnThisDeviceAndIsPrinted() {
        try (Page page = Chromium.window(1280, 800)) {
            page.navigate(Pelluna.url() + "/tanks/1/today/away");
            page.locator("[data-here='away-1-vet']").fill("at the harbour, ask for the fish vet");
            page.reload();
            assertThat(page.locator("[data-here='away-1-vet']")).hasValue("at the harbour, ask for the fish vet");
            assertThat(Pelluna.get("/tanks/1/today/away").body()).doesNotContain("harbour");
        }
    }
}
