package pelluna.core.introduction;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Stance;
import pelluna.core.units.Step;

class MethodTest {
    @Test
    void theHarderThePressTheLongerTheBox() {
        int last = -1;
        for (Step step : Step.values()) {
            int days = Method.against(step, false, false).boxDays(Stance.CUSTOMARY);
            assertThat(days)
                    .isGreaterThanOrEqualTo(last)
                    .isLessThanOrEqualTo(14); // common practice: a few hours to two weeks
            last = days;
        }
    }

    @Test
    void theCautiousTakeTwoWeeks() {
        assertThat(Method.BOX_DAYS.boxDays(Stance.CAUTIOUS)).isEqualTo(14);
        assertThat(Method.BOX_DAYS.boxDays(Stance.BOLD)).isEqualTo(7);
    }

    @Test
    void severalOfOneGenusGoInAllAtOnce() {
        assertThat(Method.against(Step.SURGE, true, false)).isEqualTo(Method.ALL_AT_ONCE);
    }
}
