package pelluna.app.tankplace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** From what a keeper types to the plan file's metric figures and back. */
class TypedTest {
    private static final Words US = Words.english(UnitSystem.US);

    @ParameterizedTest
    @CsvSource({
        "LENGTH, 60, 152.4",
        "NET, 113, 427.7515",
        "ROCK, 110, 49.8952",
        "TEMPERATURE, 78, 25.5556",
        "NITRATE, 5, 5"
    })
    void usFiguresBecomeMetric(TankField field, String typed, double metric) throws Exception {
        assertThat((Double) Typed.parse(field, List.of(typed), US))
                .isEqualTo(metric, org.assertj.core.api.Assertions.within(1e-4));
        assertThat(Typed.parse(field, List.of(typed), Words.english(UnitSystem.METRIC)))
                .isEqualTo(Double.valueOf(typed));
    }

    @ParameterizedTest
    @EnumSource(TankField.class)
    void whatIsShownIsReadBackAsTheSame(TankField field) throws Exception {
        for (Words say : List.of(Words.english(UnitSystem.METRIC), US)) {
            if (field.kind().number() && field.kind() != TankField.Kind.WHOLE) {
                String shown = Typed.shown(field.kind(), 42.0, say);
                Object read = Typed.parse(field, List.of(shown), say);
                assertThat(Typed.shown(field.kind(), read, say)).isEqualTo(shown);
            }
        }
    }

    @Test
    void commasAreDecimalsAndNothingIsNothing() throws Exception {
        assertThat(Typed.parse(TankField.LENGTH, List.of(" 120,5 "), Words.english(UnitSystem.METRIC)))
                .isEqualTo(120.5);
        assertThat(Typed.parse(TankField.LENGTH, List.of("  "), Words.english(UnitSystem.METRIC)))
                .isNull();
        assertThat(Typed.parse(TankField.HIDES, List.of("8"), Words.english(UnitSystem.METRIC)))
                .isEqualTo(8);
        assertThat(Typed.parse(TankField.SEAWEED, List.of("true"), Words.english(UnitSystem.METRIC)))
                .isEqualTo(true);
        assertThat(Typed.parse(TankField.KEEPS, List.of("", "shrimp", "snails"), Words.english(UnitSystem.METRIC)))
                .isEqualTo(List.of("shrimp", "snails"));
    }

    @ParameterizedTest
    @CsvSource({"many", "NaN", "Infinity", "1e999", "12 cm", "--3"})
    void whatIsNoNumberIsNeverTakenForOne(String typed) {
        assertThatThrownBy(() -> Typed.parse(TankField.LENGTH, List.of(typed), Words.english(UnitSystem.METRIC)))
                .isInstanceOf(Typed.NotANumberException.class);
    }

    @Test
    void rangesAreToldInTheKeepersUnits() {
        assertThat(Typed.range(TankField.Kind.LENGTH, 10, 2000, Words.english(UnitSystem.METRIC)))
                .isEqualTo("10 to 2000 cm");
        assertThat(Typed.range(TankField.Kind.VOLUME, 5, 100000, US)).isEqualTo("1.32 to 26417.21 gal");
    }
}
