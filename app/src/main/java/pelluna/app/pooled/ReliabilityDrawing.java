package pelluna.app.pooled;

import java.util.List;
import pelluna.app.chart.Axis;
import pelluna.app.chart.Chart;
import pelluna.app.chart.ChartTable;
import pelluna.app.drawing.Svg;
import pelluna.core.pooled.Reliability;
import pelluna.words.Words;

/**
 * How often it happened, up, over how often it was said, across: a dot for each tenth with its interval as a line up,
 * the larger the more of them; where said and happened agree, dots lie on the slant.
 */
final class ReliabilityDrawing {
    private static final Chart.Frame FRAME = new Chart.Frame(460, 320, 56, 24, 44);
    private static final double LEAST = 4;
    private static final double MOST = 11;

    private ReliabilityDrawing() {}

    static String draw(Reliability r, Words say) {
        Axis share = Axis.even(0, 1);
        Chart chart = new Chart("reliability", say.text("page.calibration.drawn"), FRAME, share, share);
        chart.unit(say.text("page.calibration.happened"));
        for (int tenth = 0; tenth <= 10; tenth += 2) {
            chart.level(tenth / 10.0, "grid", percent(tenth / 10.0, say));
            chart.mark(tenth / 10.0, percent(tenth / 10.0, say));
        }
        Svg svg = chart.svg();
        svg.text(
                FRAME.wide() - FRAME.right(),
                FRAME.high() - 6,
                say.text("page.calibration.said"),
                "class",
                "small",
                "text-anchor",
                "end");
        svg.el("line", "class", "ceiling", "x1", chart.x(0), "y1", chart.y(0), "x2", chart.x(1), "y2", chart.y(1));
        ChartTable table = new ChartTable(
                say,
                List.of(
                        say.text("page.calibration.said"),
                        say.text("page.calibration.happened"),
                        say.text("page.chart.from"),
                        say.text("page.chart.to"),
                        say.text("page.calibration.pairs")));
        int most = r.bins().stream().mapToInt(Reliability.Bin::of).max().orElse(1);
        for (Reliability.Bin b : r.bins()) {
            double x = chart.x(b.said());
            svg.el("line", "class", "reach", "x1", x, "x2", x, "y1", chart.y(b.low()), "y2", chart.y(b.high()));
            chart.point(
                    b.said(),
                    b.happened(),
                    LEAST + (MOST - LEAST) * Math.sqrt((double) b.of() / most),
                    "agrees",
                    say.text("page.calibration.point", percent(b.said(), say), percent(b.happened(), say), b.of()));
            table.row(
                    percent(b.said(), say),
                    percent(b.happened(), say),
                    percent(b.low(), say),
                    percent(b.high(), say),
                    say.number(b.of()));
        }
        return chart.end(table);
    }

    private static String percent(double share, Words say) {
        return say.number(Math.round(100 * share)) + " %";
    }
}
