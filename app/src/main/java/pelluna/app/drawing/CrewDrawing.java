package pelluna.app.drawing;

import pelluna.core.crew.CrewKind;

/** Small outlines of clean-up crew. */
public final class CrewDrawing {
    private CrewDrawing() {}

    /** @param name what it is, for those who do not see it @param wide px; the drawing is seven tenths as high */
    public static String draw(CrewKind kind, String name, double wide) {
        Svg svg = new Svg();
        svg.open(
                "svg",
                "class",
                "crew-drawing",
                "viewBox",
                "0 0 40 28",
                "width",
                wide,
                "height",
                wide * 0.7,
                "role",
                "img",
                "aria-label",
                name);
        switch (kind.life()) {
            case SNAILS -> snail(svg);
            case CRABS -> crab(svg);
            case SHRIMP -> shrimp(svg);
            case URCHINS -> urchin(svg);
            case STARS -> star(svg);
            default -> cucumber(svg);
        }
        return svg.close("svg").toString();
    }

    private static void snail(Svg svg) {
        svg.el("path", "class", "crew-body", "d", "M6 24 Q4 19 10 19 L33 19 Q37 20 34 24Z");
        svg.el("path", "class", "crew-shell", "d", "M12 19 Q12 9 22 4 Q31 10 31 19Z");
        svg.el("path", "class", "crew-line", "d", "M15 15 Q23 17 30 15M18 10 Q23 12 28 10");
    }

    private static void crab(Svg svg) {
        svg.el("path", "class", "crew-line", "d", "M10 18 L4 25M14 20 L10 26M26 20 L30 26M30 18 L36 25");
        svg.el("path", "class", "crew-shell", "d", "M8 15 Q8 8 20 8 Q32 8 32 15 Q32 22 20 22 Q8 22 8 15Z");
        svg.el(
                "path",
                "class",
                "crew-body",
                "d",
                "M8 12 Q2 10 3 4 Q7 5 8 8 Q11 9 11 11ZM32 12 Q38 10 37 4 Q33 5 32 8 Q29 9 29 11Z");
    }

    private static void shrimp(Svg svg) {
        svg.el(
                "path",
                "class",
                "crew-line",
                "d",
                "M31 9 Q36 3 39 4M31 10 Q37 8 39 11M24 17 L25 23M20 18 L20 24M16 17 L14 23");
        svg.el(
                "path",
                "class",
                "crew-shell",
                "d",
                "M32 9 Q30 18 20 18 Q12 18 9 12 Q6 7 2 9 Q4 14 2 19 Q6 18 8 15 Q13 22 21 22 Q33 21 34 11Z");
        svg.el("path", "class", "crew-body", "d", "M31 8 L34 8 L34 11 L31 11Z");
    }

    private static void urchin(Svg svg) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i <= 12; i++) {
            double a = Math.PI * i / 12;
            d.append('M')
                    .append(Svg.num(20 + 8 * Math.cos(a)))
                    .append(' ')
                    .append(Svg.num(20 - 8 * Math.sin(a)))
                    .append('L')
                    .append(Svg.num(20 + 17 * Math.cos(a)))
                    .append(' ')
                    .append(Svg.num(20 - 17 * Math.sin(a)));
        }
        svg.el("path", "class", "crew-line", "d", d.toString());
        svg.el("path", "class", "crew-shell", "d", "M10 21 A10 10 0 0 1 30 21Z");
    }

    private static void star(Svg svg) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < 10; i++) {
            double a = -Math.PI / 2 + Math.PI * i / 5;
            double r = i % 2 == 0 ? 13 : 4;
            d.append(i == 0 ? 'M' : 'L')
                    .append(Svg.num(20 + 1.3 * r * Math.cos(a)))
                    .append(' ')
                    .append(Svg.num(15 + r * Math.sin(a)));
        }
        svg.el("path", "class", "crew-shell", "d", d.append('Z').toString());
    }

    private static void cucumber(Svg svg) {
        svg.el(
                "path",
                "class",
                "crew-shell",
                "d",
                "M5 20 Q5 12 14 12 L28 12 Q36 13 36 18 Q35 24 27 23 L12 25 Q5 25 5 20Z");
        svg.el("path", "class", "crew-line", "d", "M12 15 L13 12M19 15 L19 11M26 15 L27 12M15 21 L16 24M23 20 L24 23");
    }
}
