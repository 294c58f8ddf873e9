package pelluna.app.tankplace;

import java.util.function.DoubleUnaryOperator;
import pelluna.app.tank.FlatFigures;
import pelluna.core.plan.ScapeFile;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;

/** Lets a drawn reef follow figures of the tank that were typed. */
final class DrawnReef {
    /** What is typed is checked after the reef has followed it, so it may be any number here. */
    private static final int MOST_DRAWN = 1000;

    private static final Run NO_RUN = new Run(0, 0);

    private DrawnReef() {}

    /**
     * In a longer or higher tank a drawn reef keeps its shares of the glass, and there are as many hides as the tank is
     * said to have.
     *
     * @param before figures by their keys
     * @param after  the same as typed
     * @return the reef as it is then
     */
    static ScapeFile following(ScapeFile drawn, FlatFigures before, FlatFigures after) {
        double wide = ratio(before, after, "lengthCm");
        double high = ratio(before, after, "waterHeightCm");
        Scape scape = scaled(drawn.scape(NO_RUN), x -> x * wide, y -> y * high);
        if (after.get("hides") instanceof Number n) {
            scape = scape.withHides(
                    Math.max(0, Math.min(MOST_DRAWN, n.intValue())),
                    after.number("lengthCm"),
                    after.number("waterHeightCm"),
                    after.number("sandDepthCm"));
        }
        return ScapeFile.of(scape);
    }

    private static Scape scaled(Scape s, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        return new Scape(
                s.rocks().stream()
                        .map(r -> new Rock(
                                x.applyAsDouble(r.leftCm()),
                                x.applyAsDouble(r.widthCm()),
                                r.heightsCm().stream().map(y::applyAsDouble).toList()))
                        .toList(),
                s.hides().stream()
                        .map(h -> new Hide(x.applyAsDouble(h.xCm()), y.applyAsDouble(h.heightCm())))
                        .toList(),
                new Run(
                        x.applyAsDouble(s.run().fromCm()),
                        y.applyAsDouble(s.run().heightCm())));
    }

    private static double ratio(FlatFigures before, FlatFigures after, String key) {
        double was = before.number(key);
        double is = after.number(key);
        return was > 0 && is > 0 ? is / was : 1;
    }
}
