package pelluna.app.drawing;

/** Light from above on any fish, in one way for all: dark back, light flank, dark belly, a sheen on the shoulder. */
final class Shading {
    private static final String[][] STOPS = {
        {"0", "#04121e", ".46"},
        {".2", "#04121e", ".16"},
        {".42", "#ffffff", ".06"},
        {".58", "#ffffff", ".16"},
        {".76", "#081420", ".08"},
        {"1", "#04121e", ".42"}
    };

    private Shading() {}

    /** Laid over tail, fins and body. @param id unique in the page */
    static String over(FishForms.Outline o, String id) {
        Svg svg = new Svg();
        svg.open("linearGradient", "id", "shade-" + id, "x1", 0, "y1", 0, "x2", 0, "y2", 1);
        for (String[] stop : STOPS) {
            svg.el("stop", "offset", stop[0], "stop-color", stop[1], "stop-opacity", stop[2]);
        }
        svg.close("linearGradient");
        svg.open("radialGradient", "id", "sheen-" + id, "cx", 0.34, "cy", 0.3, "r", 0.36);
        svg.el("stop", "offset", 0, "stop-color", "#ffffff", "stop-opacity", 0.34);
        svg.el("stop", "offset", 1, "stop-color", "#ffffff", "stop-opacity", 0);
        svg.close("radialGradient");
        svg.open("g", "fill", "url(#shade-" + id + ")", "pointer-events", "none");
        svg.el("path", "d", o.body());
        svg.el("path", "d", o.tail(), "fill-opacity", 0.5);
        svg.close("g");
        svg.el("path", "d", o.body(), "fill", "url(#sheen-" + id + ")");
        return svg.toString();
    }

    /** Scales as rows of bows. @param wide of one, in lengths */
    static String scales(double wide, String id) {
        String w = Svg.num(wide);
        String half = Svg.num(wide / 2);
        Svg svg = new Svg();
        svg.open("pattern", "id", "scales-" + id, "width", wide, "height", wide, "patternUnits", "userSpaceOnUse");
        svg.el(
                "path",
                "d",
                "M0 0Q" + half + " " + half + " 0 " + w + "M" + half + " " + Svg.num(-wide / 2) + "Q" + w + " 0 " + half
                        + " " + half + "M" + half + " " + half + "Q" + w + " " + w + " " + half + " "
                        + Svg.num(1.5 * wide),
                "fill",
                "none",
                "stroke",
                "#061418",
                "stroke-opacity",
                0.16,
                "stroke-width",
                wide / 9);
        svg.close("pattern");
        svg.el("rect", "x", 0.15, "y", -0.5, "width", 0.8, "height", 1, "fill", "url(#scales-" + id + ")");
        return svg.toString();
    }
}
