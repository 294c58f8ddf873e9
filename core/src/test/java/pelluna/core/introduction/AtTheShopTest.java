package pelluna.core.introduction;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;
import pelluna.core.units.Measures;

class AtTheShopTest {
    private static String all(String species) {
        AtTheShop shop = AtTheShop.of(Plans.species(species), Plans.CATALOGUE, Measures.metric());
        return shop.look() + " " + shop.ask();
    }

    @Test
    void itSaysWhatThisFishIsProneTo() {
        assertThat(all("Amphiprion ocellaris"))
                .contains("Brooklynella")
                .contains("captive-bred?")
                .doesNotContain("grows to");
        assertThat(all("Zebrasoma velifer")).contains("It grows to 30 cm").contains("salt");
        assertThat(all("Chelmon rostratus"))
                .contains("no purchase without a meal")
                .contains("margined coralfish");
        assertThat(all("Pomacanthus imperator")).contains("looks quite different");
        assertThat(all("Cirrhilabrus exquisitus")).contains("Not everybody gives it copper");
    }

    @Test
    void everySpeciesHasSomethingToLookAtAndToAsk() {
        assertThat(Plans.CATALOGUE.all()).allSatisfy(s -> {
            AtTheShop shop = AtTheShop.of(s, Plans.CATALOGUE, Measures.metric());
            assertThat(shop.look())
                    .hasSizeGreaterThanOrEqualTo(2)
                    .allSatisfy(l -> assertThat(l.source()).isNotBlank());
            assertThat(shop.ask()).hasSizeGreaterThanOrEqualTo(3);
        });
    }
}
