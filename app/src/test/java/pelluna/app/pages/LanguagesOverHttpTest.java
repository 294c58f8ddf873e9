package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.testing.Pelluna;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Pages by choice or by the browser in a language; files and what programs ask for the same in every language. */
class LanguagesOverHttpTest {
    private static final Words GERMAN = Words.in(Locale.GERMAN, UnitSystem.METRIC);

    private static HttpResponse<String> get(String path, String language) {
        return Pelluna.send(HttpRequest.newBuilder(URI.create(Pelluna.url() + path))
                .header("Accept-Language", language)
                .header("Accept", "text/html,*/*;q=0.5"));
    }

    @BeforeEach
    @AfterEach
    void byTheBrowser() {
        Pelluna.post("/settings/language", Map.of("language", ""));
    }

    @Test
    void theBrowserAsksForALanguageAndAChoiceStandsOverIt() {
        String log = "/tanks/1/log";
        assertThat(get(log, "de-AT,de;q=0.9").body())
                .contains("<html lang=\"de\"", GERMAN.text("page.log.whatWasSeen"), "/words/de.js");
        assertThat(get(log, "fr").body()).contains("<html lang=\"en\"", "/words/en.js");
        assertThat(Pelluna.post("/settings/language", Map.of("language", "de")).statusCode())
                .isEqualTo(200);
        assertThat(get(log, "en").body()).contains("<html lang=\"de\"", GERMAN.text("page.log.whatWasSeen"));
        Pelluna.post("/settings/language", Map.of("language", "tlh"));
        assertThat(get(log, "en").body()).as("no such language").contains("<html lang=\"en\"");
    }

    /** On a page that the demo leaves empty. */
    @Test
    void aFactOfOnesOwnNamesItsFishInTheLanguage() {
        String fact = "/tanks/1/species/Chelmon-rostratus/own/skill";
        Pelluna.post(fact, Map.of("skill", "2", "why", "seen"));
        try {
            assertThat(get("/tanks/1/my-facts", "de").body()).contains("Kupferstreifen-Pinzettfisch");
            assertThat(get("/tanks/1/my-facts", "en").body())
                    .contains("Copperband butterflyfish")
                    .doesNotContain("Kupferstreifen-Pinzettfisch");
        } finally {
            Pelluna.post(fact + "/undo", Map.of());
        }
    }

    @Test
    void unitsStandApartFromTheLanguage() {
        Pelluna.post("/settings/units", Map.of("units", "US"));
        try {
            assertThat(get("/tanks/1/today", "de").body())
                    .contains(Words.in(Locale.GERMAN, UnitSystem.US).volumeUnit(), "Zoll");
        } finally {
            Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        }
    }

    /** Whatever is typed in the way of either language is the same length. */
    @Test
    void numbersAreWrittenAndReadAsTheLanguageDoes() {
        long tank = Pelluna.tank("Komma");
        Pelluna.post("/tanks/" + tank + "/tank", Map.of("sandDepthCm", "4,5"));
        assertThat(get("/tanks/" + tank + "/tank", "de").body()).contains("value=\"4,5\"");
        assertThat(get("/tanks/" + tank + "/tank", "en").body()).contains("value=\"4.5\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/tanks/1/plan.json",
                "/tanks/1/assessment.json",
                "/tanks/1/losses/figures.json",
                "/catalogue.json",
                "/catalogue.csv"
            })
    void filesAreTheSameInEveryLanguage(String path) {
        assertThat(get(path, "de").body()).isEqualTo(get(path, "en").body());
    }

    @Test
    void aProgramIsAnsweredInEnglishAndAReaderInTheirOwnLanguage() {
        HttpRequest.Builder wrong = HttpRequest.newBuilder(URI.create(Pelluna.url() + "/api/assess"))
                .header("Accept-Language", "de")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{"));
        String problem = Pelluna.send(wrong).body();
        assertThat(problem).doesNotContain("Bitte").contains("code");
        assertThat(get("/tanks/1/nowhere", "de").body()).contains(GERMAN.text("page.failure.notHere"));
        assertThat(get("/tanks/999999/log", "de").body()).contains("<html lang=\"de\"");
    }

    @ParameterizedTest
    @CsvSource({
        "/tanks/1/wishes,/tanks/1/wish-list",
        "/tanks/1/own-word?x=1,/tanks/1/my-facts?x=1",
        "/tanks/1/log/standing,/tanks/1/log/pecking-order",
        "/tanks/1/log/bringing/3/look,/tanks/1/log/introducing/3/look",
        "/tanks/1/log/roll,/tanks/1/log/head-count",
        "/tanks/1/log/pressed/4,/tanks/1/log/bullied/4",
        "/tanks/1/losses/hindsight?scope=all,/tanks/1/losses/predicted?scope=all",
        "/tanks/1/exchange,/tanks/1/import-export"
    })
    void anEarlierAddressLeadsToTodays(String old, String today) throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + old))
                                .POST(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(308);
        assertThat(answer.headers().firstValue("Location")).contains(today);
    }
}
