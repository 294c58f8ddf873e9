package pelluna.core.introduction;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Leaning;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;

class AtTheShopTest {
    private static List<ShopAdvice> all(String species) {
        AtTheShop shop = AtTheShop.of(Plans.species(species), Plans.CATALOGUE);
        return Stream.concat(shop.look().stream(), shop.ask().stream())
                .map(AtTheShop.Line::says)
                .toList();
    }

    @Test
    void itSaysWhatThisFishIsProneTo() {
        assertThat(all("Amphiprion ocellaris"))
                .contains(new ShopAdvice.SignOf(Leaning.BROOKLYNELLA), new ShopAdvice.WhereFrom(true))
                .doesNotHaveAnyElementsOfTypes(ShopAdvice.HowLong.class);
        assertThat(all("Zebrasoma velifer"))
                .contains(new ShopAdvice.HowLong(new Length(30)), new ShopAdvice.SignOf(Leaning.MARINE_ICH));
        assertThat(all("Chelmon rostratus"))
                .contains(
                        new ShopAdvice.SeeItEat(true), new ShopAdvice.NotThatOne(Plans.species("Chelmon marginalis")));
        assertThat(all("Pomacanthus imperator")).hasAtLeastOneElementOfType(ShopAdvice.LooksDifferentYoung.class);
        assertThat(all("Cirrhilabrus exquisitus")).contains(new ShopAdvice.HowLongHere(true));
    }

    @Test
    void everySpeciesHasSomethingToLookAtAndToAsk() {
        assertThat(Plans.CATALOGUE.all()).allSatisfy(s -> {
            AtTheShop shop = AtTheShop.of(s, Plans.CATALOGUE);
            assertThat(shop.look())
                    .hasSizeGreaterThanOrEqualTo(2)
                    .allSatisfy(l -> assertThat(l.source()).isNotNull());
            assertThat(shop.ask()).hasSizeGreaterThanOrEqualTo(3);
        });
    }

    @Test
    void inShortItIsThreeThingsAndTwoQuestionsAndAlwaysWhetherItIsWell() {
        assertThat(Plans.CATALOGUE.all()).allSatisfy(s -> {
            AtTheShop shop = AtTheShop.inShort(s, Plans.CATALOGUE);
            assertThat(shop.look())
                    .hasSize(3)
                    .doesNotHaveDuplicates()
                    .extracting(AtTheShop.Line::says)
                    .contains(new ShopAdvice.LooksWell());
            assertThat(shop.ask()).hasSize(2);
        });
        assertThat(AtTheShop.inShort(Plans.species("Amphiprion ocellaris"), Plans.CATALOGUE)
                        .look())
                .extracting(AtTheShop.Line::says)
                .contains(new ShopAdvice.SignOf(Leaning.BROOKLYNELLA));
    }
}
