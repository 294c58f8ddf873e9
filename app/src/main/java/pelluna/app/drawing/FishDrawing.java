package pelluna.app.drawing;

import java.util.List;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;

/** Draws a fish from its data: form, colours, marks. Unit length, facing left; the caller scales. */
public final class FishDrawing {
    private static final String EDGE = "#6d8789";
    private static final double EDGE_SEEN = 0.75;
    private static final double EDGE_WIDTH = 0.007;
    private static final double GOLDEN = 0.618034;

    private FishDrawing() {}

    /**
     * A fish at a place, to scale.
     *
     * @param x      of the middle of its length
     * @param y      of the line from snout to tail
     * @param length in the units of the drawing
     * @param id     unique in the page, for its clip path
     */
    public static String at(Species species, double x, double y, double length, String id) {
        return at(species.look(), x, y, length, id);
    }

    /** As {@link #at(Species, double, double, double, String)}, for one look of it. */
    public static String at(Look look, double x, double y, double length, String id) {
        return new Svg()
                .open(
                        "g",
                        "transform",
                        "translate(" + Svg.num(x - length / 2) + " " + Svg.num(y) + ") scale(" + Svg.num(length) + ")")
                .add(unit(look, id))
                .close("g")
                .toString();
    }

    /** A drawing of its own beside the name of the fish, cropped to it. */
    public static String alone(Species species, int width, String id) {
        return alone(species.look(), "", width, id);
    }

