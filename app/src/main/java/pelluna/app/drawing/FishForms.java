package pelluna.app.drawing;

import static pelluna.app.drawing.Svg.num;

import java.util.EnumMap;
import java.util.Map;
import java.util.regex.Pattern;
import pelluna.core.catalogue.Form;

/**
 * Outlines of the body forms in unit length, snout at x = 0, back up, facing left. A form is a body profile, a tail,
 * and
 * fins on the back and belly; a few fish that are like nothing else have outlines of their own.
 */
final class FishForms {
    /** @param half half of the body depth; marks are placed in shares of it */
    record Outline(
            String body, String fins, String behind, String tail, double half, double eyeX, double eyeY, double eyeR) {
        private static final Pattern NUMBER = Pattern.compile("-?\\d*\\.?\\d+");

        /** The farthest that any of its paths goes up or down, control points too, so a little more than is seen. */
        double reach() {
            return Math.max(Math.max(reach(body), reach(fins)), Math.max(reach(behind), reach(tail)));
        }

        /** Paths are written with absolute points: every second number is a height. */
        private static double reach(String path) {
            double[] numbers = NUMBER.matcher(path)
                    .results()
                    .mapToDouble(m -> Double.parseDouble(m.group()))
                    .toArray();
            double most = 0;
            for (int i = 1; i < numbers.length; i += 2) {
                most = Math.max(most, Math.abs(numbers[i]));
            }
            return most;
        }
    }

    private enum Tail {
        FORK,
        LYRE,
        ROUND,
        SQUARE,
        FAN,
        POINT
    }

    /**
     * @param nose 0 pointed to 1 blunt
     * @param end  where the body ends and the tail begins
     * @param stalk half the height of the tail's stalk
     */
    private record Build(
            double nose,
            double peak,
            double end,
            double stalk,
            Tail tail,
            double tailSpan,
            double[] back,
            double[] belly,
            double eyeX,
            double eyeY,
            double eyeR) {}

    private static final Map<Form, Outline> OUTLINES = new EnumMap<>(Form.class);

