package pelluna.core.arrivals;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.LengthRule;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.RoomPart;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * What wishes take, beside food, of what there is only so much of, where it decides: the parts of the room, and inches
 * by the length
 * rule. Shares, all
 * additive; a part that is over already is closed to those who would take more of it.
 */
final class Stock {
    private final List<double[]> takes = new ArrayList<>();
    private final double[] left;

    Stock(Plan plan, List<Party> wishes) {
        Set<LensKind> decide = Capacity.deciding(plan.stance());
        boolean room = decide.contains(LensKind.ROOM);
        boolean length = decide.contains(LensKind.LENGTH_RULE);
        double inches = LengthRule.of(plan.tank(), plan.startOn())
                .limitInches(plan.tank().glassLitres());
        left = shares(plan, plan.staying(), room, length, inches);
        for (int k = 0; k < left.length; k++) {
            left[k] = Math.max(0, 1 - left[k]);
        }
        wishes.forEach(w -> takes.add(shares(plan, List.of(w), room, length, inches)));
    }

    private static double[] shares(Plan plan, List<Party> fish, boolean room, boolean length, double inches) {
        Map<RoomPart, Double> parts = room ? Capacity.roomParts(plan.tank(), fish) : Map.of();
        double[] shares = new double[parts.size() + (length ? 1 : 0)];
        int k = 0;
        for (double share : parts.values()) {
            shares[k++] = share;
        }
        if (length) {
            shares[k] = LengthRule.inches(fish) / inches;
        }
        return shares;
    }

    /** Shares that are left of each, 0 or more. */
    double[] left() {
        return left;
    }

    /** Shares that a wish takes of each. */
    double[] takes(int wish) {
        return takes.get(wish);
    }
}
