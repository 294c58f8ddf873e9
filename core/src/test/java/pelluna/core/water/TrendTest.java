package pelluna.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrendTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private static Trend weekly(double... values) {
        List<Trend.Point> points = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            points.add(new Trend.Point(DAY.plusWeeks(i), values[i]));
        }
        return Trend.of(points).orElseThrow();
    }

    @Test
    void slopeAndItsChance() {
        // GNU R 4.2: summary(lm(c(2, 3, 2.5, 4, 4.5, 6) ~ 0:5)): slope 0.7428571, p 0.004590923127
        Trend t = weekly(2, 3, 2.5, 4, 4.5, 6);
        assertThat(t.perWeek()).isEqualTo(0.7428571, within(1e-6));
        assertThat(t.p()).isEqualTo(0.004590923127, within(1e-7));
        assertThat(t.going("mg/L")).isEqualTo(new Going.Steadily(true, 0.74, "mg/L", 6));
    }

    @Test
    void aCeilingIsReachedWhenTheLineDoes() {
        Trend t = weekly(2, 4, 6, 8);
        assertThat(t.weeksTo(12).orElseThrow()).isEqualTo(2, within(1e-9));
        assertThat(t.weeksTo(5)).isEmpty();
        assertThat(weekly(8, 6, 4, 2).weeksTo(12)).isEmpty();
    }

    @Test
    void aCoupleOfTestsOrNoiseIsNoTrend() {
        assertThat(Trend.of(List.of(new Trend.Point(DAY, 1), new Trend.Point(DAY.plusDays(7), 9))))
                .isEmpty();
        assertThat(weekly(2, 5, 1, 4, 3).tells()).isFalse();
        assertThat(weekly(3, 3, 3).going("mg/L")).isEqualTo(new Going.NoClearTrend(3));
        assertThat(Trend.of(List.of(new Trend.Point(DAY, 1), new Trend.Point(DAY, 2), new Trend.Point(DAY, 3))))
                .isEmpty();
    }
}
