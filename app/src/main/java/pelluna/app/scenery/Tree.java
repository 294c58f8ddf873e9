package pelluna.app.scenery;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Something that branches: lines of each order together, the thick ones first, and the dots at their ends. */
final class Tree {
    private final Brush brush;
    private final Random lot;
    private final double spread;
    private final List<StringBuilder> orders = new ArrayList<>();
    private final StringBuilder tips = new StringBuilder();

    /** @param spread how far branches part, radians */
    Tree(Brush brush, Random lot, double spread, int orders) {
        this.brush = brush;
        this.lot = lot;
        this.spread = spread;
        for (int i = 0; i < orders; i++) {
            this.orders.add(new StringBuilder());
        }
    }

    /** From a place on, to a side, upwards at −π/2. */
    void grow(double x, double y, double angle, double long_, int order) {
        double x2 = x + Math.cos(angle) * long_;
        double y2 = y + Math.sin(angle) * long_;
        double bent = angle + 0.25 * (lot.nextDouble() - 0.5);
        orders.get(order)
                .append('M')
                .append(brush.at(x, y))
                .append('Q')
                .append(brush.at(x + Math.cos(bent) * long_ * 0.5, y + Math.sin(bent) * long_ * 0.5))
                .append(' ')
                .append(brush.at(x2, y2));
        if (order + 1 == orders.size()) {
            tips.append(brush.dot(x2, y2));
            return;
        }
        int many = lot.nextDouble() < 0.4 ? 3 : 2;
        for (int i = 0; i < many; i++) {
            double side = (i - (many - 1) / 2.0) * spread + 0.5 * spread * (lot.nextDouble() - 0.5);
            grow(x2, y2, angle + side, long_ * (0.62 + 0.2 * lot.nextDouble()), order + 1);
        }
    }

    /** @param wide of the thickest, cm */
    void paint(double wide, double hue, double saturation, double dark, double light) {
        int n = orders.size();
        for (int i = 0; i < n; i++) {
            double share = n == 1 ? 1 : (double) i / (n - 1);
            double w = wide * Math.pow(0.74, i);
            brush.line(orders.get(i).toString(), Brush.hue(hue, saturation, 0.62 * dark), w * 1.25);
            brush.line(orders.get(i).toString(), Brush.hue(hue, saturation, dark + (light - dark) * 0.7 * share), w);
        }
        brush.line(tips.toString(), Brush.hue(hue, saturation + 10, light), wide * Math.pow(0.74, n - 1) * 1.15);
    }
}
