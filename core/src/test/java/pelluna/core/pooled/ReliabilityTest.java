package pelluna.core.pooled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What was said, held against what happened: known answers, and somebody who is right as often as they say. */
class ReliabilityTest {
    @Test
    void byHand() {
        // (1−0.8)² + (1−0.8)² + 0.8² + 0.1² + 0.1² of five
        Reliability r = Reliability.of(List.of(new Reliability.Said(0.8, 3, 2), new Reliability.Said(0.1, 2, 0)));
        assertThat(r.of()).isEqualTo(5);
        assertThat(r.brier()).isCloseTo((0.04 + 0.04 + 0.64 + 0.01 + 0.01) / 5, within(1e-12));
        assertThat(r.base()).isCloseTo(0.4 * 0.6, within(1e-12));
        assertThat(r.skill()).isCloseTo(1 - 0.148 / 0.24, within(1e-12));
        assertThat(r.bins()).hasSize(2);
        assertThat(r.bins().get(0).happened()).isZero();
        assertThat(r.bins().get(1).said()).isCloseTo(0.8, within(1e-12));
        assertThat(r.bins().get(1).happened()).isCloseTo(2.0 / 3, within(1e-12));
        // Wilson for 2 of 3 at 95 %, as R's prop.test(2, 3, correct = FALSE) has it
        assertThat(r.bins().get(1).low()).isCloseTo(0.2077, within(5e-4));
        assertThat(r.bins().get(1).high()).isCloseTo(0.9385, within(5e-4));
    }

    @Test
    void nothingSaidIsNothing() {
        Reliability none = Reliability.of(List.of());
        assertThat(none.bins()).isEmpty();
        assertThat(none.of()).isZero();
        assertThat(none.skill()).isZero();
        assertThatThrownBy(() -> new Reliability.Said(0.3, 2, 3)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Reliability.Said(1.3, 2, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whoIsRightAsOftenAsTheySayLiesOnTheLineAndWhoAlwaysBoastsDoesNot() {
        Random random = new Random(5);
        List<Reliability.Said> right = new ArrayList<>();
        List<Reliability.Said> boasts = new ArrayList<>();
        for (int i = 0; i < 6000; i++) {
            double p = 0.02 + 0.9 * random.nextDouble();
            int happened = random.nextDouble() < p ? 1 : 0;
            right.add(new Reliability.Said(p, 1, happened));
            boasts.add(new Reliability.Said(Math.min(1, p + 0.25), 1, happened));
        }
        Reliability r = Reliability.of(right);
        Reliability b = Reliability.of(boasts);
        assertThat(r.bins()).allSatisfy(x -> assertThat(x.happened()).isCloseTo(x.said(), within(0.06)));
        assertThat(b.bins()).anySatisfy(x -> assertThat(x.high()).isLessThan(x.said()));
        assertThat(r.brier()).isLessThan(b.brier()).isLessThan(r.base());
    }
}
