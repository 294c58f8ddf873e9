package pelluna.app.wishes;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Lines;
import pelluna.app.drawing.Svg;
import pelluna.core.sieve.Mesh;
import pelluna.words.Words;

/**
 * The Sieve: wishes fall through finer and finer meshes; each stopped one lies on the mesh that stopped it, the rest
 * reach the water.
 */
final class SieveDrawing {
    private static final double WIDTH = 740;
    private static final double LEFT = 172;
    private static final double RIGHT = 730;
    private static final double LETTER = 6.1;
    /** Height of the letters of what a mesh holds back. */
    private static final double SMALL = 12;

    private static final int LINE_HEIGHT = 14;
    private static final double GAP = 8;
    private static final double STEP = 34;

    private final List<WishView> views;
    private final WishView selected;
    private final Words say;
    private final long tank;
    private final double scale;
    private final Svg svg = new Svg();

    private SieveDrawing(List<WishView> views, WishView selected, Words say, long tank) {
        this.views = views;
        this.selected = selected;
        this.say = say;
        this.tank = tank;
        double largest = views.stream()
                .mapToDouble(v -> v.verdict().wish().adultCm())
                .max()
                .orElse(10);
        this.scale = Math.min(3.4, 118 / largest);
    }

    static String of(List<WishView> views, WishView selected, Words say, long tank) {
        return new SieveDrawing(views, selected, say, tank).draw();
    }

