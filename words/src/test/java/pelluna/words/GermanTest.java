package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.behaviour.EventType;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.Sold;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Hours;
import pelluna.core.units.Length;

/** German: names with their articles, numbers and days, and who asks for it. */
class GermanTest {
    private static final Words SAY = Words.in(Locale.GERMAN, UnitSystem.METRIC);
    private static final Catalogue CATALOGUE = Catalogue.shipped();
    private static final Declension DECLENSION = Declension.of(Messages.in(Locale.GERMAN));

    @ParameterizedTest
    @CsvSource({
        "Gelber Lippfisch,der Gelbe Lippfisch,den Gelben Lippfisch,dem Gelben Lippfisch",
        "Atlantischer Blauer Doktorfisch,der Atlantische Blaue Doktorfisch,den Atlantischen Blauen Doktorfisch,"
                + "dem Atlantischen Blauen Doktorfisch",
        "Gelbe Wächtergrundel,die Gelbe Wächtergrundel,die Gelbe Wächtergrundel,der Gelben Wächtergrundel",
        "Liniertes Seepferdchen,das Linierte Seepferdchen,das Linierte Seepferdchen,dem Linierten Seepferdchen",
        "Fridmans Zwergbarsch,Fridmans Zwergbarsch,Fridmans Zwergbarsch,Fridmans Zwergbarsch"
    })
    void aNameIsDeclined(String name, String der, String den, String dem) {
        assertThat(DECLENSION.with(View.How.DER, name)).isEqualTo(der);
        assertThat(DECLENSION.with(View.How.DEN, name)).isEqualTo(den);
        assertThat(DECLENSION.with(View.How.DEM, name)).isEqualTo(dem);
    }

    @Test
    void theGenderOfEveryGermanNameIsKnown() {
        assertThat(CATALOGUE.all().stream()
                        .flatMap(s -> s.namesIn("German").stream())
                        .filter(n -> !DECLENSION.knows(n)))
                .isEmpty();
    }

    /** The two hundred most sold at least, and no two of them under one name. */
    @Test
    void theMostSoldHaveAGermanNameWithItsSource() {
        List<Species> often = CATALOGUE.all().stream()
                .filter(s -> s.sold().compareTo(Sold.OFTEN) <= 0)
                .toList();
        assertThat(often).hasSizeGreaterThan(200);
        assertThat(often).allSatisfy(s -> {
            assertThat(s.namesIn("German")).as(s.scientificName()).isNotEmpty();
            assertThat(s.source("local")).isNotEqualTo(Source.JUDGEMENT);
        });
        assertThat(CATALOGUE.all().stream()
                        .filter(s -> !s.namesIn("German").isEmpty())
                        .map(SAY::of))
                .doesNotHaveDuplicates();
    }

    /** What the catalogue says of a fish is no message, and translated all the same. */
    @Test
    void everyTextOfTheCatalogueIsGerman() {
        CatalogueTexts texts = new CatalogueTexts(Locale.GERMAN);
        assertThat(CATALOGUE.all().stream()
                        .flatMap(s -> CatalogueText.all(s).stream())
                        .map(CatalogueText::english)
                        .distinct()
                        .filter(t -> !texts.has(t)))
                .isEmpty();
    }

    @Test
    void sentencesAskForNamesInTheirCases() {
        Species tang = CATALOGUE.find("Zebrasoma flavescens").orElseThrow();
        Species goby = CATALOGUE.find("Cryptocentrus cinctus").orElseThrow();
        assertThat(SAY.text("page.reefscape.presses", tang, goby))
                .isEqualTo("Der Gelbe Segelflossendoktor bedrängt die Gelbe Wächtergrundel");
        assertThat(SAY.of(EventType.DISPLAYED, "sentence", goby, tang))
                .isEqualTo("die Gelbe Wächtergrundel drohte dem Gelben Segelflossendoktor");
        assertThat(SAY.of(EventType.BLOCKED_FOOD, "sentence", "Inky", tang))
                .as("a name of its own has no article")
                .isEqualTo("Inky hielt den Gelben Segelflossendoktor vom Futter fern");
        assertThat(SAY.text("page.arrivals.lookAtDay", List.of(tang, goby), 3))
                .isEqualTo("Nach dem Gelben Segelflossendoktor und der Gelben Wächtergrundel sehen, Tag 3");
        assertThat(Words.forAnybody().of(EventType.BLOCKED_FOOD, "sentence", "Inky", tang))
                .isEqualTo("Inky kept yellow tang from food");
    }

    @Test
    void namesElsewhereComeWithTheirLanguage() {
        Species tang = CATALOGUE.find("Zebrasoma flavescens").orElseThrow();
        assertThat(SAY.names(tang)).startsWith("Gelber Segelflossendoktor").contains("Zitronendoktor");
        assertThat(SAY.namesElsewhere(tang)).contains("yellow tang (Englisch)", "chirurgien jaune (Französisch)");
        assertThat(Words.forAnybody().namesElsewhere(tang))
                .contains("Zitronendoktor (German)")
                .noneMatch(n -> n.contains("yellow tang"));
    }

    @Test
    void aFishWithoutAGermanNameIsSaidByItsScientificOne() {
        Species none = CATALOGUE.all().stream()
                .filter(s -> s.namesIn("German").isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(SAY.of(none)).isEqualTo(none.scientificName());
        assertThat(SAY.text("page.sideBySide.oneMorePleaseTheIsHere", none)).contains(none.scientificName());
    }

    @Test
    void figuresDaysAndListsAreWrittenAsGermansDo() {
        assertThat(SAY.of(new Length(4.5))).isEqualTo("4,5 cm");
        assertThat(SAY.of(new Hours(1.5))).isEqualTo("1,5 h");
        assertThat(SAY.of(LocalDate.of(2027, 6, 11))).isEqualTo("11. Juni 2027");
        assertThat(SAY.list(List.of("a", "b", "c"))).isEqualTo("a, b und c");
        assertThat(SAY.fixed(1234.5, 2)).isEqualTo("1234,50");
        assertThat(Words.in(Locale.GERMAN, UnitSystem.US).length(30.5)).isEqualTo("12 Zoll");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "de-AT,de;q=0.9,en;q=0.5|de",
                "en-US,en;q=0.9,de;q=0.8|en",
                "fr-FR,fr;q=0.9,de;q=0.3|de",
                "fr|en",
                "*|en",
                "not a;;language|en"
            })
    void theBrowserAsksForALanguage(String asked, String language) {
        assertThat(Languages.best(asked).getLanguage()).isEqualTo(language);
    }

    @Test
    void aLanguageSaysItsOwnName() {
        assertThat(Languages.all()).startsWith(Locale.ENGLISH, Locale.GERMAN);
        assertThat(Languages.all().stream().map(Languages::name)).contains("English", "Deutsch");
        assertThat(Languages.best(null)).isEqualTo(Locale.ENGLISH);
    }
}
