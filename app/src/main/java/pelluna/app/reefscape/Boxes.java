package pelluna.app.reefscape;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.core.arrivals.Dated;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;

/** Newcomers that wait in the acclimation box at the surface, by the plan's days; the box is drawn to their size. */
final class Boxes {
    private static final double WIDE_CM = 22;
    private static final double HIGH_CM = 15;
    /** So much room around a fish, by its length. */
    private static final double ROOM = 1.6;

    private static final double LEFT = 0.05;

    private Boxes() {}

    /**
     * A box from a day until the one on which its fish goes free.
     *
     * @param x left side, cm @param wide cm @param high below the surface, cm
     */
    record Box(Party party, LocalDate from, LocalDate until, double x, double wide, double high) {
        boolean there(LocalDate day) {
            return !day.isBefore(from) && day.isBefore(until);
        }
    }

    static List<Box> of(List<Dated> steps, Tank tank) {
        List<Box> all = new ArrayList<>();
        for (Dated d : steps) {
            if (d.boxed()) {
                Party p = d.arrival().parties().get(0);
                double long_ = p.lengthOn(d.boxFrom());
                double wide = Math.min(0.4 * tank.lengthCm(), Math.max(WIDE_CM, ROOM * long_));
                double high = Math.min(0.4 * tank.frontHeightCm(), Math.max(HIGH_CM, ROOM * 0.6 * long_));
                all.add(new Box(p, d.boxFrom(), d.releaseOn(), LEFT * tank.lengthCm(), wide, high));
            }
        }
        return all;
    }

    /** The box with its fish in cm, for a picture in a page; the fish is a file of its own. */
    static String withFile(Box b, LocalDate day) {
        double cm = b.party().lengthOn(day);
        double half = FishDrawing.halfHeight(b.party().species().lookAt(cm)) * cm;
        return glass(b).el(
                        "image",
                        "href",
                        FishDrawing.href(
                                b.party().species(), b.party().species().lookAt(cm)),
                        "x",
                        b.x() + b.wide() / 2 - cm / 2 - FishDrawing.SHARE_BEFORE * cm,
                        "y",
                        b.high() / 2 - half,
                        "width",
                        FishDrawing.SHARE_WIDE * cm,
                        "height",
                        2 * half)
                .toString();
    }

    /** The same as a picture that stands by itself. @param id of its fish, unique in the picture */
    static String whole(Box b, LocalDate day, String id) {
        double cm = b.party().lengthOn(day);
        return glass(b).add(FishDrawing.at(b.party().species().lookAt(cm), b.x() + b.wide() / 2, b.high() / 2, cm, id))
                .toString();
    }

    private static Svg glass(Box b) {
        double line = b.wide() / 60;
        return new Svg()
                .el(
                        "rect",
                        "class",
                        "box-glass",
                        "x",
                        b.x(),
                        "y",
                        -line,
                        "width",
                        b.wide(),
                        "height",
                        b.high(),
                        "rx",
                        line,
                        "fill",
                        "#ffffff",
                        "fill-opacity",
                        0.13,
                        "stroke",
                        "#f2faf8",
                        "stroke-opacity",
                        0.85,
                        "stroke-width",
                        line);
    }
}
