package pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OxygenTest {
    @ParameterizedTest(name = "salinity {0}, {1} °C")
    @CsvSource({
        "35,25,206.767,6.771",
        "35,27,200.062,6.547",
        "24,25,221.941,7.209",
        "35,20,225.517,7.395",
        "0,25,258.968,8.262"
    })
    void saturationIsThatOfTheReference(double salinity, double celsius, double micromol, double mg) {
        // GSW 3.6.16, O2sol_SP_pt: Garcia & Gordon 1992 with the coefficients of Benson & Krause; mg/L by EOS-80,
        // UNESCO 1983
        assertThat(Oxygen.saturation(salinity, celsius)).isCloseTo(micromol, within(0.001));
        assertThat(Oxygen.saturationMgPerLitre(salinity, celsius)).isCloseTo(mg, within(0.001));
    }

    @Test
    void warmerAndSaltierWaterHoldsLess() {
        assertThat(Oxygen.saturation(35, 28)).isLessThan(Oxygen.saturation(35, 24));
        assertThat(Oxygen.saturation(36, 25)).isLessThan(Oxygen.saturation(30, 25));
    }

    @Test
    void smallFishTakeMoreForTheirMassAndWarmOnesMore() {
        assertThat(10 * Oxygen.taken(10, 25)).isGreaterThan(Oxygen.taken(100, 25));
        assertThat(Oxygen.taken(10, 30)).isCloseTo(2 * Oxygen.taken(10, 20), within(1e-9));
    }

    @Test
    void theNightTakesMoreFromACrowdedOrADeepTankAndLessWithASump() {
        double calm = Oxygen.atNight(35, 25, 50, 100, 1, 300, 50, false);
        assertThat(Oxygen.atNight(35, 25, 200, 400, 4, 300, 50, false)).isLessThan(calm);
        assertThat(Oxygen.atNight(35, 25, 50, 100, 1, 300, 80, false)).isLessThan(calm);
        assertThat(Oxygen.atNight(35, 25, 50, 100, 1, 300, 50, true))
                .isGreaterThan(calm)
                .isLessThan(Oxygen.saturationMgPerLitre(35, 25));
        assertThat(Oxygen.atNight(35, 25, 1e6, 0, 0, 10, 50, false)).isZero();
    }
}
