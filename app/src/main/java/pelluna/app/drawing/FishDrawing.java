package pelluna.app.drawing;

import java.util.List;
import pelluna.core.catalogue.Look;
import pelluna.core.catalogue.Species;

/** Draws a fish from its data: form, colours, marks. Unit length, facing left; the caller scales. */
public final class FishDrawing {
    /** From this width on, px, rays, scales and lines of the side are drawn too. */
    private static final int CLOSE = 100;

    /** A picture is so wide, and begins so far before the snout, in lengths of the fish: snouts and rays reach out. */
    public static final double SHARE_WIDE = 1.16;

    public static final double SHARE_BEFORE = 0.13;

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
                .add(Painted.of(look, id, length >= CLOSE))
                .close("g")
                .toString();
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
                        Svg.num(-SHARE_BEFORE) + " " + Svg.num(-half) + " " + Svg.num(SHARE_WIDE) + " "
                                + Svg.num(2 * half),
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
                .add(Painted.of(look, id, width >= CLOSE))
                .close("svg")
                .toString();
    }

    /**
     * A picture file of a look, which a browser fetches by itself when it comes into view.
     *
     * @param width from {@value #CLOSE} px on with rays, scales and lines of the side
     */
    public static String file(Look look, int width) {
        return alone(look, "", width, "fish").replaceFirst("<svg ", "<svg xmlns=\"http://www.w3.org/2000/svg\" ");
    }

    /** Where the picture file of one look of a species is to be had, for small sizes. */
    public static String href(Species species, Look look) {
        boolean young =
                species.appearance().young().filter(y -> y.look().equals(look)).isPresent();
        return href(species) + (young ? "?young=true" : "");
    }

    public static String href(Species species) {
        return "/fish/" + species.scientificName().replace(' ', '-') + ".svg";
    }

    /** The same to be looked at closely. @param href one without */
    public static String close(String href) {
        return href + (href.contains("?") ? "&" : "?") + "close=true";
    }

    /** A fish at its place in a drawing of a page, as a file of its own. @param x of its middle @param y of its line */
    public static String image(Species species, double x, double y, double length) {
        double half = halfHeight(species.look()) * length;
        return new Svg()
                .el(
                        "image",
                        "href",
                        href(species),
                        "x",
                        x - (0.5 + SHARE_BEFORE) * length,
                        "y",
                        y - half,
                        "width",
                        SHARE_WIDE * length,
                        "height",
                        2 * half)
                .toString();
    }

    /** A drawn fish as an element of a page whose picture is a file: pages with many fish stay small. */
    public static String img(Species species, int width) {
        return img(species, species.look(), width);
    }

    /** The same of one look of it, such as that of the young. */
    public static String img(Species species, Look look, int width) {
        String href = href(species, look);
        return new Svg()
                .open(
                        "img",
                        "class",
                        "fish",
                        "alt",
                        "",
                        "src",
                        width >= CLOSE ? close(href) : href,
                        "width",
                        width,
                        "height",
                        heightFor(look, width))
                .toString();
    }

    /** Height that goes with a width, so that a page can keep the place. */
    public static int heightFor(Look look, int width) {
        return (int) Math.round(width * 2 * halfHeight(look) / SHARE_WIDE);
    }

    /** Half of the height that the fish with its fins and whatever reaches out of it takes, in shares of its length. */
    public static double halfHeight(Look look) {
        return Painted.half(look);
    }

    static double measured(Look look) {
        FishForms.Outline o = FishForms.of(look.form());
        double marks = look.marks().stream()
                .filter(m -> FishMarks.outside(m) || FishMarks.onFin(m))
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
}
