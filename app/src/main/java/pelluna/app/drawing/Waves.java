package pelluna.app.drawing;

import pelluna.core.units.Step;

/**
 * The wave marks of the four steps: a flat line, one wave, two rows of waves, breaking crests. Never without their
 * word.
 */
public final class Waves {
    private static final String[] PATHS = {
        "M2 8h28",
        "M2 9q7 -8 14 0t14 0",
        "M2 6q5 -6 9 0t9 0t9 0M2 13q5 -6 9 0t9 0t9 0",
        "M2 12c4 -10 12 -12 16 -5c-5 -2 -7 2 -5 5M16 12c4 -10 10 -12 15 -5c-5 -2 -7 2 -5 5"
    };

    private Waves() {}

    public static String mark(Step step, int width) {
        return new Svg()
                .open(
                        "svg",
                        "class",
                        "wave step-" + step.word(),
                        "width",
                        width,
                        "height",
                        (int) Math.round(width * 18 / 34.0),
                        "viewBox",
                        "0 0 34 18",
                        "aria-hidden",
                        "true")
                .el("path", "d", PATHS[step.ordinal()])
                .close("svg")
                .toString();
    }

    /** The mark inside a larger drawing. */
    public static String at(Step step, double x, double y, double width) {
        return new Svg()
                .open(
                        "g",
                        "class",
                        "wave step-" + step.word(),
                        "transform",
                        "translate(" + Svg.num(x) + " " + Svg.num(y) + ") scale(" + Svg.num(width / 34) + ")")
                .el("path", "d", PATHS[step.ordinal()])
                .close("g")
                .toString();
    }
}
