package pelluna.app.scenery;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import pelluna.app.drawing.Svg;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Cover;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.words.Words;

/**
 * The tank from the front in cm, upside down as screens have it: its scenery, hides, run, cover and ruler. One unit of
 * the drawing is one centimetre; lines and letters go by its share of the length.
 */
public final class ReefDrawing {
    /** Lines and letters are this share of the tank's length. */
    private static final double UNIT_SHARE = 160;

    /** A tall tank gets air at its sides, so that the drawing fits a screen with what explains it. */
    private static final double LEAST_ASPECT = 1.5;

    private final Tank tank;
    private final Words say;
    private final double unit;
    private final double floor;

    public ReefDrawing(Tank tank, Words say) {
        this.tank = tank;
        this.say = say;
        this.floor = tank.frontHeightCm();
        this.unit = Math.max(tank.lengthCm(), LEAST_ASPECT * floor) / UNIT_SHARE;
    }

    /** Left, top, width and height of the whole drawing with its ruler. */
    public double[] box() {
        double high = floor + 15 * unit;
        double wide = Math.max(tank.lengthCm() + 8 * unit, LEAST_ASPECT * high);
        return new double[] {(tank.lengthCm() - wide) / 2, -5 * unit, wide, high};
    }

    /**
     * The whole as one picture, nothing of which can be taken hold of. Its size in cm is written on it, so that a tap
     * can be told in shares of it.
     *
     * @param base   where the tank's layers are to be had
     * @param layers see {@link Sceneries}
     * @param over   markup that is laid over it
     */
    public String framed(String base, List<Layer> layers, String cssClass, String label, String over) {
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                cssClass,
                "viewBox",
                viewBox(),
                "role",
                "img",
                "aria-label",
                label,
                "data-length",
                tank.lengthCm(),
                "data-floor",
                floor);
        still(svg, layers, l -> l.image(base));
        svg.add(over);
        return svg.close("svg").toString();
    }

    public String viewBox() {
        double[] box = box();
        return Svg.num(box[0]) + " " + Svg.num(box[1]) + " " + Svg.num(box[2]) + " " + Svg.num(box[3]);
    }

    /** Down from the surface, for a height above the floor. */
    double y(double heightCm) {
        return floor - heightCm;
    }

    /** Everything that does not swim. @param how a layer becomes markup: itself, or where it is to be had */
    public void still(Svg svg, List<Layer> layers, Function<Layer, String> how) {
        bare(svg, layers, how);
        cover(svg);
        ruler(svg);
    }

    /** The same without cover and ruler. */
    public void bare(Svg svg, List<Layer> layers, Function<Layer, String> how) {
        svg.add(glass(layers.stream().map(how).collect(Collectors.joining())));
        hides(svg, false);
    }

    /** Markup in cm, cut off at the glass. */
    public String glass(String markup) {
        return new Svg()
                .open(
                        "svg",
                        "width",
                        tank.lengthCm(),
                        "height",
                        floor,
                        "viewBox",
                        "0 0 " + Svg.num(tank.lengthCm()) + " " + Svg.num(floor))
                .add(markup)
                .close("svg")
                .toString();
    }

    /** What can be taken hold of, to be laid over the layers. */
    public void hands(Svg svg) {
        Scape scape = tank.scape();
        for (int i = 0; i < scape.rocks().size(); i++) {
            rock(svg, scape.rocks().get(i), i);
        }
        run(svg, scape);
        hides(svg, true);
        cover(svg);
        ruler(svg);
    }

    private void hides(Svg svg, boolean hands) {
        List<Hide> hides = tank.scape().hides();
        if (!hides.isEmpty()) {
            svg.add(Textures.CAVE.markup());
        }
        for (int i = 0; i < hides.size(); i++) {
            hide(svg, hides.get(i), i, hands);
        }
    }

    private void rock(Svg svg, Rock rock, int i) {
        svg.open(
                "g",
                "class",
                "piece rock-piece",
                "data-kind",
                "rock",
                "data-i",
                i,
                "tabindex",
                0,
                "role",
                "button",
                "aria-label",
                say.text(
                        "page.drawing.heap",
                        i + 1,
                        tank.scape().rocks().size(),
                        say.length(rock.widthCm()),
                        say.length(rock.leftCm())));
        svg.el("path", "d", outline(rock), "fill", "transparent", "class", "rock-outline");
        svg.close("g");
        for (int p = 0; p < rock.heightsCm().size(); p++) {
            grip(
                    svg,
                    "point",
                    i + "." + p,
                    rock.xOf(p),
                    y(tank.sandDepthCm() + rock.heightsCm().get(p)),
                    say.text(
                            "page.drawing.outlineOfHeapPointHighUpAnd",
                            i + 1,
                            p + 1,
                            say.length(rock.heightsCm().get(p))));
        }
        grip(
                svg,
                "foot",
                Integer.toString(i),
                rock.rightCm(),
                y(tank.sandDepthCm()),
                say.text("page.drawing.rightFootOfHeapLeftAndRight", i + 1));
    }

    private void grip(Svg svg, String kind, String i, double x, double y, String label) {
        svg.open(
                "g",
                "class",
                "grip piece",
                "data-kind",
                kind,
                "data-i",
                i,
                "tabindex",
                0,
                "role",
                "button",
                "aria-label",
                label);
        svg.el("circle", "class", "reach", "cx", x, "cy", y, "r", 3.2 * unit, "fill", "transparent");
        svg.el("circle", "class", "dot", "cx", x, "cy", y, "r", 1.1 * unit);
        svg.close("g");
    }

    /** Through the points, rounded. */
    String outline(Rock rock) {
        double foot = y(tank.sandDepthCm() * 0.4);
        int n = rock.heightsCm().size();
        double[][] p = new double[n + 2][];
        p[0] = new double[] {rock.leftCm(), foot};
        for (int k = 0; k < n; k++) {
            p[k + 1] = new double[] {
                rock.xOf(k), y(tank.sandDepthCm() + rock.heightsCm().get(k))
            };
        }
        p[n + 1] = new double[] {rock.rightCm(), foot};
        StringBuilder d = new StringBuilder("M" + at(p[0]));
        for (int k = 1; k <= n; k++) {
            double[] half = {(p[k][0] + p[k + 1][0]) / 2, (p[k][1] + p[k + 1][1]) / 2};
            d.append("Q").append(at(p[k])).append(' ').append(k == n ? at(p[n + 1]) : at(half));
        }
        return d + "Z";
    }

    private void hide(Svg svg, Hide hide, int i, boolean hands) {
        if (hands) {
            svg.open(
                    "g",
                    "class",
                    "piece hide-piece",
                    "data-kind",
                    "hide",
                    "data-i",
                    i,
                    "tabindex",
                    0,
                    "role",
                    "button",
                    "aria-label",
                    say.text(
                            "page.drawing.hide",
                            i + 1,
                            tank.scape().hides().size(),
                            say.length(hide.xCm()),
                            say.length(hide.heightCm())));
            svg.el(
                    "ellipse",
                    "class",
                    "reach",
                    "cx",
                    hide.xCm(),
                    "cy",
                    y(hide.heightCm()),
                    "rx",
                    4 * unit,
                    "ry",
                    3.4 * unit,
                    "fill",
                    "transparent");
        } else {
            svg.open("g");
        }
        new CaveDrawing(unit, i)
                .draw(svg, hide.xCm(), y(hide.heightCm()), tank.scape().holder(hide) < 0);
        svg.close("g");
    }

    private void run(Svg svg, Scape scape) {
        double from = scape.run().fromCm();
        double y = y(scape.run().heightCm());
        double to = Math.min(tank.lengthCm(), from + tank.runCm());
        svg.open(
                "g",
                "class",
                "piece run-piece",
                "data-kind",
                "run",
                "data-i",
                0,
                "tabindex",
                0,
                "role",
                "button",
                "aria-label",
                say.text("page.drawing.openRun", say.length(tank.runCm())));
        svg.el(
                "line",
                "class",
                "reach",
                "x1",
                from,
                "x2",
                to,
                "y1",
                y,
                "y2",
                y,
                "stroke",
                "transparent",
                "stroke-width",
                3 * unit);
        svg.el("line", "class", "run-line", "x1", from, "x2", to, "y1", y, "y2", y);
        if (tank.runCm() > 0) {
            svg.text(
                    0,
                    0,
                    say.text("page.drawing.run", say.length(Math.min(tank.runCm(), tank.lengthCm()))),
                    "class",
                    "run-text",
                    "font-size",
                    11,
                    "fill",
                    "#ffffff",
                    "fill-opacity",
                    0.75,
                    "transform",
                    "translate(" + Svg.num(from + unit) + " " + Svg.num(y - unit) + ") scale(" + Svg.num(0.26 * unit)
                            + ")");
        }
        svg.close("g");
        grip(svg, "runend", "0", to, y, say.text("page.drawing.endOfTheOpenRunLeftAnd"));
    }

    private void cover(Svg svg) {
        if (tank.cover() != Cover.NONE) {
            double to = tank.cover() == Cover.PARTIAL ? tank.lengthCm() * 0.6 : tank.lengthCm();
            Svg line = new Svg();
            line.open(
                            "line",
                            "class",
                            "reef-lid",
                            "x1",
                            0,
                            "x2",
                            to,
                            "y1",
                            -1.5 * unit,
                            "y2",
                            -1.5 * unit,
                            "stroke",
                            "#8aa3a4",
                            "stroke-width",
                            0.8 * unit,
                            "stroke-dasharray",
                            tank.cover() == Cover.MESH ? Svg.num(unit) + " " + Svg.num(0.6 * unit) : "none")
                    .close("line");
            svg.add(line.toString());
        }
    }

    private void ruler(Svg svg) {
        double per = say.us() ? Convert.CM_PER_INCH : 1;
        double units = tank.lengthCm() / per;
        double major = step(units / 3);
        double minor = major / 5;
        svg.open("g", "class", "ruler");
        for (int k = 0; k * minor <= units + 1e-9; k++) {
            boolean big = k % 5 == 0;
            double x = k * minor * per;
            svg.el(
                    "line",
                    "x1",
                    x,
                    "x2",
                    x,
                    "y1",
                    floor,
                    "y2",
                    floor + (big ? 2.6 : 1.5) * unit,
                    "stroke",
                    "#6d8487",
                    "stroke-width",
                    0.25 * unit);
            if (big) {
                boolean last = (k + 5) * minor > units + 1e-9;
                boolean end = k > 0 && last && units - k * minor < minor;
                svg.text(
                        0,
                        0,
                        say.number(k * minor, 1) + (last ? " " + say.lengthUnit() : ""),
                        "class",
                        "ruler-text",
                        "font-size",
                        12,
                        "fill",
                        "#6d8487",
                        "transform",
                        "translate(" + Svg.num(end ? tank.lengthCm() + 3 * unit : x) + " " + Svg.num(floor + 6.4 * unit)
                                + ") scale(" + Svg.num(0.26 * unit) + ")",
                        "text-anchor",
                        k == 0 ? "start" : end ? "end" : "middle");
            }
        }
        svg.close("g");
    }

    /** 1, 2 or 5 times a power of ten, at most the given. */
    private static double step(double most) {
        double ten = Math.pow(10, Math.floor(Math.log10(most)));
        return most >= 5 * ten ? 5 * ten : most >= 2 * ten ? 2 * ten : ten;
    }

    private static String at(double[] p) {
        return Svg.num(p[0]) + " " + Svg.num(p[1]) + " ";
    }
}
