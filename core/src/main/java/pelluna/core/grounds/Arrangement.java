package pelluna.core.grounds;

import java.util.Arrays;
import java.util.List;

import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;

/**
 * Which holder of ground settles where. Every holder gets a spot of its zone, those who need a hide a hide; among the
 * arrangements with the least mismatch the one in which rivals keep farthest apart is sought: the sum of weight ÷ distance
 * is made small by solving the assignment again and again ({@link HungarianMethod}), each time with the others where
 * they were, until nothing gains. A local optimum. Distances count in shares of the tank, so that the same reef in a larger
 * tank is settled in the same way. O(rounds · holders² · spots).
 */
final class Arrangement {
    /** Outweighs every distance: mismatch first. */
    private static final double MISMATCH = 1e4;
    private static final double NO_PLACE = 1e7;
    /** A tank is longer than high: the whole height counts as so much of the length. */
    private static final double HEIGHT_COUNTS = 0.35;
    private static final double NEAR_OTHERS = 1;
    private static final int MOST_ROUNDS = 8;
    /** Even those who hold no ground keep a little apart, cm. */
    private static final double LEAST_GROUND = 5;

    private final List<Party> holders;
    private final double[][] weights;
    private final double length;
    private final double above;
    private final List<Spot> taken;

    /** @param taken spots of others that stay where they are */
    Arrangement(List<Party> holders, double lengthCm, double aboveSandCm, List<Spot> taken) {
        this.holders = holders;
        this.taken = taken;
        this.length = lengthCm;
        this.above = Math.max(1, aboveSandCm);
        this.weights = new double[holders.size()][holders.size()];
        for (int i = 0; i < weights.length; i++) {
            for (int j = 0; j < i; j++) {
                weights[i][j] = rivalry(holders.get(i), holders.get(j));
                weights[j][i] = weights[i][j];
            }
        }
    }

    /** Larger grounds and nearer kin keep farther apart. Pelluna's judgement. */
    private static double rivalry(Party a, Party b) {
        double kin = a.species().scientificName().equals(b.species().scientificName()) ? 3 : a.species().genus().equals(b.species().genus()) ? 2
            : 1 + a.species().look().form().likeness(b.species().look().form());
        return kin * (a.species().place().groundCm() + b.species().place().groundCm() + LEAST_GROUND) / 20;
    }

    /**
     * @param before where they were with fewer spots, by holder, as indices into the spots; −1 for nowhere
     * @return the spot of each holder, −1 for none
     */
    int[] settle(List<Spot> spots, int[] before) {
        int n = holders.size();
        double[][] mismatch = new double[n][spots.size() + n];
        for (int i = 0; i < n; i++) {
            for (int s = 0; s < spots.size(); s++) {
                Spot spot = spots.get(s);
                mismatch[i][s] = mismatch(holders.get(i), spot) + taken.stream().mapToDouble(t -> NEAR_OTHERS / distance(spot, t)).sum();
            }
            Arrays.fill(mismatch[i], spots.size(), spots.size() + n, NO_PLACE);
        }
        int[] best = before;
        double least = price(mismatch, spots, before);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            int[] next = HungarianMethod.assign(costs(mismatch, spots, best));
            for (int i = 0; i < n; i++) {
                next[i] = next[i] < spots.size() && mismatch[i][next[i]] < NO_PLACE ? next[i] : -1;
            }
            double price = price(mismatch, spots, next);
            if (price >= least * (1 - 1e-9)) {
                break;
            }
            best = next;
            least = price;
        }
        return best;
    }

    /** Whether a spot is all that a holder asks for. */
    static boolean fits(Party p, Spot spot) {
        return mismatch(p, spot) == 0;
    }

    private static double mismatch(Party p, Spot spot) {
        if (p.species().place().zones().stream().noneMatch(spot.zones()::contains)) {
            return NO_PLACE;
        }
        boolean wantsHide = p.species().needs().hides() > 0;
        boolean openWater = spot.zones().contains(Zone.OPEN_WATER);
        boolean swimmer = !p.species().place().holdsGround() && p.species().place().zones().contains(Zone.OPEN_WATER);
        return (wantsHide == spot.hide() || swimmer && openWater ? 0 : MISMATCH) + (openWater == swimmer ? 0 : MISMATCH);
    }

    private double[][] costs(double[][] mismatch, List<Spot> spots, int[] at) {
        double[][] costs = new double[holders.size()][];
        for (int i = 0; i < costs.length; i++) {
            costs[i] = mismatch[i].clone();
            for (int s = 0; s < spots.size(); s++) {
                for (int j = 0; j < costs.length && mismatch[i][s] < NO_PLACE; j++) {
                    if (j != i && at[j] >= 0 && at[j] != s) {
                        costs[i][s] += weights[i][j] / distance(spots.get(s), spots.get(at[j]));
                    }
                }
            }
        }
        return costs;
    }

    private double price(double[][] mismatch, List<Spot> spots, int[] at) {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += at[i] < 0 ? NO_PLACE : mismatch[i][at[i]];
            for (int j = 0; j < i; j++) {
                if (at[i] >= 0 && at[j] >= 0) {
                    sum += weights[i][j] / distance(spots.get(at[i]), spots.get(at[j]));
                }
            }
        }
        return sum;
    }

    private double distance(Spot a, Spot b) {
        return Math.max(1e-3, Math.hypot((a.xCm() - b.xCm()) / length, HEIGHT_COUNTS * (a.yCm() - b.yCm()) / above));
    }
}
