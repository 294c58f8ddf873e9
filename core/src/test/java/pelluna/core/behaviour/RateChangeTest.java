package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RateChangeTest {

    @ParameterizedTest
    @CsvSource({
        "40, 10, 4, 10, TENTH",
        "40, 10, 8, 10, FIFTH",
        "40, 10, 10, 10, QUARTER",
        "40, 10, 20, 10, HALF",
        "40, 10, 27, 10, TWO_THIRDS",
        "40, 10, 41, 10, AS_MUCH",
        "40, 10, 60, 10, HALF_AGAIN",
        "40, 10, 80, 10, TWICE",
        "10, 10, 30, 10, THREE_TIMES",
        "20, 10, 20, 20, HALF"
    })
    void aRatioIsTheNearestThatKeepersSay(
            int before, double hoursBefore, int since, double hoursSince, Course.Times times) {
        Course course = RateChange.between(new Stretch(before, hoursBefore), new Stretch(since, hoursSince))
                .course();
        assertThat(course)
                .isInstanceOfSatisfying(
                        Course.About.class, c -> assertThat(c.times()).isEqualTo(times));
    }

    @Test
    void manyTimesAsMuchIsAWholeNumber() {
        assertThat(RateChange.between(new Stretch(10, 10), new Stretch(70, 10)).course())
                .isEqualTo(new Course.TimesAsMuch(7, Course.Chance.HARDLY));
    }

    @ParameterizedTest
    @CsvSource({
        "30, 10, 10, 10, HARDLY, CALMER",
        "14, 6, 6, 6, COULD_BE, SAME",
        "20, 8, 8, 8, BY_A_LITTLE, CALMER",
        "6, 5, 22, 5, HARDLY, WORSE"
    })
    void chanceStandsBesideIt(
            int before, double hoursBefore, int since, double hoursSince, Course.Chance chance, RateChange.Way way) {
        RateChange change = RateChange.between(new Stretch(before, hoursBefore), new Stretch(since, hoursSince));
        assertThat(change.course())
                .isInstanceOfSatisfying(
                        Course.About.class, c -> assertThat(c.chance()).isEqualTo(chance));
        assertThat(change.way()).isEqualTo(way);
    }

    @Test
    void theFigureIsThereOnDemand() {
        Course.InFigures figures = RateChange.between(new Stretch(14, 6), new Stretch(3, 8))
                .inFigures()
                .orElseThrow();
        assertThat(figures.ratio()).isCloseTo(3 / 8.0 / (14 / 6.0), within(1e-9));
        assertThat(figures.tiny()).isFalse();
        assertThat(RateChange.between(new Stretch(0, 6), new Stretch(0, 8)).inFigures())
                .as("nothing was seen")
                .isEmpty();
        assertThat(RateChange.between(new Stretch(0, 6), new Stretch(9, 8))
                        .inFigures()
                        .orElseThrow())
                .matches(Course.InFigures::endless);
    }

    @Test
    void moreHoursOfTheSameMakeAChangeSurer() {
        double last = 1;
        for (int k = 1; k <= 8; k++) {
            double p = RateChange.between(new Stretch(6 * k, 3 * k), new Stretch(3 * k, 3 * k))
                    .test()
                    .orElseThrow()
                    .p();
            assertThat(p).isLessThan(last);
            last = p;
        }
        assertThat(last).isLessThan(RateChange.LIKELY);
    }
}