    /**
     * A look by itself, such as that of the young, cropped to the fish.
     *
     * @param label for those who do not see it; empty beside its name
     */
    public static String alone(Look look, String label, int width, String id) {
        double half = halfHeight(look);
        return new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "-0.13 " + Svg.num(-half) + " 1.16 " + Svg.num(2 * half),
                        "width",
                        width,
                        "height",
                        heightFor(look, width),
                        "class",
                        "fish",
                        "role",
                        "img",
                        label.isEmpty() ? "aria-hidden" : "aria-label",
                        label.isEmpty() ? "true" : label)
                .add(unit(look, id))
                .close("svg")
                .toString();
    }

    /** A picture file of a look, which a browser fetches by itself when it comes into view. */
    public static String file(Look look, int width) {
        return alone(look, "", width, "fish").replaceFirst("<svg ", "<svg xmlns=\"http://www.w3.org/2000/svg\" ");
    }

    /** Height that goes with a width, so that a page can keep the place. */
    public static int heightFor(Look look, int width) {
        return (int) Math.round(width * 2 * halfHeight(look) / 1.16);
    }

    /** Half of the height that the fish with its fins and whatever reaches out of it takes, in shares of its length. */
    public static double halfHeight(Look look) {
        FishForms.Outline o = FishForms.of(look.form());
        double marks = look.marks().stream()
                .filter(m -> outside(m) || onFin(m))
                .mapToDouble(m -> reach(m, o.half()))
                .max()
                .orElse(0);
        return Math.max(o.reach(), marks) + 0.02;
    }

    private static double reach(Look.Mark m, double half) {
        List<Double> a = m.at();
        return half
                * switch (m.kind()) {
                    case SPOT -> Math.abs(a.get(1)) + a.get(2) / half;
                    case LINE -> Math.max(Math.abs(a.get(1)), Math.abs(a.get(3))) + a.get(4) / 2 / half;
                    case WEDGE -> Math.max(Math.abs(a.get(1)), Math.max(Math.abs(a.get(3)), Math.abs(a.get(5))));
                    default -> 0;
                };
    }

    private static String unit(Look look, String id) {
        FishForms.Outline o = FishForms.of(look.form());
        String clip = "clip-" + id;
        Svg svg = new Svg().open("g", "class", "fish");
        svg.el(
                "path",
                "d",
                o.tail(),
                "fill",
                look.tail(),
                "stroke",
                EDGE,
                "stroke-opacity",
                EDGE_SEEN,
                "stroke-width",
                EDGE_WIDTH);
        edge(svg, look, Look.Kind.TAIL_EDGE, o.tail());
        for (Look.Mark mark : look.marks()) {
            if (outside(mark)) {
                mark(svg, mark, o);
            }
        }
        if (!o.behind().isEmpty()) {
            svg.el(
                    "path",
                    "d",
                    o.behind(),
                    "fill",
                    look.fins(),
                    "stroke",
                    EDGE,
                    "stroke-opacity",
                    EDGE_SEEN,
                    "stroke-width",
                    EDGE_WIDTH);
        }
        if (!o.fins().isBlank()) {
            svg.el(
                    "path",
                    "d",
                    o.fins(),
                    "fill",
                    look.fins(),
                    "stroke",
                    EDGE,
                    "stroke-opacity",
                    EDGE_SEEN,
                    "stroke-width",
                    EDGE_WIDTH);
            edge(svg, look, Look.Kind.FRINGE, o.fins());
        }
        for (Look.Mark mark : look.marks()) {
            if (onFin(mark)) {
                mark(svg, mark, o);
            }
        }
        svg.el(
                "path",
                "d",
                o.body(),
                "fill",
                look.body(),
                "stroke",
                EDGE,
                "stroke-opacity",
                EDGE_SEEN,
                "stroke-width",
                EDGE_WIDTH);
        svg.open("clipPath", "id", clip).el("path", "d", o.body()).close("clipPath");
        svg.open("g", "clip-path", "url(#" + clip + ")");
        look.marks().stream().filter(m -> !outside(m) && !onFin(m)).forEach(m -> mark(svg, m, o));
        svg.close("g");
        pectoral(svg, look, o);
        svg.el(
                "circle",
                "cx",
                o.eyeX(),
                "cy",
                o.eyeY(),
                "r",
                o.eyeR(),
                "fill",
                "#0b1d20",
                "stroke",
                "#f5f5ea",
                "stroke-width",
                o.eyeR() * 0.5);
        return svg.close("g").toString();
    }

    private static void edge(Svg svg, Look look, Look.Kind kind, String path) {
        look.marks().stream()
                .filter(m -> m.kind() == kind)
                .forEach(m ->
                        svg.el("path", "d", path, "fill", "none", "stroke", m.colour(), "stroke-width", m.at().get(0)));
    }

    /** The fin behind the gill, seen through: it shows which way a fish faces and how large its head is. */
    private static void pectoral(Svg svg, Look look, FishForms.Outline o) {
        double x = switch (look.form()) {
            case MORAY, PIPEFISH, SEAHORSE, RAY, FROG, LION, EELTAIL, SHARK -> -1;
            case LONGNOSE -> 0.42;
            case TRIGGER, FILEFISH, HOGFISH, GROUPER, SNAPPER, BUTTERFLY -> 0.34;
            case GOBY, BLENNY, DARTFISH, JAWFISH, DRAGONET -> 0.2;
            default -> 0.29;
        };
        if (x > 0) {
            double h = o.half();
            svg.el(
                    "path",
                    "d",
                    "M" + Svg.num(x) + " " + Svg.num(h * 0.12) + "C" + Svg.num(x + 0.05) + " " + Svg.num(-h * 0.12)
                            + " " + Svg.num(x + 0.12) + " " + Svg.num(-h * 0.05)
                            + " " + Svg.num(x + 0.14) + " " + Svg.num(h * 0.2) + "C" + Svg.num(x + 0.1) + " "
                            + Svg.num(h * 0.42) + " " + Svg.num(x + 0.04) + " " + Svg.num(h * 0.36) + " "
                            + Svg.num(x) + " " + Svg.num(h * 0.12) + "Z",
                    "fill",
                    "#ffffff",
                    "fill-opacity",
                    0.16,
                    "stroke",
                    "#0b1d20",
                    "stroke-opacity",
                    0.35,
                    "stroke-width",
                    0.004);
            svg.el(
                    "path",
                    "d",
                    "M" + Svg.num(x - 0.06) + " " + Svg.num(-h * 0.3) + "C" + Svg.num(x - 0.02) + " "
                            + Svg.num(-h * 0.05) + " " + Svg.num(x - 0.02) + " " + Svg.num(h * 0.25) + " "
                            + Svg.num(x - 0.06) + " " + Svg.num(h * 0.5),
                    "fill",
                    "none",
                    "stroke",
                    "#0b1d20",
                    "stroke-opacity",
                    0.28,
                    "stroke-width",
                    0.005);
        }
    }

    /** A long ray or snout that reaches out of the body. */
    private static boolean outside(Look.Mark m) {
        return m.kind() == Look.Kind.WEDGE && m.at().get(0) <= -0.1
                || m.kind() == Look.Kind.LINE && Math.abs(m.at().get(3)) > 2;
    }

    private static boolean onFin(Look.Mark m) {
        return m.kind() == Look.Kind.SPOT && Math.abs(m.at().get(1)) > 1.1;
    }

    private static void mark(Svg svg, Look.Mark m, FishForms.Outline o) {
        List<Double> a = m.at();
        double h = o.half();
        String c = m.colour();
        switch (m.kind()) {
            case BAR -> rect(svg, a.get(0), -h * 1.2, a.get(1), h * 2.4, c);
            case STRIPE -> rect(svg, -0.1, (a.get(0) - a.get(1) / 2) * h, 1.2, a.get(1) * h, c);
            case REAR -> rect(svg, a.get(0), -h * 1.2, 1, h * 2.4, c);
            case MASK -> rect(svg, -0.1, -h * 1.2, a.get(0) + 0.1, h * 2.4, c);
            case BACK -> rect(svg, -0.1, -h * 1.2, 1.2, (a.get(0) + 1.2) * h, c);
            case BELLY -> rect(svg, -0.1, a.get(0) * h, 1.2, h * 1.5, c);
            case SPOT -> svg.el("circle", "cx", a.get(0), "cy", a.get(1) * h, "r", a.get(2), "fill", c);
            case LINE ->
                svg.el(
                        "line",
                        "x1",
                        a.get(0),
                        "y1",
                        a.get(1) * h,
                        "x2",
                        a.get(2),
                        "y2",
                        a.get(3) * h,
                        "stroke",
                        c,
                        "stroke-width",
                        a.get(4),
                        "stroke-linecap",
                        "round");
            case WEDGE ->
                svg.el(
                        "path",
                        "d",
                        "M" + point(a, 0, h) + "L" + point(a, 2, h) + "L" + point(a, 4, h) + "Z",
                        "fill",
                        c);
            case SPOTS -> spots(svg, a.get(0).intValue(), a.get(1), h, c);
            case BARS -> {
                for (int i = 0; i < a.get(0); i++) {
                    rect(
                            svg,
                            0.2 + 0.62 * i / Math.max(1, a.get(0) - 1) - a.get(1) / 2,
                            -h * 1.2,
                            a.get(1),
                            h * 2.4,
                            c);
                }
            }
            case STRIPES -> {
                for (int i = 0; i < a.get(0); i++) {
                    rect(
                            svg,
                            0.06,
                            (-0.78 + 1.5 * i / Math.max(1, a.get(0) - 1) - a.get(1) / 2) * h,
                            1,
                            a.get(1) * h,
                            c);
                }
            }
            case PATCH ->
                svg.el("ellipse", "cx", a.get(0), "cy", a.get(1) * h, "rx", a.get(2), "ry", a.get(3) * h, "fill", c);
            case CURVE ->
                svg.el(
                        "path",
                        "d",
                        "M" + point(a, 0, h) + "Q" + point(a, 2, h) + point(a, 4, h),
                        "fill",
                        "none",
                        "stroke",
                        c,
                        "stroke-width",
                        a.get(6),
                        "stroke-linecap",
                        "round");
            case FRINGE, TAIL_EDGE -> {}
            case MAZE -> maze(svg, a.get(0).intValue(), a.get(1), h, c);
        }
    }

    private static String point(List<Double> a, int i, double h) {
        return Svg.num(a.get(i)) + " " + Svg.num(a.get(i + 1) * h) + " ";
    }

    private static void rect(Svg svg, double x, double y, double width, double height, String colour) {
        svg.el("rect", "x", x, "y", y, "width", width, "height", height, "fill", colour);
    }

    /** Spots spread evenly by the golden ratio, so that a fish looks the same each time. */
    private static void spots(Svg svg, int n, double r, double h, String colour) {
        for (int i = 0; i < n; i++) {
            double x = 0.14 + 0.74 * (i + 0.5) / n;
            double y = 2 * ((i * GOLDEN) % 1) - 1;
            svg.el("circle", "cx", x, "cy", y * h * 0.92, "r", r, "fill", colour);
        }
    }

    private static void maze(Svg svg, int n, double width, double h, String colour) {
        for (int i = 0; i < n; i++) {
            double y = (-0.8 + 1.6 * i / Math.max(1, n - 1)) * h;
            double sway = h * 0.28 * (i % 2 == 0 ? 1 : -1);
            StringBuilder d = new StringBuilder("M.1 " + Svg.num(y));
            for (int k = 0; k < 5; k++) {
                double x = 0.1 + 0.16 * k;
                d.append(" C")
                        .append(Svg.num(x + 0.05))
                        .append(' ')
                        .append(Svg.num(y - sway))
                        .append(' ')
                        .append(Svg.num(x + 0.11))
                        .append(' ')
                        .append(Svg.num(y + sway))
                        .append(' ')
                        .append(Svg.num(x + 0.16))
                        .append(' ')
                        .append(Svg.num(y));
            }
            svg.el("path", "d", d, "fill", "none", "stroke", colour, "stroke-width", width * h * 1.6);
        }
    }
}
