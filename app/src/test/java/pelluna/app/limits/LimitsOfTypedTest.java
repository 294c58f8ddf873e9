package pelluna.app.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LimitsOfTypedTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    @ParameterizedTest
    @CsvSource({"7,7", "'7,5',7.5", "-0.25,-0.25", ".5,0.5", "+3,3", "1e3,1000", "1e-3,0.001", "' 12 ',12"})
    void numbersAsTheyAreTyped(String typed, double value) {
        assertThat(Numbers.finite(typed)).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "NaN",
                "Infinity",
                "-Infinity",
                "1e308",
                "1e400",
                "0x10",
                "1d",
                "1_000",
                "1e",
                "٣",
                "999999999999999999999999999999",
                "seven",
                "1 2"
            })
    void whatIsNoNumberOfATank(String typed) {
        assertThatThrownBy(() -> Numbers.finite(typed)).isInstanceOf(NumberFormatException.class);
    }

    @Test
    void daysOfWhatHappenedAndOfWhatIsPlanned() {
        assertThat(Days.happened("on", "1990-01-01")).isEqualTo(Days.FIRST);
        assertThat(Days.happened("on", "2100-12-31")).isEqualTo(Days.LAST);
        assertThat(Days.planned("on", "2056-11-27", TODAY)).isEqualTo(TODAY.plusYears(30));
        for (String typed :
                new String[] {"1989-12-31", "2101-01-01", "2026-02-30", "26-03-01", "0026-03-01", "today", ""}) {
            assertThatThrownBy(() -> Days.happened("on", typed))
                    .as(typed)
                    .isInstanceOfSatisfying(
                            Refused.class, r -> assertThat(r.field()).isEqualTo("on"));
        }
        assertThatThrownBy(() -> Days.planned("on", "2056-11-28", TODAY))
                .hasMessageContaining("DayOutside[first=1990, last=2056]");
    }

    @Test
    void textIsUtf8WithoutNul() {
        assertThat(Utf8.text("file", "\ufeffHütte 🐠".getBytes(StandardCharsets.UTF_8)))
                .isEqualTo("Hütte 🐠");
        assertThatThrownBy(() -> Utf8.text("file", "Hütte".getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("NotUtf8");
        assertThatThrownBy(() -> Utf8.text("file", new byte[] {'a', 0})).isInstanceOf(Unreadable.class);
        assertThat(Utf8.clean("a\ud83d")).isFalse();
        assertThat(Utf8.clean("\udc20\ud83d")).isFalse();
        assertThat(Utf8.clean("🐠🐟")).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            ignoreLeadingAndTrailingWhitespace = false,
            value = {"=1+1,'=1+1", "@SUM,'@SUM", "-5,-5", "-5 fish,'-5 fish", " =1,' =1", "plain,plain"})
    void formulasGoOutAsTextAndComeBack(String cell, String written) {
        assertThat(Cells.written(cell)).isEqualTo(written);
        assertThat(Cells.read(written)).isEqualTo(cell);
        assertThat(Cells.written(null)).isEqualTo("");
        assertThat(Cells.written(-5.5)).isEqualTo(-5.5);
    }

    @Test
    void daysInSomebodysTextAreText() {
        Limits.check("/tanks/1/losses/incidents", "title", "0001-01-01", TODAY);
        assertThatThrownBy(() -> Limits.check("/tanks/1/losses/incidents", "on", "0001-01-01", TODAY))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Limits.check("/tanks/1/arrivals/day", "on", "2080-01-01", TODAY))
                .isInstanceOf(Refused.class);
        Limits.check("/tanks/1/losses", "on", "2080-01-01", TODAY);
    }
}
