package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.units.Hours;

class MeasuresTest {
    @Test
    void keepersReadTheirOwnUnits() {
        Words us = Words.english(UnitSystem.US);
        Words metric = Words.forAnybody();
        assertThat(us.volume(428)).isEqualTo("113 gal");
        assertThat(us.length(150)).isEqualTo("59 in");
        assertThat(us.temperature(25.5)).isEqualTo("77.9 °F");
        assertThat(metric.length(4.55)).isEqualTo("4.6 cm");
        assertThat(metric.mass(1234)).isEqualTo("1.2 kg");
        assertThat(metric.date(LocalDate.of(2027, 6, 11))).isEqualTo("11 June 2027");
    }

    @Test
    void messagesOfPagesCountListAndDateAsPeopleDo() {
        Words say = Words.forAnybody();
        assertThat(say.text("page.log.watchesInADay", 1, new Hours(2))).isEqualTo("One observation in 7 days, 2 h.");
        assertThat(say.text("page.log.watchesInADay", 14, new Hours(0.5)))
                .isEqualTo("14 observations in 7 days, 30 min.");
        assertThat(say.text("page.arrivals.onADayByHand", LocalDate.of(2027, 6, 11)))
                .isEqualTo("11 Jun, your choice");
        assertThat(say.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
        assertThatThrownBy(() -> say.text("page.log.watchesInADay", 1)).isInstanceOf(IllegalStateException.class);
    }
}
