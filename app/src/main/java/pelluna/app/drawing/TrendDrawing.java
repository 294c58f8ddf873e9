package pelluna.app.drawing;

import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import pelluna.words.Words;

/**
 * One figure of the water over time: tests as dots, a probe as a line that breaks where it was silent, the ceiling
 * dashed.
 */
public final class TrendDrawing {
    private static final double WIDE = 300;
    private static final double HIGH = 84;
    private static final double LEFT = 40;
    private static final double PAD = 8;

    private TrendDrawing() {}

    /** A value at a moment. */
    public record Dot(Instant at, double value) {}

    /**
     * @param line      readings of a probe, oldest first; may be empty
     * @param gapMillis a longer pause breaks the line
     */
    public static String draw(
            String label,
            List<Dot> dots,
            List<Dot> line,
            OptionalDouble ceiling,
            Instant from,
            Instant until,
            long gapMillis,
            Words say) {
        double low = Stream.concat(dots.stream(), line.stream())
                .mapToDouble(Dot::value)
                .min()
                .orElse(0);
        double high = Math.max(
                Stream.concat(dots.stream(), line.stream())
                        .mapToDouble(Dot::value)
                        .max()
                        .orElse(1),
                ceiling.orElse(Double.NEGATIVE_INFINITY));
        double span = Math.max((high - (ceiling.isPresent() ? 0 : low)) * 1.15, Math.max(1e-3, Math.abs(high) * 0.02));
        double floor = ceiling.isPresent() ? 0 : Math.max(low >= 0 ? 0 : low, (low + high) / 2 - span / 2);
        Scale scale = new Scale(
                from.toEpochMilli(), Math.max(until.toEpochMilli(), from.toEpochMilli() + 1), floor, floor + span);
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "lanes trend",
                "viewBox",
                "0 0 " + Svg.num(WIDE) + " " + Svg.num(HIGH),
                "role",
                "img",
                "aria-label",
                label);
        for (double share : new double[] {0, 1}) {
            double y = scale.y(floor + span * share);
            svg.el("line", "class", "grid", "x1", LEFT, "x2", WIDE, "y1", y, "y2", y);
            svg.text(LEFT - 5, y + 4, number(floor + span * share, span, say), "class", "small", "text-anchor", "end");
        }
        if (ceiling.isPresent()) {
            svg.el(
                    "line",
                    "class",
                    "ceiling",
                    "x1",
                    LEFT,
                    "x2",
                    WIDE,
                    "y1",
                    scale.y(ceiling.getAsDouble()),
                    "y2",
                    scale.y(ceiling.getAsDouble()));
        }
        svg.el("path", "class", "level", "d", path(line, scale, gapMillis));
        dots.forEach(d -> svg.el("circle", "class", "test", "cx", scale.x(d.at()), "cy", scale.y(d.value()), "r", 3.6));
        return svg.close("svg").toString();
    }

    private static String number(double value, double span, Words say) {
        return say.number(value, span < 0.1 ? 3 : span < 1 ? 2 : span < 10 ? 1 : 0);
    }

    private static String path(List<Dot> line, Scale scale, long gapMillis) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < line.size(); i++) {
            boolean on = i > 0
                    && line.get(i).at().toEpochMilli() - line.get(i - 1).at().toEpochMilli() <= gapMillis;
            d.append(on ? 'L' : 'M')
                    .append(Svg.num(scale.x(line.get(i).at())))
                    .append(' ')
                    .append(Svg.num(scale.y(line.get(i).value())));
        }
        return d.length() == 0 ? "M0 0" : d.toString();
    }

    private record Scale(long from, long until, double low, double high) {
        double x(Instant at) {
            return LEFT + PAD + (WIDE - LEFT - 2 * PAD) * (at.toEpochMilli() - from) / (until - from);
        }

        double y(double value) {
            return PAD + (HIGH - 2 * PAD) * (high - value) / (high - low);
        }
    }
}