    static {
        build(
                Form.SURGEON,
                0.75,
                0.42,
                0.84,
                0.035,
                Tail.FORK,
                0.19,
                fin(0.2, 0.82, 0.09, 0.5),
                fin(0.32, 0.82, 0.08, 0.5),
                0.13,
                -0.35,
                0.024);
        build(
                Form.SAILFIN,
                0.55,
                0.44,
                0.85,
                0.035,
                Tail.SQUARE,
                0.14,
                fin(0.2, 0.86, 0.2, 0.7),
                fin(0.34, 0.86, 0.16, 0.7),
                0.15,
                -0.35,
                0.024);
        build(
                Form.UNICORN,
                0.8,
                0.4,
                0.83,
                0.03,
                Tail.LYRE,
                0.19,
                fin(0.18, 0.8, 0.06, 0.3),
                fin(0.36, 0.8, 0.06, 0.3),
                0.14,
                -0.4,
                0.022);
        build(
                Form.RABBIT,
                0.3,
                0.45,
                0.85,
                0.035,
                Tail.FORK,
                0.14,
                spiny(0.2, 0.84, 0.1),
                spiny(0.4, 0.84, 0.08),
                0.14,
                -0.3,
                0.026);
        build(
                Form.ANGEL,
                0.75,
                0.42,
                0.86,
                0.07,
                Tail.ROUND,
                0.12,
                fin(0.26, 0.95, 0.12, 0.9),
                fin(0.4, 0.95, 0.12, 0.9),
                0.14,
                -0.3,
                0.022);
        build(
                Form.DWARF_ANGEL,
                0.7,
                0.42,
                0.85,
                0.08,
                Tail.ROUND,
                0.13,
                fin(0.22, 0.92, 0.1, 0.85),
                fin(0.38, 0.92, 0.1, 0.85),
                0.15,
                -0.3,
                0.03);
        build(
                Form.SWALLOWTAIL,
                0.6,
                0.42,
                0.82,
                0.05,
                Tail.LYRE,
                0.2,
                fin(0.24, 0.82, 0.08, 0.7),
                fin(0.42, 0.82, 0.07, 0.7),
                0.12,
                -0.25,
                0.024);
        build(
                Form.BUTTERFLY,
                0.05,
                0.5,
                0.88,
                0.05,
                Tail.SQUARE,
                0.1,
                fin(0.28, 0.9, 0.08, 0.6),
                fin(0.46, 0.9, 0.08, 0.6),
                0.14,
                -0.15,
                0.024);
        build(
                Form.LONGNOSE,
                0.0,
                0.58,
                0.9,
                0.045,
                Tail.SQUARE,
                0.09,
                fin(0.4, 0.9, 0.09, 0.5),
                fin(0.54, 0.9, 0.08, 0.5),
                0.22,
                -0.1,
                0.022);
        build(
                Form.BANNER,
                0.05,
                0.48,
                0.88,
                0.05,
                Tail.SQUARE,
                0.1,
                streamer(),
                fin(0.46, 0.88, 0.1, 0.5),
                0.14,
                -0.15,
                0.024);
        build(
                Form.DAMSEL,
                0.75,
                0.42,
                0.8,
                0.07,
                Tail.FORK,
                0.15,
                spiny(0.24, 0.78, 0.08),
                fin(0.46, 0.78, 0.08, 0.6),
                0.14,
                -0.25,
                0.034);
        build(
                Form.CHROMIS,
                0.65,
                0.42,
                0.77,
                0.05,
                Tail.LYRE,
                0.16,
                spiny(0.24, 0.74, 0.07),
                fin(0.46, 0.74, 0.07, 0.6),
                0.13,
                -0.25,
                0.036);
        build(
                Form.CLOWN,
                0.8,
                0.4,
                0.83,
                0.08,
                Tail.ROUND,
                0.13,
                twoLobed(0.24, 0.8, 0.09),
                fin(0.5, 0.8, 0.08, 0.7),
                0.13,
                -0.25,
                0.032);
        build(
                Form.ANTHIAS,
                0.7,
                0.38,
                0.76,
                0.045,
                Tail.LYRE,
                0.19,
                spiny(0.22, 0.74, 0.1),
                fin(0.48, 0.72, 0.09, 0.5),
                0.13,
                -0.3,
                0.034);
        build(
                Form.BASSLET,
                0.6,
                0.42,
                0.82,
                0.06,
                Tail.SQUARE,
                0.11,
                fin(0.24, 0.82, 0.09, 0.8),
                fin(0.46, 0.8, 0.08, 0.8),
                0.13,
                -0.3,
                0.034);
        build(
                Form.DOTTYBACK,
                0.5,
                0.42,
                0.83,
                0.06,
                Tail.ROUND,
                0.1,
                fin(0.24, 0.84, 0.07, 0.8),
                fin(0.44, 0.82, 0.07, 0.8),
                0.12,
                -0.3,
                0.034);
        build(
                Form.COMET,
                0.7,
                0.36,
                0.78,
                0.08,
                Tail.POINT,
                0.17,
                fin(0.22, 0.92, 0.18, 0.9),
                fin(0.36, 0.92, 0.18, 0.9),
                0.12,
                -0.25,
                0.026);
        build(
                Form.CARDINAL,
                0.65,
                0.4,
                0.8,
                0.055,
                Tail.FORK,
                0.15,
                twin(0.26, 0.38, 0.54, 0.68, 0.17),
                fin(0.52, 0.72, 0.14, 0.3),
                0.14,
                -0.2,
                0.05);
        build(
                Form.WRASSE,
                0.35,
                0.42,
                0.86,
                0.055,
                Tail.ROUND,
                0.1,
                fin(0.2, 0.86, 0.06, 0.6),
                fin(0.44, 0.84, 0.05, 0.6),
                0.12,
                -0.25,
                0.024);
        build(
                Form.FAIRY,
                0.4,
                0.42,
                0.84,
                0.06,
                Tail.FAN,
                0.12,
                fin(0.2, 0.88, 0.12, 0.8),
                fin(0.44, 0.88, 0.1, 0.85),
                0.12,
                -0.25,
                0.028);
        build(
                Form.HOGFISH,
                0.35,
                0.4,
                0.84,
                0.07,
                Tail.SQUARE,
                0.11,
                spiny(0.2, 0.86, 0.09),
                fin(0.46, 0.84, 0.08, 0.8),
                0.14,
                -0.3,
                0.026);
        build(
                Form.GOBY,
                0.85,
                0.24,
                0.84,
                0.045,
                Tail.ROUND,
                0.08,
                twin(0.24, 0.4, 0.48, 0.8, 0.13),
                fin(0.52, 0.8, 0.06, 0.7),
                0.075,
                -0.65,
                0.024);
        build(
                Form.CLOWN_GOBY,
                0.9,
                0.36,
                0.8,
                0.06,
                Tail.ROUND,
                0.12,
                fin(0.26, 0.8, 0.1, 0.8),
                fin(0.5, 0.8, 0.09, 0.8),
                0.12,
                -0.3,
                0.045);
        build(
                Form.BLENNY,
                1.0,
                0.2,
                0.86,
                0.055,
                Tail.ROUND,
                0.09,
                fin(0.16, 0.86, 0.09, 0.9),
                fin(0.42, 0.84, 0.06, 0.9),
                0.07,
                -0.55,
                0.03);
        build(
                Form.DARTFISH,
                0.7,
                0.3,
                0.85,
                0.045,
                Tail.FAN,
                0.09,
                fin(0.44, 0.84, 0.08, 0.8),
                fin(0.48, 0.84, 0.08, 0.8),
                0.07,
                -0.3,
                0.028);
        build(
                Form.JAWFISH,
                1.0,
                0.16,
                0.86,
                0.045,
                Tail.ROUND,
                0.07,
                fin(0.2, 0.88, 0.07, 0.9),
                fin(0.46, 0.86, 0.06, 0.9),
                0.07,
                -0.5,
                0.036);
        build(
                Form.DRAGONET,
                0.6,
                0.28,
                0.78,
                0.05,
                Tail.FAN,
                0.13,
                twin(0.24, 0.36, 0.46, 0.74, 0.17),
                fin(0.5, 0.76, 0.09, 0.8),
                0.12,
                -0.75,
                0.032);
        build(
                Form.HAWKFISH,
                0.55,
                0.36,
                0.83,
                0.07,
                Tail.SQUARE,
                0.11,
                spiny(0.22, 0.82, 0.1),
                fin(0.52, 0.74, 0.08, 0.4),
                0.13,
                -0.55,
                0.032);
        build(
                Form.GROUPER,
                0.5,
                0.4,
                0.82,
                0.08,
                Tail.ROUND,
                0.13,
                spiny(0.3, 0.82, 0.08),
                fin(0.56, 0.8, 0.09, 0.7),
                0.16,
                -0.4,
                0.024);
        build(Form.LION, 0.5, 0.38, 0.82, 0.06, Tail.ROUND, 0.1, rays(), fin(0.58, 0.8, 0.12, 0.5), 0.12, -0.35, 0.026);
        build(
                Form.TRIGGER,
                0.1,
                0.5,
                0.85,
                0.05,
                Tail.SQUARE,
                0.13,
                triggerFin(),
                fin(0.58, 0.82, 0.11, 0.15),
                0.28,
                -0.55,
                0.022);
        build(
                Form.FILEFISH,
                0.0,
                0.46,
                0.84,
                0.06,
                Tail.ROUND,
                0.11,
                spineAndFin(),
                fin(0.56, 0.82, 0.07, 0.5),
                0.24,
                -0.4,
                0.026);
        build(
                Form.PUFFER,
                0.6,
                0.38,
                0.83,
                0.06,
                Tail.ROUND,
                0.1,
                fin(0.68, 0.8, 0.12, 0.2),
                fin(0.7, 0.8, 0.1, 0.2),
                0.17,
                -0.45,
                0.042);
        OUTLINES.put(
                Form.BOX,
                new Outline(
                        "M0 .06 C.02 -.04 .08 -.19 .18 -.22 C.32 -.25 .52 -.24 .6 -.22 C.7 -.19 .74 -.08 .82 -.06 "
                                + "L.86 -.05 L.86 .07 L.82 .08 C.76 .1 .74 .2 .66 .22 C.5 .24 .24 .24 .14 .21"
                                + " C.06 .19 .02 .12 0 .06Z",
                        "M.6 -.2 C.62 -.3 .68 -.34 .72 -.3 C.74 -.24 .72 -.16 .7 -.12Z M.62 .2 C.64 .28 .7 .3 .73 .26 "
                                + "C.74 .2 .72 .14 .7 .12Z",
                        "",
                        "M.85 -.05 C.9 -.14 .98 -.13 1 -.06 C1.01 0 1.01 .04 1 .08 C.98 .14 .9 .15 .85 .07Z",
                        0.22,
                        0.15,
                        -0.08,
                        0.036));
        build(
                Form.FROG,
                0.9,
                0.45,
                0.84,
                0.1,
                Tail.ROUND,
                0.13,
                spiny(0.3, 0.82, 0.12),
                fin(0.6, 0.82, 0.12, 0.6),
                0.16,
                -0.4,
                0.022);
        build(
                Form.SQUIRREL,
                0.6,
                0.38,
                0.8,
                0.04,
                Tail.FORK,
                0.15,
                twin(0.26, 0.5, 0.54, 0.7, 0.13),
                fin(0.56, 0.72, 0.12, 0.3),
                0.14,
                -0.25,
                0.055);
        build(
                Form.SNAPPER,
                0.45,
                0.36,
                0.82,
                0.045,
                Tail.FORK,
                0.14,
                spiny(0.24, 0.8, 0.09),
                fin(0.56, 0.76, 0.08, 0.4),
                0.15,
                -0.35,
                0.028);
        build(
                Form.BATFISH,
                0.8,
                0.42,
                0.86,
                0.06,
                Tail.SQUARE,
                0.13,
                fin(0.2, 0.86, 0.3, 0.75),
                fin(0.34, 0.86, 0.3, 0.75),
                0.12,
                -0.25,
                0.026);
        build(
                Form.DRUM,
                0.6,
                0.3,
                0.86,
                0.045,
                Tail.POINT,
                0.09,
                mast(),
                fin(0.54, 0.66, 0.09, 0.4),
                0.12,
                -0.3,
                0.032);
        build(
                Form.SCORPION,
                0.5,
                0.36,
                0.84,
                0.06,
                Tail.ROUND,
                0.11,
                spiny(0.16, 0.84, 0.16),
                fin(0.56, 0.78, 0.12, 0.6),
                0.14,
                -0.45,
                0.024);
        build(
                Form.EELTAIL,
                0.7,
                0.18,
                0.96,
                0.015,
                Tail.POINT,
                0.03,
                fin(0.3, 0.98, 0.05, 0.6),
                fin(0.34, 0.98, 0.045, 0.6),
                0.05,
                -0.3,
                0.016);
        build(
                Form.SHARK,
                0.35,
                0.26,
                0.9,
                0.02,
                Tail.POINT,
                0.05,
                twin(0.46, 0.56, 0.66, 0.76, 0.09),
                fin(0.8, 0.97, 0.05, 0.4),
                0.07,
                -0.4,
                0.012);
        OUTLINES.put(
                Form.RAY,
                new Outline(
                        "M0 0 C.02 -.2 .16 -.31 .32 -.31 C.5 -.31 .6 -.16 .62 -.04 L.64 -.015 L.64 .015 L.62 .04 C.6 "
                                + ".16 .5 .31 .32 .31 C.16 .31 .02 .2 0 0Z",
                        "M.5 -.1 L.66 -.12 L.62 0 L.66 .12 L.5 .1Z",
                        "",
                        "M.62 -.02 C.78 -.03 .9 .06 1 .02 C.9 .09 .78 .02 .62 .02Z",
                        0.31,
                        0.12,
                        -0.07,
                        0.016));
        OUTLINES.put(
                Form.MORAY,
                new Outline(
                        "M0 .0 C.02 -.035 .06 -.05 .1 -.045 C.25 -.03 .3 .06 .45 .045 C.6 .03 .65 -.06 .8 -.045 C.9 "
                                + "-.035 .96 -.01 1 .02 C.95 .03 .9 .02 .8 .02"
                                + " C.68 .02 .6 .12 .45 .12 C.3 .12 .24 .045 .1 .035 C.05 .035 .02 .03 0 .0Z",
                        "M.1 -.045 C.25 -.03 .3 .06 .45 .045 C.6 .03 .65 -.06 .8 -.045 L1 .02 C.9 -.06 .8 -.1 .74 "
                                + "-.085 C.62 -.06 .56 .0 .45 .01 C.32 .02 .24 -.08 .1 -.045Z",
                        "",
                        "M.97 .01 L1 .02 L.97 .025Z",
                        0.09,
                        0.05,
                        -0.014,
                        0.011));
        OUTLINES.put(
                Form.PIPEFISH,
                new Outline(
                        "M0 0 L.14 -.012 C.2 -.03 .5 -.026 .88 -.01 L.88 .012 C.5 .026 .2 .03 .14 .012Z",
                        "M.5 -.024 L.56 -.06 L.62 -.022Z",
                        "",
                        "M.87 -.01 C.92 -.05 .98 -.05 1 0 C.98 .05 .92 .05 .87 .012Z",
                        0.025,
                        0.16,
                        -0.006,
                        0.009));
        OUTLINES.put(
                Form.SEAHORSE,
                new Outline(
                        "M.3 -.44 L.42 -.47 C.44 -.53 .56 -.53 .58 -.44 C.6 -.36 .52 -.34 .54 -.26 C.6 -.16 .66 -.04 "
                                + ".62 .08 C.58 .2 .54 .24 .55 .34 C.56 .46 .44 .5 .41 .42"
                                + " C.39 .36 .46 .34 .47 .38 C.48 .42 .5 .4 .49 .34 C.47 .24 .44 .16 .42 .04 C.4 -.1 "
                                + ".46 -.22 .46 -.3 C.46 -.36 .44 -.4 .42 -.42 L.3 -.41Z",
                        "M.62 -.06 C.72 -.1 .74 .02 .64 .05Z",
                        "",
                        "M.3 -.44 L.31 -.41 L.29 -.42Z",
                        0.5,
                        0.49,
                        -0.45,
                        0.016));
    }

