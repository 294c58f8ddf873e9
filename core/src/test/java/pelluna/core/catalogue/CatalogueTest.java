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
                    assertThat(f.place()).matches("[a-z]+\\.yaml:\\d+");
                }));
    }

    @Test
    void aWholeFileIsRead() throws Exception {
        assertThat(Catalogue.of("grammatidae.yaml", grammas()).all()).hasSize(3);
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(delimiter = '|', textBlock = """
        7 cm, record 8 cm        | 9 cm, record 8 cm        | within its own record length
        57 / 114 / 151 L         | 150 / 100 / 75 L         | rising from bold to cautious
        57 / 114 / 151 L         | 57 / 114 / 151           | is not written like
        1.1 per year ~ pj        | 1.1 ~ pj                 | is not written like
        1.1 per year ~ pj        | 1.1 per year             | no source
        1.1 per year ~ pj        | 1.1 per year ~ hearsay   | no source
        swims: hides             | swims: flies             | one of
        caves, reef-face         | caves, moon              | one of
        genera:                  | species:                 | no genera
        Gramma:                  | gramma x:                | no genus name
        skill: 1 of 4            | skill: 7 of 4            | within 1 to 4
        0.15 of its length       | 1.5 of its length        | from 0 to 1
        22 to 27 C               | 29 to 27 C               | coolest
        basslet; body 7d3fa8     | basslet; body purple     | colour
        basslet; body 7d3fa8     | whale; body 7d3fa8       | starts with a form
        lives: caves             | livs: caves              | no such fact
        """)
    void aCatalogueThatBreaksItsRulesFailsWithTheLineNamed(String right, String wrong, String says) throws Exception {
        String yaml = grammas();
        assertThat(yaml).contains(right);
        assertThatThrownBy(() -> Catalogue.of("grammatidae.yaml", yaml.replace(right, wrong)))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining(says)
                .hasMessageMatching("(?s)grammatidae\\.yaml:\\d+: .*");
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
