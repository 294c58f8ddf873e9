package pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeaWaterTest {
    @ParameterizedTest
    @CsvSource({"35, 25, 1023.34306", "35, 5, 1027.67547", "0, 5, 999.96675"})
    void densityIsThatOfTheEquationOfState(double salinity, double celsius, double published) {
        assertThat(SeaWater.density(salinity, celsius))
                .isCloseTo(published, within(0.00001)); // UNESCO 1983, check values
    }

    @Test
    void seaWaterOfThirtyFiveHasTheGravityThatKeepersKnow() {
        assertThat(SeaWater.specificGravity(35)).isCloseTo(1.0264, within(0.00005)); // common practice
        assertThat(SeaWater.salinity(SeaWater.specificGravity(31.7))).isCloseTo(31.7, within(1e-6));
        assertThatThrownBy(() -> SeaWater.salinity(0.998)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void saltGoesWithVolumeAndSalinity() {
        double change = SeaWater.mixKg(50, 35, 25);
        assertThat(change).isCloseTo(50 * 1.02334306 * 0.035 * SeaWater.MIX_PER_SALT, within(1e-6));
        assertThat(SeaWater.mixKg(100, 35, 25)).isCloseTo(2 * change, within(1e-9));
        assertThat(SeaWater.mixKg(50, 25, 25)).isLessThan(change * 25 / 35);
    }

    @Test
    void aFewPercentOfAmmoniaArePoisonAtThePhOfAReef() {
        assertThat(Ammonia.pK(25, 35)).isCloseTo(9.256, within(0.0005)); // Yao & Millero 1995, from memory
        assertThat(Ammonia.toxicShare(8.2, 25, 35)).isCloseTo(1 / (1 + Math.pow(10, 9.256 - 8.2)), within(1e-4));
        assertThat(Ammonia.toxicShare(8.4, 25, 35)).isGreaterThan(Ammonia.toxicShare(8.0, 25, 35));
        assertThat(Ammonia.toxicShare(8.2, 28, 35)).isGreaterThan(Ammonia.toxicShare(8.2, 22, 35));
        assertThat(Ammonia.safeTotal(8.2, 25, 35) * Ammonia.toxicShare(8.2, 25, 35))
                .isCloseTo(Ammonia.SAFE_TOXIC, within(1e-12));
    }

    @Test
    void aRampRisesByNoMoreThanTwoThousandthsADayAndEndsWhereItShould() {
        List<SalinityRamp.Step> ramp = SalinityRamp.between(SeaWater.salinity(1.020), 35);
        double before = 1.020;
        for (SalinityRamp.Step step : ramp) {
            assertThat(step.specificGravity() - before)
                    .isBetween(0.0005, 0.002); // common practice: 0.001 to 0.002 a day
            before = step.specificGravity();
        }
        assertThat(ramp.get(ramp.size() - 1).salinity()).isCloseTo(35, within(1e-6));
        assertThat(SalinityRamp.between(35, SeaWater.salinity(1.020)).size()).isLessThan(ramp.size());
        assertThat(SalinityRamp.between(35, 35.1)).isEmpty();
    }

    @Test
    void changesOfWaterAreAGeometricSeries() {
        double level = 40;
        for (int n = 0; n < 5; n++) {
            level = level * 0.8 + 0.2 * 2;
        }
        assertThat(WaterChanges.after(5, 40, 0.2, 2)).isCloseTo(level, within(1e-9));
        assertThat(WaterChanges.until(10, 40, 0.5, 0)).isEqualTo(2);
        assertThat(WaterChanges.until(15, 40, 0.2, 2)).isEqualTo(5);
        assertThat(WaterChanges.after(4, 40, 0.2, 2)).isGreaterThan(15);
        assertThat(WaterChanges.until(50, 40, 0.2, 2)).isZero();
        assertThatThrownBy(() -> WaterChanges.until(5, 40, 0.2, 6)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void saltStaysWhenWaterEvaporatesAndIsDilutedByExchange() {
        assertThat(WaterChanges.concentrated(35, 400, 20)).isCloseTo(35 * 400 / 380.0, within(1e-9));
        double litres = WaterChanges.exchange(400, 35, 30, 0);
        assertThat((35 * (400 - litres)) / 400).isCloseTo(30, within(1e-9));
        assertThatThrownBy(() -> WaterChanges.exchange(400, 35, 36, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aFigureIsAGravityOrASalinityAsKeepersWriteIt() {
        assertThat(SeaWater.ofFigure(34)).hasValue(34);
        assertThat(SeaWater.ofFigure(1.0264).orElseThrow()).isCloseTo(35, within(0.5));
        assertThat(SeaWater.ofFigure(0.9)).isEmpty();
        assertThat(SeaWater.ofFigure(1.2)).isEmpty();
        assertThat(SeaWater.ofFigure(-1)).isEmpty();
    }
}
