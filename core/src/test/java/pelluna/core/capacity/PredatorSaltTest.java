package pelluna.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Plan;
import pelluna.core.tank.ReefLife;
import pelluna.core.testing.Plans;
import pelluna.core.water.SeaWater;

class PredatorSaltTest {
    private static Plans predators() {
        return Plans.sixFeet()
                .with("salinity", 35)
                .with("waterChange", Map.of("percent", 20, "everyDays", 14))
                .resident("Pterois volitans", 1, 25);
    }

    @Test
    void itComesUpWhereLargePredatorsLiveWithoutCorals() {
        assertThat(PredatorSalt.comesUp(predators().plan())).isTrue();
        assertThat(PredatorSalt.comesUp(
                        predators().with("keeps", List.of("soft-corals")).plan()))
                .isFalse();
        assertThat(PredatorSalt.comesUp(
                        Plans.sixFeet().resident("Gramma loreto", 1, 6).plan()))
                .isFalse();
    }

    @Test
    void saltGoesWithSalinityAndWithTheVolumeChanged() {
        Plan plan = predators().plan();
        PredatorSalt salt = PredatorSalt.of(plan, List.of());
        double low = SeaWater.salinity(1.018);
        assertThat(salt.salinity()).isEqualTo(low).isBetween(23.0, 25.0);
        double byMass = low * SeaWater.density(low, 25.5) / (35 * SeaWater.density(35, 25.5));
        assertThat(salt.kgLow() / salt.kgNow()).isCloseTo(byMass, within(1e-9));
        assertThat(salt.kgWeekly()).isCloseTo(2 * salt.kgFortnightly(), within(1e-9));
        assertThat(salt.kgNow()).as("every two weeks now").isCloseTo(salt.kgFortnightly(), within(1e-9));
        // 650 L × 20 % × 365.25 ÷ 12 ÷ 14 days × 35 g/kg × 1.023 kg/L × 1.1 for the water in the crystals: 11.13 kg
        assertThat(salt.kgNow()).isCloseTo(11.13, within(0.03));
        assertThat(salt.saved()).isPositive();
    }

    @Test
    void noInvertebrateStandsItAndSomeFishDoNot() {
        Plan plan = predators()
                .with("keeps", List.of("snails", "shrimp"))
                .resident("Zebrasoma flavescens", 1, 15)
                .plan();
        PredatorSalt salt = PredatorSalt.of(plan, List.of());
        assertThat(salt.invertebrates()).containsExactly(ReefLife.SHRIMP, ReefLife.SNAILS);
        assertThat(salt.fish()).extracting(Species::scientificName).containsExactly("Zebrasoma flavescens");
        assertThat(salt.allStandIt()).isFalse();
        assertThat(PredatorSalt.of(predators().plan(), List.of()).allStandIt()).isTrue();
    }
}