    private String draw() {
        Map<Mesh, List<WishView>> stopped = new EnumMap<>(Mesh.class);
        views.forEach(v -> v.stoppedOn()
                .ifPresent(
                        m -> stopped.computeIfAbsent(m, k -> new ArrayList<>()).add(v)));
        List<WishView> through = views.stream().filter(WishView::taken).toList();
        double y = 14;
        double last = -STEP;
        StringBuilder layers = new StringBuilder();
        for (Mesh mesh : Mesh.values()) {
            List<List<WishView>> rows = rows(stopped.getOrDefault(mesh, List.of()));
            for (List<WishView> row : rows) {
                y += tallest(row) + 4;
                if (row == rows.get(rows.size() - 1)) {
                    y = Math.max(y, last + STEP);
                    mesh(mesh, y + 1, false);
                    last = y;
                }
                y += fish(row, y, false) * LINE_HEIGHT + 8;
            }
            if (rows.isEmpty()) {
                y = Math.max(y + 20, last + STEP);
                mesh(mesh, y, true);
                last = y;
            }
        }
        double top = Math.max(y + 2, last + 20);
        List<List<WishView>> rows = rows(through);
        double poolHeight = 14;
        for (List<WishView> row : rows) {
            poolHeight += tallest(row) + lines(row) * LINE_HEIGHT + 16;
        }
        poolHeight = Math.max(74, poolHeight);
        Svg pool = new Svg()
                .el("rect", "x", 0, "y", top, "width", WIDTH, "height", poolHeight, "class", "water")
                .text(14, top + 26, say.text("page.wishes.canLiveHere"), "class", "mesh-title light")
                .text(
                        14,
                        top + 43,
                        through.isEmpty()
                                ? say.text("page.wishes.noneYet")
                                : say.text("page.wishes.soManyOf", through.size(), views.size()),
                        "class",
                        "small light");
        y = top + 12;
        layers.append(svg);
        Svg below = new Svg();
        SieveDrawing inWater = new SieveDrawing(views, selected, say, tank);
        for (List<WishView> row : rows) {
            y += tallest(row);
            y += inWater.fish(row, y, true) * LINE_HEIGHT + 16;
        }
        below.add(inWater.svg.toString());
        return new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 " + WIDTH + " " + Svg.num(top + poolHeight),
                        "class",
                        "sieve",
                        "role",
                        "group",
                        "aria-label",
                        say.text("page.wishes.sieve"))
                .add(layers.toString())
                .add(pool.toString())
                .add(below.toString())
                .close("svg")
                .toString();
    }

    private void mesh(Mesh mesh, double y, boolean empty) {
        double gap = 36 - 4.2 * mesh.ordinal();
        for (double x = LEFT; x < RIGHT; x += gap) {
            svg.el("line", "x1", x, "x2", Math.min(RIGHT, x + gap * 0.62), "y1", y, "y2", y, "class", "mesh");
        }
        svg.text(14, y - 5, say.of(mesh), "class", empty ? "mesh-title quiet" : "mesh-title");
        svg.fitted(14, y + 10, LEFT - 22, say.of(mesh, "holds"), SMALL, "class", "small");
    }

    private double tallest(List<WishView> row) {
        return row.stream().mapToDouble(v -> height(v)).max().orElse(0);
    }

    private int lines(List<WishView> row) {
        return row.stream().mapToInt(v -> lines(row, v)).max().orElse(1);
    }

    private int lines(List<WishView> row, WishView v) {
        return name(v, width(row, v)).size()
                + Lines.wrapped(v.why(), (int) (width(row, v) / LETTER), 2).size();
    }

    /** The share of the row that one fish gets: its slot and what is left over, evenly. */
    private double width(List<WishView> row, WishView v) {
        double wanted = row.stream().mapToDouble(this::slot).sum() + GAP * (row.size() - 1);
        return slot(v) + Math.min(60, (RIGHT - LEFT - wanted) / row.size());
    }

    private List<String> name(WishView v, double width) {
        String length = v.verdict().wish().adultCm() >= 12
                ? ", " + say.length(v.verdict().wish().adultCm()).replace(' ', '\u00a0')
                : "";
        return Lines.wrapped(say.of(v.verdict().wish()) + length, (int) (width / LETTER), 2);
    }

    private double height(WishView v) {
        return 2 * FishDrawing.halfHeight(v.verdict().wish().species().look()) * length(v) * 0.92;
    }

    private double length(WishView v) {
        return Math.max(13, v.verdict().wish().adultCm() * scale);
    }

    private double slot(WishView v) {
        return Math.max(
                Math.max(92, length(v) + 10),
                LETTER * Lines.longest(say.of(v.verdict().wish())) + 4);
    }

    /** As many in a row as fit beside one another with their labels. */
    private List<List<WishView>> rows(List<WishView> fish) {
        List<List<WishView>> rows = new ArrayList<>();
        double used = Double.MAX_VALUE;
        for (WishView v : fish) {
            if (used + slot(v) > RIGHT - LEFT) {
                rows.add(new ArrayList<>());
                used = 0;
            }
            rows.get(rows.size() - 1).add(v);
            used += slot(v) + GAP;
        }
        return rows;
    }

    /** Draws a row whose fish rest on the line y, labels below; returns the lines that the labels took. */
    private int fish(List<WishView> row, double y, boolean water) {
        double x = LEFT;
        int lines = 1;
        for (WishView v : row) {
            double width = width(row, v);
            double middle = x + width / 2;
            boolean chosen = selected != null && selected.id().equals(v.id());
            svg.open(
                    "a",
                    "href",
                    "/tanks/" + tank + "/wish-list?wish=" + v.id(),
                    "data-live",
                    "",
                    "class",
                    chosen ? "wish chosen" : "wish",
                    "aria-label",
                    v.label() + ", " + v.outcome() + (v.why().isEmpty() ? "" : ": " + v.why()));
            if (chosen) {
                svg.el(
                        "rect",
                        "x",
                        x,
                        "y",
                        y - height(v) - 5,
                        "width",
                        width,
                        "height",
                        height(v) + lines(row, v) * LINE_HEIGHT + 11,
                        "rx",
                        7,
                        "class",
                        "halo");
            }
            int taken = label(v, middle, y, width, water);
            svg.add(FishDrawing.image(v.verdict().wish().species(), middle, y - height(v) / 2, length(v)));
            svg.close("a");
            lines = Math.max(lines, taken);
            x += width + GAP;
        }
        return lines;
    }

    private int label(WishView v, double x, double y, double width, boolean water) {
        List<String> name = name(v, width);
        List<String> why = Lines.wrapped(v.why(), (int) (width / LETTER), 2);
        int line = 1;
        for (String part : name) {
            svg.text(
                    x,
                    y + line++ * LINE_HEIGHT + 2,
                    part,
                    "text-anchor",
                    "middle",
                    "class",
                    water ? "name light" : "name");
        }
        String tone = water
                ? "if"
                : "stop step-" + v.verdict().stop().map(f -> f.step().word()).orElse("chop");
        for (String part : why) {
            svg.text(x, y + line++ * LINE_HEIGHT + 2, part, "text-anchor", "middle", "class", "why " + tone);
        }
        return line - 1;
    }
}
