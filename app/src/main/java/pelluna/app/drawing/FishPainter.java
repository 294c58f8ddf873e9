package pelluna.app.drawing;

import java.util.function.Predicate;
import pelluna.core.catalogue.Look;

/** Paints one look in unit length: tail and fins, body with its marks, shading, head, eye. */
final class FishPainter {
    private static final String DARK = "#0b1d20";
    private static final double EDGE = 0.006;
    private static final double HAIR = 0.0028;

    private final Look look;
    private final String id;
    private final boolean close;
    private final FishForms.Outline o;
    private final Svg svg = new Svg();
    private final FishMarks marks;

    /** @param id unique in the page @param close whether it is looked at closely */
    FishPainter(Look look, String id, boolean close) {
        this.look = look;
        this.id = id;
        this.close = close;
        this.o = FishForms.of(look.form());
        this.marks = new FishMarks(svg, o);
    }

    String paint() {
        svg.open("g", "class", "fish");
        part(o.tail(), look.tail());
        edge(Look.Kind.TAIL_EDGE, o.tail());
        draw(FishMarks::outside);
        part(o.fins(), look.fins());
        edge(Look.Kind.FRINGE, o.fins());
        draw(FishMarks::onFin);
        if (!o.lines().isEmpty()) {
            line(o.lines(), look.fins(), 1, 0.008);
        }
        if (close) {
            line(o.rays(), DARK, 0.3, HAIR);
        }
        body();
        svg.add(Shading.over(o, id));
        head();
        return svg.close("g").toString();
    }

    private void draw(Predicate<Look.Mark> which) {
        look.marks().stream().filter(which).forEach(marks::draw);
    }

    private void part(String path, String colour) {
        if (!path.isBlank()) {
            svg.el(
                    "path",
                    "d",
                    path,
                    "fill",
                    colour,
                    "stroke",
                    DARK,
                    "stroke-opacity",
                    0.42,
                    "stroke-width",
                    EDGE,
                    "stroke-linejoin",
                    "round");
        }
    }

    private void edge(Look.Kind kind, String path) {
        look.marks().stream().filter(m -> m.kind() == kind).forEach(m -> line(path, m.colour(), 1, m.at().get(0)));
    }

    private void line(String path, String colour, double opacity, double wide) {
        svg.el(
                "path",
                "d",
                path,
                "fill",
                "none",
                "stroke",
                colour,
                "stroke-opacity",
                opacity,
                "stroke-width",
                wide,
                "stroke-linecap",
                "round");
    }

    private void body() {
        part(o.body(), look.body());
        svg.open("clipPath", "id", "clip-" + id).el("path", "d", o.body()).close("clipPath");
        if (look.marks().stream().anyMatch(marks::onTail)) {
            svg.open("clipPath", "id", "root-" + id)
                    .el("path", "d", o.body())
                    .el("path", "d", o.tail())
                    .close("clipPath");
        }
        svg.open("g", "clip-path", "url(#clip-" + id + ")");
        for (Look.Mark mark : look.marks()) {
            if (marks.onTail(mark)) {
                svg.close("g").open("g", "clip-path", "url(#root-" + id + ")");
                marks.draw(mark);
                svg.close("g").open("g", "clip-path", "url(#clip-" + id + ")");
            } else if (!FishMarks.outside(mark) && !FishMarks.onFin(mark)) {
                marks.draw(mark);
            }
        }
        if (close && o.scales() > 0) {
            svg.add(Shading.scales(o.scales(), id));
        }
        svg.close("g");
    }

    private void head() {
        if (close) {
            line(o.side(), DARK, 0.22, HAIR);
        }
        line(o.marks(), DARK, 0.5, close ? 0.005 : 0.007);
        if (!o.pectoral().isEmpty()) {
            svg.el(
                    "path",
                    "d",
                    o.pectoral(),
                    "fill",
                    look.fins(),
                    "fill-opacity",
                    0.5,
                    "stroke",
                    DARK,
                    "stroke-opacity",
                    0.35,
                    "stroke-width",
                    0.004);
            if (close) {
                line(o.pectoralRays(), DARK, 0.22, HAIR);
            }
        }
        double r = o.eyeR();
        svg.el(
                "circle",
                "cx",
                o.eyeX(),
                "cy",
                o.eyeY(),
                "r",
                r * 1.2,
                "fill",
                "#f3efe0",
                "stroke",
                DARK,
                "stroke-opacity",
                0.5,
                "stroke-width",
                0.004);
        svg.el("circle", "cx", o.eyeX(), "cy", o.eyeY(), "r", r * 0.82, "fill", DARK);
        svg.el("circle", "cx", o.eyeX() - 0.3 * r, "cy", o.eyeY() - 0.35 * r, "r", r * 0.26, "fill", "#ffffff");
    }
}
