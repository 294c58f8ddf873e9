package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.testing.Plans;

class CatalogueTest {
    private static String grammas() throws Exception {
        try (InputStream in = CatalogueTest.class.getResourceAsStream("/catalogue/grammatidae.yaml")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void theGroupsThatReefKeepersBuyAreThere() {
        assertThat(Plans.CATALOGUE.all()).hasSizeGreaterThanOrEqualTo(80);
        assertThat(Plans.CATALOGUE.all())
                .extracting(Species::group)
                .contains(
                        "clownfish",
                        "damsels",
                        "chromis",
                        "anthias",
                        "cardinals",
                        "gobies",
                        "shrimp and watchman gobies",
                        "clown gobies",
                        "cleaner gobies",
                        "blennies",
                        "fang blennies",
                        "fairy wrasses",
                        "flasher wrasses",
                        "Halichoeres wrasses",
                        "leopard wrasses",
                        "lined wrasses",
                        "possum wrasses",
                        "hogfish",
                        "tusk wrasses",
                        "dottybacks",
                        "basslets and dwarf basses",
                        "assessors and bettas",
                        "hawkfish",
                        "dartfish",
                        "jawfish",
                        "dragonets",
                        "dwarf angels",
                        "large angels",
                        "butterflyfish",
                        "surgeonfish",
                        "bristletooth surgeonfish",
                        "unicorn surgeonfish",
                        "rabbitfish",
                        "filefish",
                        "puffers and tobies",
                        "triggers",
                        "lionfish",
                        "morays");
        assertThat(Plans.CATALOGUE.all())
                .extracting(Species::genus)
                .contains("Zebrasoma", "Acanthurus", "Ctenochaetus", "Paracanthurus", "Naso", "Prionurus");
    }

    @Test
    void synonymsAndCommonNamesLeadToTheAcceptedName() {
        assertThat(Plans.species("Premnas biaculeatus").scientificName()).isEqualTo("Amphiprion biaculeatus");
        assertThat(Plans.species("  Royal   GRAMMA ").scientificName()).isEqualTo("Gramma loreto");
        assertThat(Plans.CATALOGUE.find("unheard of")).isEmpty();
    }

    @Test
    void everyFactHasASourceAndAPlace() {
        assertThat(Plans.CATALOGUE.all())
                .allSatisfy(s -> assertThat(s.facts().values()).isNotEmpty().allSatisfy(f -> {
                    assertThat(f.source()).isNotNull();
                    assertThat(((FactPlace.Line) f.place()).at()).matches("[a-z]+\\.yaml:\\d+");
                }));
    }

    @Test
    void aWholeFileIsRead() throws Exception {
        assertThat(Catalogue.of("grammatidae.yaml", grammas()).all()).hasSize(3);
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(delimiter = '|', textBlock = """
        7 cm, record 8 cm        | 9 cm, record 8 cm        | WithinRecord
        57 / 114 / 151 L         | 150 / 100 / 75 L         | RisingToCautious
        57 / 114 / 151 L         | 57 / 114 / 151           | NotWrittenLike
        1.1 per year ~ pj        | 1.1 ~ pj                 | NotWrittenLike
        1.1 per year ~ pj        | 1.1 per year             | NoSource
        1.1 per year ~ pj        | 1.1 per year ~ hearsay   | NoSource
        swims: hides             | swims: flies             | OneOf
        caves, reef-face         | caves, moon              | OneOf
        genera:                  | species:                 | NoGenera
        Gramma:                  | gramma x:                | NoGenusName
        skill: 1 of 4            | skill: 7 of 4            | 'Whole[least=1, most=4]'
        0.15 of its length       | 1.5 of its length        | Share[]
        22 to 27 C               | 29 to 27 C               | CoolestNotBelowWarmest
        basslet; body 7d3fa8     | basslet; body purple     | ColourLast
        basslet; body 7d3fa8     | whale; body 7d3fa8       | FormFirst
        lives: caves             | livs: caves              | NoSuchFact
        """)
    void aCatalogueThatBreaksItsRulesFailsWithTheLineNamed(String right, String wrong, String says) throws Exception {
        String yaml = grammas();
        assertThat(yaml).contains(right);
        assertThatThrownBy(() -> Catalogue.of("grammatidae.yaml", yaml.replace(right, wrong)))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining(says)
                .hasMessageMatching("(?s).*Line\\[at=grammatidae\\.yaml:\\d+].*");
    }

    @Test
    void everyProblemIsToldAtOnce() throws Exception {
        String broken = grammas()
                .replace("57 / 114 / 151 L", "150 / 100 / 75 L")
                .replace("9 cm, record 10 cm", "12 cm, record 10 cm");
        assertThatThrownBy(() -> Catalogue.of("grammatidae.yaml", broken))
                .satisfies(e -> assertThat(((CatalogueException) e).problems()).hasSize(2));
    }

    @Test
    void likenessIsSymmetricAndWithinItsScale() {
        List<Species> all = Plans.CATALOGUE.all();
        for (Species a : all) {
            for (Species b : all) {
                assertThat(a.look().colourLikeness(b.look()))
                        .isBetween(0.0, 1.0)
                        .isEqualTo(b.look().colourLikeness(a.look()));
                assertThat(a.look().form().likeness(b.look().form()))
                        .isEqualTo(b.look().form().likeness(a.look().form()));
            }
        }
    }
}
