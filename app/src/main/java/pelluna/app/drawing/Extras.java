package pelluna.app.drawing;

/** What only some fish have: streamers, plumes, tentacles, keels. Heights of the file are in lengths. */
final class Extras {
    private static final int PLUMES = 11;
    private static final int FANNED = 10;
    private static final int TUFTS = 8;

    private final FormSpec spec;
    private final Profile body;

    Extras(FormSpec spec, Profile body) {
        this.spec = spec;
        this.body = body;
    }

    /** Filled like the fins. */
    String filled() {
        StringBuilder d = new StringBuilder();
        if (spec.has("pennant")) {
            pennant(d);
        }
        if (spec.has("mast")) {
            mast(d);
        }
        if (spec.has("plumes")) {
            plumes(d);
        }
        if (spec.has("keel")) {
            double x = spec.figure("keel", 0);
            double high = spec.figure("keel", 1);
            d.append(Curves.move(x - 0.16, 0.8 * body.edge(1, x - 0.16)))
                    .append(Curves.line(x, body.edge(1, x) + high))
                    .append(Curves.line(x + 0.05, 0.8 * body.edge(1, x + 0.05)))
                    .append('Z');
        }
        if (spec.has("pelvic")) {
            pelvic(d);
        }
        return d.toString();
    }

    /** Lines in the colour of the fins. */
    String lines() {
        StringBuilder d = new StringBuilder();
        if (spec.has("cirri")) {
            double x = spec.figure("cirri", 0);
            double high = spec.figure("cirri", 1);
            double y = body.edge(-1, x) + 0.01;
            d.append(Curves.stroke(x, y, x + 0.01, y - high))
                    .append(Curves.stroke(x, y, x + 0.03, y - 0.8 * high))
                    .append(Curves.stroke(x, y, x - 0.015, y - 0.75 * high));
        }
        if (spec.has("barbels")) {
            double x = spec.figure("barbels", 0);
            double y = body.mouth();
            d.append(Curves.stroke(x, y, x - 0.05, y + spec.figure("barbels", 1)))
                    .append(Curves.stroke(x, y, x + 0.02, y + 1.1 * spec.figure("barbels", 1)));
        }
        if (spec.has("lure")) {
            double x = spec.figure("lure", 0);
            double y = body.edge(-1, x);
            d.append(Curves.stroke(x, y, x - 0.06, y - spec.figure("lure", 1)))
                    .append(Curves.stroke(x - 0.06, y - spec.figure("lure", 1), x - 0.085, y - spec.figure("lure", 1)));
        }
        if (spec.has("tufts")) {
            tufts(d);
        }
        return d.toString();
    }

    private void pennant(StringBuilder d) {
        double x = spec.figure("pennant", 0);
        double end = spec.figure("pennant", 1);
        double up = body.edge(-1, x) - spec.figure("pennant", 2);
        double foot = 0.9 * body.edge(-1, x);
        d.append(Curves.move(x - 0.03, foot))
                .append("C")
                .append(Curves.at(x + 0.06, foot - 0.24))
                .append(Curves.at(x + 0.3, up))
                .append(Curves.at(end, up))
                .append("C")
                .append(Curves.at(x + 0.34, up + 0.035))
                .append(Curves.at(x + 0.16, foot - 0.1))
                .append(Curves.at(x + 0.09, foot))
                .append('Z');
    }

    private void mast(StringBuilder d) {
        double x = spec.figure("mast", 0);
        double end = spec.figure("mast", 1);
        double up = body.edge(-1, x) - spec.figure("mast", 2);
        d.append(Curves.move(x - 0.01, 0.8 * body.edge(-1, x)))
                .append("C")
                .append(Curves.at(x + 0.01, up + 0.16))
                .append(Curves.at(x + 0.08, up + 0.03))
                .append(Curves.at(end + 0.06, up))
                .append("C")
                .append(Curves.at(end - 0.03, up + 0.12))
                .append(Curves.at(end - 0.05, up + 0.26))
                .append(Curves.at(end, 0.8 * body.edge(-1, end)))
                .append('Z');
    }

    private void plumes(StringBuilder d) {
        double from = spec.figure("plumes", 0);
        double to = spec.figure("plumes", 1);
        for (int i = 0; i < PLUMES; i++) {
            double x = from + (to - from) * i / (PLUMES - 1);
            double foot = 0.85 * body.edge(-1, x);
            double high = spec.figure("plumes", 2) * (0.72 + 0.28 * Math.sin(Math.PI * (i + 1) / (PLUMES + 1)));
            double tip = body.edge(-1, x) - high;
            d.append(Curves.move(x - 0.006, foot))
                    .append(Curves.line(x + 0.05, tip))
                    .append("Q")
                    .append(Curves.at(x + 0.034, tip + 0.5 * high))
                    .append(Curves.at(x + 0.05, foot))
                    .append('Z');
        }
    }

    /** Long rays behind the gill, over the body. */
    String fan() {
        StringBuilder d = new StringBuilder();
        double x = spec.figure("fan", 0);
        double y = spec.figure("fan", 1) * body.half();
        double far = spec.figure("fan", 2);
        for (int i = 0; i < FANNED; i++) {
            double a = -0.15 + 1.9 * i / (FANNED - 1);
            double long_ = far * (0.8 + 0.2 * Math.sin(Math.PI * i / (FANNED - 1)));
            double tipX = x + long_ * Math.cos(a);
            double tipY = y + 0.85 * long_ * Math.sin(a);
            d.append(Curves.move(x, y))
                    .append(Curves.line(tipX, tipY))
                    .append("Q")
                    .append(Curves.at(x + 0.5 * (tipX - x) + 0.02, y + 0.5 * (tipY - y) - 0.035))
                    .append(Curves.at(x + 0.02, y - 0.02))
                    .append('Z');
        }
        return d.toString();
    }

    private void pelvic(StringBuilder d) {
        double x = spec.figure("pelvic", 0);
        double far = spec.figure("pelvic", 1);
        double y = 0.82 * body.edge(1, x);
        double back = x + 0.05;
        d.append(Curves.move(x, y))
                .append("C")
                .append(Curves.at(x + 0.01, y + 0.5 * far))
                .append(Curves.at(x + 0.35 * far, y + 0.85 * far))
                .append(Curves.at(x + 0.75 * far, y + 0.85 * far))
                .append("C")
                .append(Curves.at(x + 0.6 * far, y + 0.5 * far))
                .append(Curves.at(back + 0.2 * far, y + 0.2 * far))
                .append(Curves.at(back, 0.85 * body.edge(1, back)))
                .append('Z');
    }

    private void tufts(StringBuilder d) {
        double from = spec.figure("tufts", 0);
        double to = spec.figure("tufts", 1);
        for (int i = 0; i < TUFTS; i++) {
            double x = from + (to - from) * i / (TUFTS - 1);
            double tip = body.edge(-1, x) - 0.082;
            d.append(Curves.stroke(x + 0.03, tip, x + 0.028, tip - 0.03))
                    .append(Curves.stroke(x + 0.03, tip, x + 0.048, tip - 0.026));
        }
    }
}
