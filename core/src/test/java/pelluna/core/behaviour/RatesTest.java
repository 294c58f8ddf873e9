package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RatesTest {

    @Test
    void theExactTestOfTwoRates() {
        // GNU R 4.2, poisson.test(c(11, 6 + 8 + 7), c(800, 1083 + 1050 + 878)): the example in its manual. R holds the
        // first to the second, as here the second to the first
        RateRatio r = RateRatio.of(new Stretch(21, 3011), new Stretch(11, 800));
        assertThat(r.ratio()).isEqualTo(1.971488095, within(1e-8));
        assertThat(r.p()).isEqualTo(0.07966863, within(1e-7));
        assertThat(r.low()).isEqualTo(0.8584264034, within(1e-7));
        assertThat(r.high()).isEqualTo(4.2772659437, within(1e-6));
    }

    @Test
    void theSameForALogOfAFewHours() {
        // GNU R 4.2, poisson.test(c(3, 14), c(8, 6)) and poisson.test(c(0, 9), c(5, 4))
        RateRatio some = RateRatio.of(new Stretch(14, 6), new Stretch(3, 8));
        assertThat(some.ratio()).isEqualTo(0.1607142857, within(1e-9));
        assertThat(some.p()).isEqualTo(0.001115994, within(1e-8));
        assertThat(some.low()).isEqualTo(0.02961367865, within(1e-8));
        assertThat(some.high()).isEqualTo(0.57583294397, within(1e-7));
        RateRatio none = RateRatio.of(new Stretch(9, 4), new Stretch(0, 5));
        assertThat(none.p()).isEqualTo(0.0006766395, within(1e-9));
        assertThat(none.low()).isZero();
        assertThat(none.high()).isEqualTo(0.4053041522, within(1e-8));
    }

    @Test
    void swappingTheStretchesTurnsTheRatioOver() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Stretch a = new Stretch(random.nextInt(30), 0.5 + random.nextDouble() * 20);
            Stretch b = new Stretch(random.nextInt(30), 0.5 + random.nextDouble() * 20);
            RateRatio one = RateRatio.of(a, b);
            RateRatio other = RateRatio.of(b, a);
            assertThat(one.p()).isEqualTo(other.p(), within(1e-9)).isBetween(0.0, 1.0);
            if (a.acts() > 0 && b.acts() > 0) {
                assertThat(one.ratio() * other.ratio()).isEqualTo(1, within(1e-9));
                assertThat(one.low() * other.high()).isEqualTo(1, within(1e-6));
                assertThat(one.ratio()).isBetween(one.low(), one.high());
            }
        }
        assertThatThrownBy(() -> RateRatio.of(new Stretch(3, 0), new Stretch(2, 1)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aChangeHasItsCourseAndItsWay() {
        RateChange helped = RateChange.between(new Stretch(24, 8), new Stretch(8, 8));
        assertThat(helped.course()).isEqualTo(new Course.About(Course.Times.THIRD, Course.Chance.HARDLY));
        assertThat(helped.way()).isEqualTo(RateChange.Way.CALMER);
        RateChange unclear = RateChange.between(new Stretch(3, 6), new Stretch(2, 6));
        assertThat(unclear.way()).isEqualTo(RateChange.Way.SAME);
        assertThat(RateChange.between(new Stretch(4, 5), new Stretch(40, 5)).way())
                .isEqualTo(RateChange.Way.WORSE);
        assertThat(RateChange.between(new Stretch(9, 4), new Stretch(0, 5)).course())
                .isEqualTo(new Course.NoneSince(Course.Chance.HARDLY));
        assertThat(RateChange.between(new Stretch(9, 4), Stretch.NOTHING).course())
                .isEqualTo(new Course.NobodySince());
        assertThat(RateChange.between(new Stretch(0, 4), new Stretch(0, 4)).course())
                .isEqualTo(new Course.NothingSeen());
    }

    @Test
    void whatWasExpectedAndSeenLeavesAFishAsItsKindIs() {
        // Gamma–Poisson with k = 2: the mean of the posterior of a rate multiplier with mean 1
        assertThat(new OwnRecord(3, 6, 3).multiplier()).isEqualTo(1);
        assertThat(new OwnRecord(14, 6, 3).multiplier()).isEqualTo(16 / 5.0);
        assertThat(new OwnRecord(14, 6, 3).presses()).isEqualTo(OwnRecord.Presses.HARDER);
        assertThat(new OwnRecord(0, 10, 6).presses()).isEqualTo(OwnRecord.Presses.LESS);
        assertThat(OwnRecord.NONE.multiplier()).isEqualTo(1);
        assertThat(OwnRecord.NONE.known()).isFalse();
    }

    @Test
    void aRecordMovesSlowlyAtFirstAndTowardsWhatIsSeen() {
        double last = 1;
        for (int hours = 1; hours <= 200; hours++) {
            double m = new OwnRecord(3 * hours, hours, hours).multiplier();
            assertThat(m).isGreaterThan(last).isLessThan(3);
            last = m;
        }
        assertThat(last).isEqualTo(3, within(0.05));
    }

    @Test
    void pressureCountsOnlyWhatWasWatched() {
        LocalDate day = LocalDate.of(2027, 3, 1);
        Pressure p = new Pressure(List.of(
                new Pressure.Day(day, 12, 6, 2, 0),
                new Pressure.Day(day.plusDays(1), 0, 0, 0, 4),
                new Pressure.Day(day.plusDays(2), 1, 1, 2, 0)));
        assertThat(p.rate()).isEqualTo(13 / 4.0);
        assertThat(p.days().get(1).rate()).isNaN();
        assertThat(p.outside()).isEqualTo(4);
        assertThat(p.trend().before().acts()).isEqualTo(6);
        assertThat(new Pressure(List.of()).rate()).isNaN();
    }

    @Test
    void graverActsWeighMore() {
        assertThat(Gravity.weight(1)).isLessThan(Gravity.weight(2));
        assertThat(Gravity.weight(2)).isLessThan(Gravity.weight(3));
        assertThatThrownBy(() -> Gravity.weight(4)).isInstanceOf(IllegalArgumentException.class);
    }
}
