package pelluna.app.tank;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;

/** The reef as the keeper has drawn it, between the plan file's tree and the core's {@link Scape}. */
public final class DrawnReef {
    private DrawnReef() {}

    /** The tree of a plan file, in tenths of a millimetre: finer than any hand. */
    public static Map<String, Object> tree(Scape scape) {
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put(
                "rocks",
                scape.rocks().stream()
                        .map(r -> map(
                                "leftCm",
                                fine(r.leftCm()),
                                "widthCm",
                                fine(r.widthCm()),
                                "heightsCm",
                                r.heightsCm().stream().map(DrawnReef::fine).toList()))
                        .toList());
        tree.put(
                "hides",
                scape.hides().stream()
                        .map(h -> map("xCm", fine(h.xCm()), "heightCm", fine(h.heightCm())))
                        .toList());
        tree.put(
                "run",
                map(
                        "fromCm",
                        fine(scape.run().fromCm()),
                        "heightCm",
                        fine(scape.run().heightCm())));
        return tree;
    }

    /** From the tree of a checked plan file. */
    @SuppressWarnings("unchecked")
    static Scape of(Map<String, Object> tree) {
        List<Rock> rocks = list(tree, "rocks").stream()
                .map(r -> new Rock(
                        number(r, "leftCm"),
                        number(r, "widthCm"),
                        ((List<Number>) r.get("heightsCm"))
                                .stream().map(Number::doubleValue).toList()))
                .toList();
        List<Hide> hides = list(tree, "hides").stream()
                .map(h -> new Hide(number(h, "xCm"), number(h, "heightCm")))
                .toList();
        Map<String, Object> run = (Map<String, Object>) tree.getOrDefault("run", map("fromCm", 0.0, "heightCm", 0.0));
        return new Scape(rocks, hides, new Run(number(run, "fromCm"), number(run, "heightCm")));
    }

    /** What is typed is checked after the reef has followed it, so it may be any number here. */
    private static final int MOST_DRAWN = 1000;

    /**
     * Lets a drawn reef follow figures that were typed: in a longer or higher tank it keeps its shares of the glass,
     * and
     * there are as many hides as the tank is said to have.
     */
    static void follow(Map<String, Object> before, Map<String, Object> after) {
        if (!(after.get("scape") instanceof Map<?, ?>)) {
            return;
        }
        @SuppressWarnings("unchecked")
        Scape scape = of((Map<String, Object>) after.get("scape"));
        double wide = ratio(before, after, "lengthCm");
        double high = ratio(before, after, "waterHeightCm");
        scape = scaled(scape, x -> x * wide, y -> y * high);
        if (after.get("hides") instanceof Number n) {
            scape = scape.withHides(
                    Math.max(0, Math.min(MOST_DRAWN, n.intValue())),
                    figure(after, "lengthCm"),
                    figure(after, "waterHeightCm"),
                    figure(after, "sandDepthCm"));
        }
        after.put("scape", tree(scape));
    }

    private static Scape scaled(Scape s, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        return new Scape(
                s.rocks().stream()
                        .map(r -> new Rock(
                                x.applyAsDouble(r.leftCm()),
                                x.applyAsDouble(r.widthCm()),
                                r.heightsCm().stream().map(y::applyAsDouble).toList()))
                        .toList(),
                s.hides().stream()
                        .map(h -> new Hide(x.applyAsDouble(h.xCm()), y.applyAsDouble(h.heightCm())))
                        .toList(),
                new Run(
                        x.applyAsDouble(s.run().fromCm()),
                        y.applyAsDouble(s.run().heightCm())));
    }

    private static double ratio(Map<String, Object> before, Map<String, Object> after, String key) {
        double was = figure(before, key);
        double is = figure(after, key);
        return was > 0 && is > 0 ? is / was : 1;
    }

    private static double figure(Map<String, Object> figures, String key) {
        return figures.get(key) instanceof Number n ? n.doubleValue() : 0;
    }

    private static double number(Map<String, Object> map, String key) {
        return ((Number) map.get(key)).doubleValue();
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> list(Map<String, Object> map, String key) {
        return (List<Map<String, Object>>) map.getOrDefault(key, List.of());
    }

    private static double fine(double cm) {
        return Math.round(cm * 100) / 100.0;
    }

    private static Map<String, Object> map(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put(pairs[i].toString(), pairs[i + 1]);
        }
        return map;
    }
}
