package pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.words.Words;

class ChartTest {
    private static final Chart.Frame FRAME = new Chart.Frame(300, 120, 40, 10, 20);

    private static Chart chart() {
        return new Chart("tried", "A <chart>", FRAME, Axis.even(0, 10), Axis.even(0, 4));
    }

    @Test
    void valuesLieWithinTheFrame() {
        Chart chart = chart();
        assertThat(chart.x(0)).isEqualTo(40);
        assertThat(chart.x(10)).isEqualTo(290);
        assertThat(chart.y(0)).isEqualTo(chart.bottom()).isEqualTo(100);
        assertThat(chart.y(4)).isEqualTo(chart.top());
        assertThat(chart.y(2)).isCloseTo((chart.top() + chart.bottom()) / 2, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"0, 10, 5, 2", "0, 1, 4, 0.5", "0, 330, 4, 100", "3, 9, 6, 1"})
    void marksAreRoundAndWithinTheRange(double low, double high, int about, double step) {
        double[] marks = Axis.even(low, high).marks(about);
        assertThat(marks).hasSizeGreaterThan(1);
        assertThat(marks[1] - marks[0]).isCloseTo(step, within(1e-9));
        assertThat(marks[0]).isGreaterThanOrEqualTo(low);
        assertThat(marks[marks.length - 1]).isLessThanOrEqualTo(high + 1e-9);
    }

    @Test
    void aStretchedAxisGivesItsBeginningRoom() {
        Axis axis = Axis.stretched(0, 100);
        assertThat(axis.share(25)).isCloseTo(0.5, within(1e-9));
        assertThat(axis.share(-5)).isZero();
    }

    @Test
    void aRangeWithoutExtentIsDrawnAllTheSame() {
        assertThat(Axis.even(7, 7).share(7)).isZero();
        assertThat(Axis.even(7, 7).high()).isGreaterThan(7);
    }

    @Test
    void aTextIsLeftOutWhereItWouldMeetTheLast() {
        Chart chart = chart();
        assertThat(chart.mark(2, "two")).isTrue();
        assertThat(chart.mark(2.5, "two and a half")).isFalse();
        assertThat(chart.mark(6, "six")).isTrue();
        assertThat(chart.end()).contains(">two<", ">six<").doesNotContain("and a half");
    }

    @Test
    void aPointSaysItsValueAndTheChartIsNamed() {
        Chart chart = chart();
        chart.point(5, 2, 3, "test", "2 \"mg\" on 5 May");
        assertThat(chart.end())
                .contains("data-says=\"2 &quot;mg&quot; on 5 May\"")
                .contains("aria-label=\"A &lt;chart&gt;\"");
    }

    @Test
    void theTableHasARowForEachAndCellsForItsHeads() {
        ChartTable table = new ChartTable(Words.forAnybody(), List.of("Day", "<mg/L>"));
        table.row("1 May", "2").row("2 May", "3");
        assertThat(table.markup()).contains("&lt;mg/L&gt;").containsPattern("(?s)<tbody>(<tr>.*?</tr>){2}</tbody>");
        assertThatThrownBy(() -> table.row("3 May")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void nothingToShowIsSaid() {
        assertThat(Chart.empty("No <test> yet")).contains("No &lt;test&gt; yet").doesNotContain("<svg");
    }
}
