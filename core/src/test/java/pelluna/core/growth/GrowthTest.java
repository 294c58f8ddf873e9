package pelluna.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;

class GrowthTest {
    private static final double YEAR = 365.2425;

    @Test
    void halfOfWhatIsMissingIsGrownInLnTwoOverKYears() {
        // von Bertalanffy 1938: the gap to the final length closes exponentially
        Growth growth = new Growth(20, 0.5);
        assertThat(growth.lengthAfter(10, Math.log(2) / 0.5 * YEAR)).isEqualTo(15, within(1e-9));
    }

    @Test
    void growthNeverTurnsBackAndNeverPassesTheFinalLength() {
        Growth growth = new Growth(20, 0.5);
        double last = 5;
        for (int day = 0; day < 8000; day += 100) {
            double now = growth.lengthAfter(5, day);
            assertThat(now).isGreaterThanOrEqualTo(last).isLessThanOrEqualTo(20);
            last = now;
        }
        assertThat(growth.lengthAfter(23, 1000))
                .as("a fish over the usual length keeps it")
                .isEqualTo(23);
    }

    @Test
    void theDayALengthIsReachedIsTheDayItHasThatLength() {
        Growth growth = new Growth(20, 0.5);
        double days = growth.daysUntil(6, 15).orElseThrow();
        assertThat(growth.lengthAfter(6, days)).isEqualTo(15, within(1e-9));
        assertThat(growth.daysUntil(6, 20)).isEmpty();
        assertThat(growth.daysUntil(6, 5)).hasValue(0);
    }

    @Test
    void measuredLengthsFindTheirK() {
        Growth real = new Growth(20, 0.8);
        double[] days = {0, 90, 200, 400};
        double[] lengths = new double[4];
        for (int i = 0; i < 4; i++) {
            lengths[i] = real.lengthAfter(6, days[i]);
        }
        assertThat(new Growth(20, 0.3).refitted(days, lengths).perYear()).isEqualTo(0.8, within(1e-9));
        assertThatThrownBy(() -> real.refitted(new double[] {0}, new double[] {6}))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSurgeonfishSoldAtTwoInchesGrowsAsKeepersSeeIt() {
        // common practice: sold at 2 in, 6 to 8 in after a year or so and 12 in later; the catalogue may not be far off
        double afterTwoYears =
                Plans.species("Zebrasoma desjardinii").size().growth().lengthAfter(5, 2 * YEAR);
        assertThat(afterTwoYears).isBetween(14.0, 26.0);
    }

    @Test
    void massGrowsWithTheCubeOfLengthOrNearly() {
        assertThat(new BodyMass(0.025, 3).gramsAt(20)).isEqualTo(200, within(1e-9));
    }
}