    private FishForms() {}

    static Outline of(Form form) {
        return OUTLINES.get(form);
    }

    private static void build(
            Form form,
            double nose,
            double peak,
            double end,
            double stalk,
            Tail tail,
            double span,
            double[] back,
            double[] belly,
            double eyeX,
            double eyeY,
            double eyeR) {
        Build b = new Build(nose, peak, end, stalk, tail, span, back, belly, eyeX, eyeY, eyeR);
        double half = form.depthShare() / 2;
        boolean finsBehind = back.length > 4;
        String fins = finPath(b, half, back, -1) + " " + finPath(b, half, belly, 1);
        OUTLINES.put(
                form,
                new Outline(
                        body(b, half),
                        finsBehind && back[0] < 0 ? "" : fins,
                        finsBehind && back[0] < 0 ? fins : "",
                        tail(b),
                        half,
                        eyeX,
                        eyeY * half,
                        eyeR));
    }

    private static String body(Build b, double h) {
        double rise = h * (0.25 + 0.75 * b.nose());
        double foot = Math.max(b.peak() + 0.1, b.end() - 0.14);
        return path(
                        "M",
                        0,
                        0.02,
                        "C",
                        0.02 + 0.1 * (1 - b.nose()),
                        -rise,
                        b.peak() * 0.5,
                        -h,
                        b.peak(),
                        -h,
                        "C",
                        b.peak() + 0.2,
                        -h,
                        foot,
                        -b.stalk() * 1.6,
                        b.end(),
                        -b.stalk(),
                        "L",
                        b.end(),
                        b.stalk(),
                        "C",
                        foot,
                        b.stalk() * 1.6,
                        b.peak() + 0.2,
                        h,
                        b.peak(),
                        h,
                        "C",
                        b.peak() * 0.5,
                        h,
                        0.02 + 0.1 * (1 - b.nose()),
                        rise,
                        0,
                        0.02)
                + "Z";
    }

