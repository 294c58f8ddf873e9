package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RateChangeWordsTest {

    @ParameterizedTest
    @CsvSource({
        "40, 10, 4, 10, about a tenth of before",
        "40, 10, 8, 10, about a fifth of before",
        "40, 10, 10, 10, about a quarter of before",
        "40, 10, 20, 10, about half of before",
        "40, 10, 27, 10, about two thirds of before",
        "40, 10, 41, 10, about as much as before",
        "40, 10, 60, 10, about half as much again",
        "40, 10, 80, 10, about twice as much as before",
        "10, 10, 30, 10, about three times as much as before",
        "10, 10, 70, 10, about 7 times as much as before",
        "20, 10, 20, 20, about half of before"
    })
    void aRatioIsSaidAsKeepersWould(int before, double hoursBefore, int since, double hoursSince, String words) {
        assertThat(RateChange.between(new Stretch(before, hoursBefore), new Stretch(since, hoursSince))
                        .words())
                .startsWith(words + ";");
    }

    @ParameterizedTest
    @CsvSource({
        "30, 10, 10, 10, hardly chance, CALMER",
        "14, 6, 6, 6, could be chance, SAME",
        "20, 8, 8, 8, 'more than chance, by a little', CALMER",
        "3, 5, 30, 5, hardly chance, WORSE"
    })
    void chanceIsSaidBesideIt(
            int before, double hoursBefore, int since, double hoursSince, String words, RateChange.Way way) {
        RateChange change = RateChange.between(new Stretch(before, hoursBefore), new Stretch(since, hoursSince));
        assertThat(change.words()).endsWith("; " + words);
        assertThat(change.way()).isEqualTo(way);
    }

    @Test
    void theFigureIsThereOnDemandAndSaysWhichTestItWas() {
        String figure = RateChange.between(new Stretch(14, 6), new Stretch(3, 8))
                .inFigures()
                .orElseThrow();
        assertThat(figure).isEqualTo("rate ratio 0.16, 95 % interval 0.03 to 0.58, p = 0.001 (exact conditional test)");
        assertThat(RateChange.between(new Stretch(0, 6), new Stretch(0, 8)).inFigures())
                .as("nothing was seen")
                .isEmpty();
        assertThat(RateChange.between(new Stretch(0, 6), new Stretch(9, 8))
                        .inFigures()
                        .orElseThrow())
                .contains("to without end");
    }

    @Test
    void hoursAreSaidInMinutesWhereTheyAreFew() {
        assertThat(RateChange.hours(0.25)).isEqualTo("15 min");
        assertThat(RateChange.hours(1)).isEqualTo("1 h");
        assertThat(RateChange.hours(6.04)).isEqualTo("6 h");
        assertThat(RateChange.between(new Stretch(1, 0.5), new Stretch(2, 3)).figures())
                .isEqualTo("1 act in 30 min before, 2 in 3 h since");
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
