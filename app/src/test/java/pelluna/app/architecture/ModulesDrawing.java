package pelluna.app.architecture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jgrapht.alg.TransitiveReduction;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import pelluna.app.drawing.Svg;

/**
 * Modules in storeys: each stands above everything that it knows. An arrow that follows from others is left out.
 */
final class ModulesDrawing {
    private static final double WIDE = 92;
    private static final double HIGH = 26;
    private static final double GAP = 10;
    private static final double STOREY = 74;

    private final Map<String, Set<String>> knows;
    private final Map<String, Integer> storeys = new TreeMap<>();
    private final Map<String, Double> middles = new TreeMap<>();

    ModulesDrawing(Map<String, Set<String>> knows) {
        this.knows = knows;
        knows.keySet().forEach(this::storey);
    }

    private int storey(String module) {
        Integer known = storeys.get(module);
        if (known == null) {
            known = 1 + knows.get(module).stream().mapToInt(this::storey).max().orElse(-1);
            storeys.put(module, known);
        }
        return known;
    }

    String svg() {
        int top = storeys.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        double width = 0;
        List<List<String>> rows = new ArrayList<>();
        for (int s = 0; s <= top; s++) {
            int storey = s;
            rows.add(storeys.keySet().stream()
                    .filter(m -> storeys.get(m) == storey)
                    .toList());
            width = Math.max(width, rows.get(s).size() * (WIDE + GAP) + GAP);
        }
        for (List<String> row : rows) {
            double left = (width - row.size() * (WIDE + GAP) + GAP) / 2;
            for (int i = 0; i < row.size(); i++) {
                middles.put(row.get(i), left + i * (WIDE + GAP) + WIDE / 2);
            }
        }
        double height = (top + 1) * STOREY;
        Svg svg = new Svg()
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "viewBox",
                        "0 0 " + Svg.num(width) + " " + Svg.num(height))
                .el("rect", "x", 0, "y", 0, "width", width, "height", height, "fill", "#f6faf8");
        reduced().forEach((from, to) -> to.forEach(t -> arrow(svg, from, t, top)));
        for (int s = 0; s <= top; s++) {
            double y = (top - s) * STOREY + (STOREY - HIGH) / 2;
            for (String m : rows.get(s)) {
                double x = middles.get(m) - WIDE / 2;
                svg.el(
                        "rect", "x", x, "y", y, "width", WIDE, "height", HIGH, "rx", 6, "fill", "#fff", "stroke",
                        "#2c6e63");
                svg.text(
                        middles.get(m),
                        y + 17,
                        m,
                        "text-anchor",
                        "middle",
                        "font-family",
                        "sans-serif",
                        "font-size",
                        12,
                        "fill",
                        "#16332e");
            }
        }
        return svg.close("svg") + "\n";
    }

    private Map<String, Set<String>> reduced() {
        SimpleDirectedGraph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        knows.keySet().forEach(graph::addVertex);
        knows.forEach((from, to) -> to.forEach(t -> graph.addEdge(from, t)));
        TransitiveReduction.INSTANCE.reduce(graph);
        Map<String, Set<String>> left = new TreeMap<>();
        knows.keySet().forEach(m -> left.put(m, new TreeSet<>()));
        graph.edgeSet().forEach(e -> left.get(graph.getEdgeSource(e)).add(graph.getEdgeTarget(e)));
        return left;
    }

    private void arrow(Svg svg, String from, String to, int top) {
        double x1 = middles.get(from);
        double y1 = (top - storeys.get(from)) * STOREY + (STOREY + HIGH) / 2;
        double x2 = middles.get(to);
        double y2 = (top - storeys.get(to)) * STOREY + (STOREY - HIGH) / 2;
        double bend = (y2 - y1) / 2;
        svg.el(
                "path",
                "d",
                "M" + Svg.num(x1) + " " + Svg.num(y1) + "C" + Svg.num(x1) + " " + Svg.num(y1 + bend) + " " + Svg.num(x2)
                        + " " + Svg.num(y2 - bend) + " " + Svg.num(x2) + " " + Svg.num(y2 - 5),
                "fill",
                "none",
                "stroke",
                "#8fb5ab",
                "stroke-width",
                1.2);
        svg.el(
                "path",
                "d",
                "M" + Svg.num(x2 - 3.5) + " " + Svg.num(y2 - 6) + "L" + Svg.num(x2 + 3.5) + " " + Svg.num(y2 - 6) + "L"
                        + Svg.num(x2) + " " + Svg.num(y2) + "Z",
                "fill",
                "#5d8f84");
    }
}
