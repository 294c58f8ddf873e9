package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class MeasuresTest {
    @Test
    void keepersReadTheirOwnUnits() {
        Measures us = new Measures(UnitSystem.US);
        assertThat(us.volume(428)).isEqualTo("113 gal");
        assertThat(us.length(150)).isEqualTo("59 in");
        assertThat(us.temperature(25.5)).isEqualTo("77.9 °F");
        assertThat(Measures.metric().length(4.55)).isEqualTo("4.6 cm");
        assertThat(Measures.metric().mass(1234)).isEqualTo("1.2 kg");
        assertThat(Measures.date(LocalDate.of(2027, 6, 11))).isEqualTo("11 June 2027");
    }

    @Test
    void sentencesCountAndListAsPeopleDo() {
        assertThat(English.count(1, "wish", "wishes")).isEqualTo("one wish");
        assertThat(English.count(14, "wish", "wishes")).isEqualTo("14 wishes");
        assertThat(English.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
    }
}
