package pelluna.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.EventType;
import pelluna.core.catalogue.Species;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

class HealthTest {
    private static final Species CORIS = Plans.species("Halichoeres chrysus");
    private static final Species TANG = Plans.species("Zebrasoma flavescens");

    @Test
    void everySignHasAMeaning() {
        for (EventType d : EventType.values()) {
            assertThat(Sign.means(d).isPresent()).as(d.word()).isEqualTo(d.kind() == EventType.Kind.SIGN);
        }
    }

    @Test
    void aFishThatBuriesItselfMayBeOutOfSightLongerThanASwimmer() {
        assertThat(Absence.usualDays(CORIS, 100)).isGreaterThan(Absence.usualDays(TANG, 100));
        assertThat(Absence.usualDays(CORIS, 3))
                .as("a newcomer is asked about sooner")
                .isLessThan(Absence.usualDays(CORIS, 100));
    }

    @Test
    void daysWithoutFoodGetMoreSeriousAndSoonerForAGrazer() {
        Step last = Step.CALM;
        for (int day = 0; day < 10; day++) {
            assertThat(Fasting.step(CORIS, day).atLeast(last)).isTrue();
            assertThat(Fasting.step(TANG, day).atLeast(Fasting.step(CORIS, day)))
                    .isTrue();
            last = Fasting.step(CORIS, day);
        }
        assertThat(last).isEqualTo(Step.SURGE);
        assertThat(Fasting.step(CORIS, 0)).isEqualTo(Step.CALM);
    }
}
