package pelluna.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
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

    @Test
    void keepersReadTheirOwnUnits() {
        Measures us = new Measures(UnitSystem.US);
        assertThat(us.volume(428)).isEqualTo("113 gal");
        assertThat(us.length(150)).isEqualTo("59 in");
        assertThat(us.temperature(25.5)).isEqualTo("77.9 °F");
        assertThat(Measures.metric().length(4.55)).isEqualTo("4.6 cm");
        assertThat(Measures.metric().mass(1234)).isEqualTo("1.2 kg");
        assertThat(Measures.date(LocalDate.of(2027, 6, 11))).isEqualTo("11 June 2027");
    }

    @Test
    void sentencesCountAndListAsPeopleDo() {
        assertThat(English.count(1, "wish", "wishes")).isEqualTo("one wish");
        assertThat(English.count(14, "wish", "wishes")).isEqualTo("14 wishes");
        assertThat(English.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
    }
}
