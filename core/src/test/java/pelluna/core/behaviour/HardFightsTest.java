package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** From tension to how often hard fights are noted, and back; and what others' word makes of it. */
class HardFightsTest {
    @Test
    void moreTensionMoreOftenAndBack() {
        double last = 0;
        for (int index = 0; index <= 100; index += 5) {
            double chance = HardFights.chance(index);
            assertThat(chance).isBetween(last, 1.0);
            assertThat(HardFights.index(chance)).isCloseTo(index, within(1e-9));
            last = chance;
        }
        assertThat(HardFights.chance(0)).isCloseTo(1.0 / 34, within(0.001));
        assertThat(HardFights.chance(45)).isBetween(0.25, 0.4);
        assertThat(HardFights.chance(70)).isBetween(0.6, 0.75);
        assertThat(HardFights.index(0.001)).isZero();
        assertThat(HardFights.index(0.999)).isEqualTo(100);
    }

    @Test
    void asSaidChangesNothingAndNobodyMovesItMoreThanTwice() {
        assertThat(SeenElsewhere.times(0.3, 0.3)).isEqualTo(1);
        assertThat(SeenElsewhere.times(0.3, 0.5)).isBetween(1.2, 1.5);
        assertThat(SeenElsewhere.times(0.5, 0.3)).isBetween(0.6, 0.9);
        assertThat(SeenElsewhere.times(0.03, 0.99)).isEqualTo(2);
        assertThat(SeenElsewhere.times(0.99, 0.03)).isEqualTo(0.5);
    }

    @Test
    void figuresThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new SeenElsewhere(0, 0, 0, 1, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SeenElsewhere(5, 6, 2, 1, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SeenElsewhere(5, 2, 9, 1, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SeenElsewhere(5, 2, 2, 3, 0.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SeenElsewhere(5, 2, 2, 1, 1.5)).isInstanceOf(IllegalArgumentException.class);
    }
}
