package pelluna.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ConvertTest {
    @Test
    void anInchAndAGallonAreExact() {
        assertThat(Convert.cmFromInches(1)).isEqualTo(2.54); // international inch, 1959
        assertThat(Convert.litresFromGallons(1))
                .isEqualTo(231 * Math.pow(2.54, 3) / 1000, within(1e-12)); // 231 cubic inches
    }

    @Test
    void thereAndBackAgainChangesNothing() {
        for (double x : new double[] {0, 0.3, 12, 428, 99_999}) {
            assertThat(Convert.inchesFromCm(Convert.cmFromInches(x))).isEqualTo(x, within(1e-9));
            assertThat(Convert.gallonsFromLitres(Convert.litresFromGallons(x))).isEqualTo(x, within(1e-9));
            assertThat(Convert.poundsFromKg(Convert.kgFromPounds(x))).isEqualTo(x, within(1e-9));
            assertThat(Convert.celsiusFromFahrenheit(Convert.fahrenheitFromCelsius(x)))
                    .isEqualTo(x, within(1e-9));
        }
        assertThat(Convert.fahrenheitFromCelsius(100)).isEqualTo(212);
    }
}
