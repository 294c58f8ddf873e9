package pelluna.core.crew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pelluna.core.crew.Attrition.Count;
import pelluna.core.units.Convert;

/** Intervals as R's poisson.test gives them (Garwood 1936). */
class AttritionTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private static Attrition of(int from, int to, int days) {
        return Attrition.of(List.of(new Count(DAY, 0, from), new Count(DAY.plusDays(days), to, 0)));
    }

    @Test
    void elevenLostOverSomeAnimalMonths() {
        Attrition a = of(30, 19, 225);
        double months = 24.5 * 225 / Convert.DAYS_PER_MONTH;
        assertThat(a.lost()).isEqualTo(11);
        assertThat(a.months()).isCloseTo(months, within(1e-9));
        assertThat(a.low() * months).isCloseTo(0.030337903 * 181, within(1e-5));
        assertThat(a.high() * months).isCloseTo(0.108740544 * 181, within(1e-5));
        assertThat(a.rate()).isCloseTo(11 / months, within(1e-12));
    }

    @Test
    void noneLostLeavesARangeUpTo() {
        Attrition a = of(10, 10, 152);
        assertThat(a.lost()).isZero();
        assertThat(a.low()).isZero();
        assertThat(a.high() * a.months()).isCloseTo(0.073777589 * 50, within(1e-6));
        assertThat(a.shareAMonth()).isZero();
    }

    @Test
    void whatCameInBetweenIsNoLossAndNoFind() {
        Attrition a = Attrition.of(List.of(
                new Count(DAY, 0, 20), new Count(DAY.plusDays(100), 15, 5), new Count(DAY.plusDays(200), 18, 0)));
        assertThat(a.lost()).isEqualTo(7);
        assertThat(a.months()).isCloseTo((17.5 + 19) * 100 / Convert.DAYS_PER_MONTH, within(1e-9));
    }

    @Test
    void aHiddenOneThatComesUpAgainIsSetOffAndNeverBelowNothing() {
        assertThat(Attrition.of(List.of(
                                new Count(DAY, 0, 10),
                                new Count(DAY.plusDays(30), 7, 0),
                                new Count(DAY.plusDays(60), 9, 0)))
                        .lost())
                .isEqualTo(1);
        assertThat(Attrition.of(List.of(new Count(DAY, 8, 0), new Count(DAY.plusDays(30), 10, 0)))
                        .lost())
                .isZero();
    }

    @Test
    void theOrderInWhichCountsAreGivenDoesNotMatter() {
        Count a = new Count(DAY, 0, 20);
        Count b = new Count(DAY.plusDays(40), 17, 0);
        assertThat(Attrition.of(List.of(b, a))).isEqualTo(Attrition.of(List.of(a, b)));
    }

    @Test
    void oneCountTellsNothing() {
        Attrition a = Attrition.of(List.of(new Count(DAY, 0, 20)));
        assertThat(a.known()).isFalse();
        assertThat(a.rate()).isZero();
        assertThat(a.high()).isInfinite();
        assertThat(Attrition.of(List.of()).known()).isFalse();
    }

    @Test
    void twoKindsTogether() {
        Attrition both = of(30, 19, 225).and(of(10, 10, 152));
        assertThat(both.lost()).isEqualTo(11);
        assertThat(both.months())
                .isCloseTo(of(30, 19, 225).months() + of(10, 10, 152).months(), within(1e-9));
        assertThat(both.rate()).isLessThan(of(30, 19, 225).rate());
    }

    @Test
    void aYearTakesTwelveMonthsOfIt() {
        Attrition a = of(20, 14, 180);
        assertThat(a.lowShareAMonth()).isBetween(0.0, a.shareAMonth());
        assertThat(a.highShareAMonth()).isBetween(a.shareAMonth(), 1.0);
        assertThat(Attrition.of(List.of()).highShareAMonth()).isEqualTo(1);
        assertThat(a.toReplaceAYear(20)).isCloseTo(a.rate() * 240, within(1e-9));
    }

    @Test
    void theTrueRateOfASimulatedCrewLiesInItsInterval() {
        Random random = new Random(21);
        double truth = 0.06;
        int held = 0;
        for (int trial = 0; trial < 200; trial++) {
            List<Count> counts = new ArrayList<>(List.of(new Count(DAY, 0, 40)));
            int there = 40;
            for (int month = 1; month <= 10; month++) {
                int dead = 0;
                for (int i = 0; i < there; i++) {
                    dead += random.nextDouble() < 1 - Math.exp(-truth) ? 1 : 0;
                }
                there -= dead;
                counts.add(new Count(DAY.plusDays(Math.round(month * Convert.DAYS_PER_MONTH)), there, 0));
            }
            Attrition a = Attrition.of(counts);
            held += a.low() <= truth && truth <= a.high() ? 1 : 0;
        }
        assertThat(held).as("of 200, at 95 %").isBetween(186, 200);
    }

    @Test
    void countsAreNoughtOrMore() {
        assertThatThrownBy(() -> new Count(DAY, -1, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Count(DAY, 1, -1)).isInstanceOf(IllegalArgumentException.class);
    }
}
