package pelluna.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.core.livestock.LifeEvent.*;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LifeCourseTest {
    private static Stage after(LifeEvent... events) {
        return LifeCourse.of(Arrays.asList(events));
    }

    @Test
    void aWishGoesThroughQuarantineAndBoxIntoTheTank() {
        assertThat(after(WISHED)).isEqualTo(Stage.WISHED);
        assertThat(after(WISHED, QUARANTINED)).isEqualTo(Stage.QUARANTINE);
        assertThat(after(WISHED, QUARANTINED, BOXED)).isEqualTo(Stage.BOX);
        assertThat(after(WISHED, QUARANTINED, BOXED, CAME)).isEqualTo(Stage.DISPLAY);
    }

    @Test
    void whatIsPutBackStandsWhereItStoodBefore() {
        assertThat(after(WISHED, BOXED, LOST, PUT_BACK)).isEqualTo(Stage.BOX);
        assertThat(after(WISHED, QUARANTINED, TAKEN_OFF, PUT_BACK)).isEqualTo(Stage.QUARANTINE);
        assertThat(after(CAME, BOXED_AGAIN, REHOMED, PUT_BACK)).isEqualTo(Stage.BACK_IN_BOX);
        assertThat(after(CAME, TAKEN_OFF, LOST, PUT_BACK)).isEqualTo(Stage.DISPLAY);
        assertThat(after(WISHED, CAME, ARRIVAL_UNDONE, TAKEN_OFF, PUT_BACK)).isEqualTo(Stage.WISHED);
    }

    @Test
    void whoeverWasMissingWhenItWasGivenUpIsInTheTankOnceThatIsTakenBack() {
        assertThat(after(CAME, MISSED, LOST, PUT_BACK)).isEqualTo(Stage.DISPLAY);
    }

    @Test
    void aLifeBeginsWithAnEvent() {
        assertThatThrownBy(() -> LifeCourse.of(List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyStageIsInOneListOfThePlanAtTheMost(Stage stage) {
        assertThat(stage.wish() && stage.resident()).isFalse();
        assertThat(stage.over() && (stage.wish() || stage.resident() || stage.kept()))
                .isFalse();
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyStageIsReachedBySomeEvent(Stage stage) {
        assertThat(LifeEvent.values())
                .anyMatch(e -> e.to().filter(stage::equals).isPresent());
    }
}
