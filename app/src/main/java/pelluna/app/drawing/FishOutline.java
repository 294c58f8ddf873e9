package pelluna.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A form from its lines in the file: profile, fins, tail, head, side. */
final class FishOutline {
    private static final Map<String, Double> SCALES = Map.of("none", 0.0, "fine", 0.018, "large", 0.032);
    private static final int SIDE_STEPS = 14;
    private static final int PECTORAL_RAYS = 7;

    private final FormSpec spec;
    private final Profile body;

    FishOutline(FormSpec spec, double half) {
        this.spec = spec;
        this.body = new Profile(spec.body, half);
    }

    FishForms.Outline build() {
        Extras extras = new Extras(spec, body);
        TailShape tail = new TailShape(spec.tail, spec.figure("tail", 0), body.end(), body.stalk());
        StringBuilder fins = new StringBuilder(extras.filled());
        StringBuilder rays = new StringBuilder(tail.rays());
        List<FinShape> finned =
                spec.fins.stream().map(f -> new FinShape(body, f)).toList();
        for (FinShape shape : finned) {
            fins.append(shape.outline());
            rays.append(shape.rays());
        }
        boolean fanned = spec.has("fan");
        return new FishForms.Outline(
                body.path(),
                fins.toString(),
                tail.outline(),
                rays.toString(),
                extras.lines(),
                fanned ? extras.fan() : spec.has("pec") ? pectoral() : "",
                fanned || !spec.has("pec") ? "" : pectoralRays(),
                mouth() + gill() + gillSlits(),
                side(),
                SCALES.get(spec.scales),
                finned,
                Optional.of(body),
                body.half(),
                spec.figure("eye", 0),
                spec.figure("eye", 1) * body.half(),
                spec.figure("eye", 2));
    }

    private String mouth() {
        double x = spec.figure("mouth", 0);
        double y = body.mouth();
        return Curves.move(0.003, y) + "Q" + Curves.at(0.5 * x, y + 0.1 * spec.figure("mouth", 1))
                + Curves.at(x, y + spec.figure("mouth", 1));
    }

    private String gill() {
        double x = spec.figure("gill", 0);
        if (spec.has("pore")) {
            double y = body.follow(x, 0.1);
            return Curves.stroke(x, y, x + 0.006, y);
        }
        double top = 0.52 * body.edge(-1, x);
        double low = 0.78 * body.edge(1, x - 0.03);
        return Curves.move(x - 0.03, top) + "C" + Curves.at(x + 0.02, 0.5 * top) + Curves.at(x + 0.015, 0.5 * low)
                + Curves.at(x - 0.045, low);
    }

    private String gillSlits() {
        StringBuilder d = new StringBuilder();
        for (int i = 0; spec.has("gills") && i < spec.figure("gills", 0); i++) {
            double x = spec.figure("gill", 0) + 0.014 * i;
            d.append(Curves.stroke(x, -0.35 * body.half(), x - 0.008, 0.3 * body.half()));
        }
        return d.toString();
    }

    /** From the gill over the side to the tail, bent as the back is. */
    private String side() {
        if (!spec.has("line")) {
            return "";
        }
        double from = spec.figure("gill", 0) + 0.01;
        List<double[]> p = new ArrayList<>();
        for (int i = 0; i <= SIDE_STEPS; i++) {
            double t = (double) i / SIDE_STEPS;
            double x = from + (body.end() - from) * t;
            p.add(new double[] {x, body.follow(x, -spec.figure("line", 0) * (1 - t * t * t))});
        }
        return Curves.move(p.get(0)[0], p.get(0)[1]) + Curves.through(p);
    }

    private double[] fin(double along, double across) {
        double long_ = spec.figure("pec", 2);
        double x = spec.figure("pec", 0);
        double y = spec.figure("pec", 1) * body.half();
        double a = 0.38;
        return new double[] {
            x + long_ * (along * Math.cos(a) - across * Math.sin(a)),
            y + long_ * (along * Math.sin(a) + across * Math.cos(a))
        };
    }

    private String pectoral() {
        double[][] p = {
            fin(0, -0.06),
            fin(0.3, -0.36),
            fin(0.8, -0.42),
            fin(1, -0.18),
            fin(1.04, 0.1),
            fin(0.75, 0.36),
            fin(0.25, 0.28),
            fin(0, 0.1)
        };
        List<double[]> all = new ArrayList<>(List.of(p));
        return Curves.move(p[0][0], p[0][1]) + Curves.through(all) + "Z";
    }

    private String pectoralRays() {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < PECTORAL_RAYS; i++) {
            double t = (double) i / (PECTORAL_RAYS - 1);
            double[] from = fin(0.04, -0.04 + 0.12 * t);
            double[] to = fin(0.9 - 0.25 * t * t, -0.3 + 0.56 * t);
            d.append(Curves.stroke(from[0], from[1], to[0], to[1]));
        }
        return d.toString();
    }
}
