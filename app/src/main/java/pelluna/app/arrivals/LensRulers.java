package pelluna.app.arrivals;

import java.util.List;
import pelluna.app.drawing.Svg;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.LengthRule;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Plan;
import pelluna.core.tank.TankDraft;
import pelluna.words.Words;

/**
 * The three lenses as rulers, each in its own unit: where this tank comes to when all are grown, and the lines that
 * the schools draw.
 */
final class LensRulers {
    private static final double WIDTH = 290;
    private static final double EACH = 56;
    /** Lines closer than this share their words. */
    private static final double NEAR = 56;

    private LensRulers() {}

    /** Height of its letters. */
    private static final double TEXT = 13;

    /** A line on a ruler with the school that draws it. */
    private record Line(double at, String says, boolean yours) {}

    static String draw(Capacity capacity, Plan plan, Words say) {
        Svg svg = new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 " + WIDTH + " " + 3 * EACH,
                        "class",
                        "rulers",
                        "role",
                        "img",
                        "aria-label",
                        say.text(
                                "page.arrivals.threeWays",
                                String.join(
                                        " ",
                                        capacity.lenses().stream()
                                                .map(l -> say.of(l.why()))
                                                .toList())));
        double y = 18;
        double litres = plan.tank().glassLitres();
        for (Lens lens : capacity.lenses()) {
            List<Line> lines = switch (lens.kind()) {
                case LENGTH_RULE ->
                    List.of(
                            new Line(
                                    new LengthRule(LengthRule.BEGINNER_GALLONS).limitInches(litres),
                                    say.text("page.arrivals.beginner"),
                                    false),
                            new Line(lens.limit(), say.text("page.arrivals.you"), true),
                            new Line(
                                    new LengthRule(LengthRule.SEASONED_GALLONS).limitInches(litres),
                                    say.text("page.arrivals.seasoned"),
                                    false));
                case WASTE ->
                    lens.byPhosphate()
                            ? List.of(
                                    new Line(Waste.REEF_PHOSPHATE_CEILING, say.text("page.arrivals.reef"), false),
                                    new Line(lens.limit(), say.text("page.arrivals.yourCeiling"), true),
                                    new Line(Waste.FISH_PHOSPHATE_CEILING, say.text("page.arrivals.fishOnly"), false))
                            : List.of(
                                    new Line(
                                            TankDraft.REEF_NITRATE_CEILING, say.text("page.arrivals.mixedReef"), false),
                                    new Line(lens.limit(), say.text("page.arrivals.yourCeiling"), true),
                                    new Line(
                                            TankDraft.FISH_NITRATE_CEILING, say.text("page.arrivals.fishOnly"), false));
                default -> List.of(new Line(100, say.text("page.arrivals.allOfIt"), true));
            };
            ruler(svg, lens, lines, y, lens == capacity.binding(), say);
            y += EACH;
        }
        return svg.close("svg").toString();
    }

    private static String title(Lens lens, Words say) {
        return switch (lens.kind()) {
            case LENGTH_RULE -> say.text("page.arrivals.inchesOfGrownFish");
            case WASTE ->
                say.text(
                        "page.arrivals.itSettlesAtMgL",
                        (lens.byPhosphate() ? say.text("page.arrivals.phosphate") : say.text("page.arrivals.nitrate")));
            default -> say.text("page.arrivals.tightestPartOfTheRoom");
        };
    }

    private static void ruler(Svg svg, Lens lens, List<Line> lines, double y, boolean binds, Words say) {
        double most =
                Math.max(lens.used(), lines.stream().mapToDouble(Line::at).max().orElse(1)) * 1.12;
        String figure = say.of(lens.figure());
        svg.fitted(
                0,
                y - 5,
                WIDTH - Svg.wide(figure, TEXT) - 8,
                say.text("page.arrivals.rulerBinds", title(lens, say), binds),
                TEXT,
                "class",
                binds ? "lane-name" : "small");
        svg.el("line", "x1", 0, "x2", WIDTH, "y1", y + 8, "y2", y + 8, "class", "axis");
        List<Line> sorted = lines.stream()
                .sorted(java.util.Comparator.comparingDouble(Line::at))
                .toList();
        for (int i = 0; i < sorted.size(); i++) {
            Line line = sorted.get(i);
            double x = WIDTH * line.at() / most;
            svg.el(
                    "line",
                    "x1",
                    x,
                    "x2",
                    x,
                    "y1",
                    y + 1,
                    "y2",
                    y + 15,
                    "class",
                    line.yours() ? "school-line mine" : "school-line");
            boolean said = i > 0 && x - WIDTH * sorted.get(i - 1).at() / most < NEAR;
            boolean next = i + 1 < sorted.size() && WIDTH * sorted.get(i + 1).at() / most - x < NEAR;
            if (!said) {
                String text = next ? line.says() + ", " + sorted.get(i + 1).says() : line.says();
                double half = Math.min(WIDTH, Svg.wide(text, TEXT)) / 2;
                svg.text(
                        Math.max(half, Math.min(WIDTH - half, x)),
                        y + 27,
                        text,
                        "class",
                        "small",
                        "text-anchor",
                        "middle");
            }
        }
        double x = Math.min(WIDTH - 5, WIDTH * lens.used() / most);
        svg.el(
                "circle",
                "cx",
                x,
                "cy",
                y + 8,
                "r",
                5,
                "class",
                "used step-" + lens.step().word());
        svg.text(WIDTH, y - 5, figure, "class", "figure", "text-anchor", "end");
    }
}
