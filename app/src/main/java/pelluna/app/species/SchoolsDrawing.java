package pelluna.app.species;

import pelluna.app.drawing.Svg;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Schools;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;

/** The disputed figures as ranges: where each school stands, and where the keeper's tank is. */
final class SchoolsDrawing {
    private static final double X0 = 130;
    private static final double X1 = 700;
    /** So wide is what stands over a point: three lie beside or above each other. */
    private static final double LABEL = 104;

    private SchoolsDrawing() {}

    static String of(Species s, OpenTank opened) {
        Svg svg = new Svg()
                .open(
                        "svg",
                        "viewBox",
                        "0 0 740 158",
                        "class",
                        "schools",
                        "role",
                        "img",
                        "aria-label",
                        opened.say().text("page.species.schools"));
        row(
                svg,
                46,
                opened.say().text("page.species.tank"),
                s.room().litres(),
                opened.plan().tank().glassLitres(),
                opened,
                true);
        row(
                svg,
                126,
                opened.say().text("page.species.run"),
                s.room().runCm(),
                opened.plan().tank().runCm(),
                opened,
                false);
        return svg.close("svg").toString();
    }

    private static void row(
            Svg svg, double y, String name, Schools schools, double yours, OpenTank opened, boolean litres) {
        double most = Math.max(schools.cautious(), yours) * 1.08;
        svg.text(14, y + 5, name, "class", "mesh-title");
        svg.el("line", "x1", X0, "x2", X1, "y1", y, "y2", y, "class", "axis");
        svg.el(
                "line",
                "x1",
                x(schools.bold(), most),
                "x2",
                x(schools.cautious(), most),
                "y1",
                y,
                "y2",
                y,
                "class",
                "span");
        double[] last = {-LABEL, -LABEL, -LABEL};
        for (Stance stance : new Stance[] {Stance.BOLD, Stance.CUSTOMARY, Stance.CAUTIOUS}) {
            double at = x(schools.at(stance), most);
            boolean mine = opened.plan().stance() == stance;
            int lift = 0;
            while (at - last[lift] < LABEL) {
                lift++;
            }
            last[lift] = at;
            svg.el("circle", "cx", at, "cy", y, "r", mine ? 6 : 4, "class", mine ? "school mine" : "school");
            svg.text(
                    at,
                    y - 10 - lift * 13,
                    opened.say().title(stance) + " "
                            + (litres
                                    ? opened.say().volume(schools.at(stance))
                                    : opened.say().length(schools.at(stance))),
                    "text-anchor",
                    "middle",
                    "class",
                    "small");
        }
        svg.el("path", "d", "M" + Svg.num(x(yours, most)) + " " + Svg.num(y + 4) + "l-6 11h12z", "class", "yours");
        svg.text(
                x(yours, most),
                y + 28,
                opened.say()
                        .text(
                                "page.species.yours",
                                litres
                                        ? opened.say().volume(yours)
                                        : opened.say().length(yours)),
                "text-anchor",
                "middle",
                "class",
                "figure");
    }

    private static double x(double value, double most) {
        return X0 + value / most * (X1 - X0);
    }
}
