package pelluna.app.shell;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Words of statistics, chemistry and our own are explained where they stand, and together on a page. */
class HowPellunaThinksTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Pattern WHY = Pattern.compile("term :: why\\('(\\w+)'\\)");

    private static Stream<String> explained(Path template) {
        try {
            return WHY.matcher(Files.readString(template)).results().map(m -> m.group(1));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void everyTermIsExplainedWhereItStands() throws IOException {
        try (Stream<Path> templates = Files.list(TEMPLATES)) {
            assertThat(templates.flatMap(HowPellunaThinksTest::explained).distinct())
                    .containsExactlyInAnyOrderElementsOf(HowController.TERMS);
        }
    }

    @Test
    void thePageHoldsThemAllInBothLanguages() {
        for (String language : List.of("en", "de")) {
            Words say = Words.in(Locale.forLanguageTag(language), UnitSystem.METRIC);
            try (Page page = Chromium.window(1280, 800, language)) {
                page.navigate(Pelluna.url() + "/how");
                assertThat(page.locator("h1")).hasText(say.text("page.how.title"));
                for (String term : HowController.TERMS) {
                    assertThat(page.locator("#" + term + " + dd")).hasText(say.text("page.term." + term + ".says"));
                }
                assertThat(page.locator("main")).containsText(say.text("page.how.cannot4"));
            }
        }
    }

    @Test
    void aQuestionMarkOpensInPlaceAndClosesByEscapeOrATouchElsewhere() {
        try (Page page = Chromium.window(1280, 800)) {
            page.navigate(Pelluna.url() + "/tanks/1/log/pecking-order");
            Locator why = page.locator("main .why").first();
            Locator says = why.locator("p");
            assertThat(says).not().isVisible();
            why.locator("summary").click();
            assertThat(says).isVisible();
            page.keyboard().press("Escape");
            assertThat(says).not().isVisible();
            why.locator("summary").click();
            page.locator("h1").click();
            assertThat(says).not().isVisible();
            why.locator("summary").click();
            why.locator("a").click();
            page.waitForURL("**/how#chance");
        }
    }
}
