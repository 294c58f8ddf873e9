package pelluna.core.tension;

import java.util.ArrayList;
import java.util.List;

/**
 * The points of an index, reason by reason: what the drivers bring together is split by −ln(1 − pull), so that the
 * order of
 * the drivers does not matter; then each factor takes or adds in turn. The points sum up to the index, but for the
 * clip at 100.
 */
public final class Shares {
    private Shares() {}

    /** One reason with its points; negative where it softens. */
    public record Share(Tension.Reason reason, double points) {}

    /** Drivers first, strongest first, then factors. */
    public static List<Share> of(Tension t) {
        double spared = 1;
        double weights = 0;
        for (Tension.Reason r : t.reasons()) {
            if (r.driver()) {
                spared *= 1 - r.effect();
                weights += weight(r);
            }
        }
        double running = 100 * (1 - spared);
        double base = running;
        List<Share> shares = new ArrayList<>();
        for (Tension.Reason r : t.reasons()) {
            if (r.driver()) {
                shares.add(new Share(r, base * weight(r) / weights));
            } else {
                double next = running * r.effect();
                shares.add(new Share(r, next - running));
                running = next;
            }
        }
        return shares;
    }

    private static double weight(Tension.Reason r) {
        return -Math.log(1 - Math.min(r.effect(), 0.999999));
    }
}