    private static String tail(Build b) {
        double s = b.tailSpan();
        double p = b.stalk();
        double e = b.end() - 0.015;
        return switch (b.tail()) {
            case FORK ->
                path(
                                "M", e, -p, "C", e + 0.07, -s * 0.5, 0.96, -s * 0.9, 1, -s, "C", 0.955, -s * 0.4, 0.955,
                                s * 0.4, 1, s, "C", 0.96, s * 0.9, e + 0.07, s * 0.5, e, p)
                        + "Z";
            case LYRE ->
                path(
                                "M", e, -p, "C", e + 0.08, -s * 0.5, 0.94, -s * 0.9, 1, -s * 1.05, "C", e + 0.1,
                                -s * 0.3, e + 0.1, s * 0.3, 1, s * 1.05, "C", 0.94, s * 0.9, e + 0.08, s * 0.5, e, p)
                        + "Z";
            case ROUND ->
                path(
                                "M", e, -p, "C", e + 0.05, -s, 0.97, -s, 0.99, -s * 0.7, "C", 1.01, -s * 0.2, 1.01,
                                s * 0.2, 0.99, s * 0.7, "C", 0.97, s, e + 0.05, s, e, p)
                        + "Z";
            case SQUARE ->
                path(
                                "M", e, -p, "C", e + 0.05, -s * 0.8, 0.95, -s, 1, -s, "C", 0.985, -s * 0.4, 0.985,
                                s * 0.4, 1, s, "C", 0.95, s, e + 0.05, s * 0.8, e, p)
                        + "Z";
            case FAN ->
                path(
                                "M", e, -p, "C", e + 0.04, -s * 1.1, 0.96, -s * 1.2, 0.98, -s * 0.9, "L", 1, 0, "L",
                                0.98, s * 0.9, "C", 0.96, s * 1.2, e + 0.04, s * 1.1, e, p)
                        + "Z";
            case POINT ->
                path("M", e, -p, "C", e + 0.02, -s, 0.9, -s * 0.9, 1, 0.02, "C", 0.9, s * 0.9, e + 0.02, s, e, p) + "Z";
        };
    }

