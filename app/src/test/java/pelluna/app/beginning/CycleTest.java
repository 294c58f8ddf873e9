package pelluna.app.beginning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CycleTest {
    private static final LocalDate TODAY = LocalDate.of(2027, 3, 31);

    @ParameterizedTest
    @EnumSource(Cycle.class)
    void anAnswerIsStillTheSameADayLater(Cycle answer) {
        LocalDate day = answer.day(TODAY);
        assertThat(Cycle.of(day, TODAY)).isEqualTo(answer);
        assertThat(Cycle.of(day, TODAY.plusDays(1))).isEqualTo(answer);
    }

    @Test
    void aTankGrowsOlderThanItsAnswer() {
        LocalDate day = Cycle.NOT_YET.day(TODAY);
        assertThat(Cycle.of(day, day)).isEqualTo(Cycle.THIS_MONTH);
        assertThat(Cycle.of(day, day.plusMonths(4))).isEqualTo(Cycle.THREE_MONTHS);
        assertThat(Cycle.of(day, day.plusYears(3))).isEqualTo(Cycle.A_YEAR);
    }
}