    /** A continuous fin: from, to, height, how far back it stays high (0 to 1). */
    private static double[] fin(double from, double to, double height, double fullness) {
        return new double[] {from, to, height, fullness};
    }

    private static double[] spiny(double from, double to, double height) {
        return new double[] {from, to, height, 0.6, 1};
    }

    private static double[] twoLobed(double from, double to, double height) {
        return new double[] {from, to, height, 0.6, 2};
    }

    private static double[] twin(double from, double firstEnd, double second, double to, double height) {
        return new double[] {from, to, height, 0.4, 3, firstEnd, second};
    }

    private static double[] streamer() {
        return new double[] {0.3, 0.88, 0.46, 0.5, 4};
    }

    private static double[] rays() {
        return new double[] {0.16, 0.8, 0.24, 0.5, 5};
    }

    private static double[] mast() {
        return new double[] {0.2, 0.84, 0.3, 0.5, 8};
    }

    private static double[] triggerFin() {
        return new double[] {0.58, 0.82, 0.12, 0.15, 6};
    }

    private static double[] spineAndFin() {
        return new double[] {0.56, 0.82, 0.07, 0.5, 7};
    }

    /** A fin on the back (side −1) or belly (side 1), rooted inside the body so that no gap shows. */
    private static String finPath(Build b, double h, double[] f, int side) {
        double root = side * h * 0.55;
        double edge = side * edgeAt(b, h, (f[0] + f[1]) / 2);
        double from = side * edgeAt(b, h, f[0]);
        double to = side * edgeAt(b, h, f[1]);
        double top = side * f[2];
        double high = f[0] + (f[1] - f[0]) * (0.35 + 0.6 * f[3]);
        String sail = path(
                        "M",
                        f[0],
                        root,
                        "L",
                        f[0],
                        from * 0.98,
                        "C",
                        f[0] + 0.06,
                        from + top * 0.9,
                        high - 0.1,
                        edge + top,
                        high,
                        side * edgeAt(b, h, high) + top * 0.95,
                        "C",
                        high + 0.04,
                        side * edgeAt(b, h, high) + top * 0.6,
                        f[1],
                        to + top * 0.3,
                        f[1],
                        to,
                        "L",
                        f[0] + 0.1,
                        root)
                + "Z";
        if (f.length == 4) {
            return sail;
        }
        return switch ((int) f[4]) {
            case 1 -> zigzag(b, h, f, side);
            case 2 ->
                path(
                                "M",
                                f[0],
                                root,
                                "L",
                                f[0],
                                from,
                                "C",
                                f[0] + 0.05,
                                from + top,
                                f[0] + 0.18,
                                edge + top,
                                f[0] + 0.27,
                                edge + top * 0.35,
                                "C",
                                f[0] + 0.34,
                                edge + top * 1.15,
                                f[1] - 0.08,
                                edge + top * 1.1,
                                f[1],
                                to + top * 0.2,
                                "L",
                                f[1],
                                to)
                        + "Z";
            case 3 ->
                path(
                                "M",
                                f[0],
                                root,
                                "L",
                                f[0] + 0.01,
                                from + top * 1.15,
                                "C",
                                f[0] + 0.06,
                                from + top,
                                f[5],
                                from + top * 0.5,
                                f[5],
                                side * edgeAt(b, h, f[5]))
                        + "Z "
                        + path(
                                "M",
                                f[6] - 0.02,
                                side * edgeAt(b, h, f[6]) * 0.7,
                                "L",
                                f[6],
                                side * edgeAt(b, h, f[6]) + top * 0.85,
                                "C",
                                f[6] + 0.1,
                                side * edgeAt(b, h, f[6]) + top * 0.8,
                                f[1],
                                to + top * 0.7,
                                f[1],
                                to)
                        + "Z";
            case 4 ->
                path(
                                "M", 0.3, -h * 0.8, "C", 0.36, -h - 0.16, 0.6, -h - 0.3, 0.95, -h - 0.26, "C", 0.7,
                                -h - 0.22, 0.52, -h - 0.1, 0.5, -h * 0.98, "L", 0.86, -h * 0.62, "L", 0.8, -h * 0.3)
                        + "Z";
            case 5 -> lionRays(h);
            case 6 -> sail + " " + path("M", 0.34, -h * 0.8, "L", 0.37, -h - 0.1, "L", 0.46, -h * 0.95) + "Z";
            case 8 ->
                path(
                                "M",
                                0.18,
                                -h * 0.7,
                                "C",
                                0.2,
                                -h - 0.2,
                                0.3,
                                -h - 0.34,
                                0.42,
                                -h - 0.36,
                                "C",
                                0.34,
                                -h - 0.22,
                                0.34,
                                -h - 0.06,
                                0.34,
                                -h * 0.8,
                                "L",
                                0.42,
                                -h * 0.9,
                                "C",
                                0.5,
                                -h - 0.1,
                                0.72,
                                -h - 0.02,
                                0.84,
                                -b.stalk() - 0.04,
                                "L",
                                0.84,
                                -b.stalk())
                        + "Z";
            default -> sail + " " + path("M", 0.27, -h * 0.4, "L", 0.29, -h - 0.12, "L", 0.32, -h * 0.5) + "Z";
        };
    }

    private static String zigzag(Build b, double h, double[] f, int side) {
        StringBuilder d = new StringBuilder(path("M", f[0], side * h * 0.5));
        int spines = 6;
        double hard = f[0] + (f[1] - f[0]) * 0.58;
        for (int i = 0; i <= spines; i++) {
            double x = f[0] + (hard - f[0]) * i / spines;
            double y = side * (edgeAt(b, h, x) + f[2] * (0.75 + 0.25 * Math.sin(Math.PI * i / spines)));
            d.append(path("L", x + 0.012, y)).append(path("L", x + 0.04, y - side * f[2] * 0.28));
        }
        return d
                + path(
                        "C",
                        hard + 0.1,
                        side * (edgeAt(b, h, hard) + f[2] * 1.25),
                        f[1],
                        side * (edgeAt(b, h, f[1]) + f[2] * 0.9),
                        f[1],
                        side * edgeAt(b, h, f[1]))
                + "Z";
    }

    private static String lionRays(double h) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            double x = 0.2 + i * 0.055;
            d.append(path(
                            "M",
                            x,
                            -h * 0.7,
                            "L",
                            x + 0.05,
                            -h - 0.2 + Math.abs(i - 4) * 0.018,
                            "L",
                            x + 0.035,
                            -h * 0.6))
                    .append("Z ");
        }
        for (int i = 0; i < 8; i++) {
            double a = 0.35 + i * 0.2;
            d.append(path("M", 0.3, 0.05, "L", 0.32 + 0.42 * Math.cos(a), 0.06 + 0.36 * Math.sin(a), "L", 0.36, 0.09))
                    .append("Z ");
        }
        return d.toString();
    }

    /** Half depth of the body at x; a half sine up to the peak, a cosine down to the stalk. */
    private static double edgeAt(Build b, double h, double x) {
        if (x < b.peak()) {
            return h * Math.pow(Math.sin(Math.PI / 2 * Math.max(0.02, x / b.peak())), 0.7);
        }
        double t = Math.min(1, (x - b.peak()) / (b.end() - b.peak()));
        return b.stalk() + (h - b.stalk()) * (1 + Math.cos(Math.PI * t)) / 2;
    }

    private static String path(Object... parts) {
        StringBuilder d = new StringBuilder();
        for (Object part : parts) {
            d.append(part instanceof Number n ? num(n.doubleValue()) : part.toString())
                    .append(' ');
        }
        return d.toString();
    }
}
