package pelluna.core.grounds;

import java.util.Arrays;
import java.util.List;
import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;

/**
 * Which holder of ground settles where. Every holder gets a spot of its zone, those who need a hide a hide; among the
 * arrangements with the least mismatch the one in which rivals keep farthest apart is sought: the sum of weight ÷
 * distance
 * is made small by solving the assignment again and again ({@link HungarianMethod}), each time with the others where
 * they were, until nothing gains. A local optimum. Distances count in shares of the tank, so that the same reef in a
 * larger
 * tank is settled in the same way. O(rounds · holders² · spots).
 */
final class Arrangement {
    /** Outweighs every distance: mismatch first. */
    private static final double MISMATCH = 1e4;

    private static final double NO_PLACE = 1e7;
    /** A tank is longer than high: the whole height counts as so much of the length. */
    private static final double HEIGHT_COUNTS = 0.35;

    private static final double NEAR_OTHERS = 1;
    private static final double LEAST_DISTANCE = 1e-3;
    private static final int MOST_ROUNDS = 8;
    /** Even those who hold no ground keep a little apart, cm. */
    private static final double LEAST_GROUND = 5;

    private final int holders;
    private final double[][] weights;
    /** By holder and spot. */
    private final double[][] mismatch;
    /** One over the distance of two spots. */
    private final double[][] nearness;

    /**
     * @param spots every spot that there may be; {@link #settle} uses the first of them
     * @param taken spots of others that stay where they are
     */
    Arrangement(List<Party> holders, List<Spot> spots, double lengthCm, double aboveSandCm, List<Spot> taken) {
        Span span = new Span(lengthCm, Math.max(1, aboveSandCm));
        this.holders = holders.size();
        this.weights = new double[this.holders][this.holders];
        this.mismatch = new double[this.holders][spots.size()];
        this.nearness = new double[spots.size()][spots.size()];
        for (int i = 0; i < this.holders; i++) {
            for (int j = 0; j < i; j++) {
                weights[i][j] = rivalry(holders.get(i), holders.get(j));
                weights[j][i] = weights[i][j];
            }
        }
        for (int s = 0; s < spots.size(); s++) {
            double near = 0;
            for (Spot t : taken) {
                near += NEAR_OTHERS / span.distance(spots.get(s), t);
            }
            for (int i = 0; i < this.holders; i++) {
                mismatch[i][s] = mismatch(holders.get(i), spots.get(s)) + near;
            }
            for (int t = 0; t < s; t++) {
                nearness[s][t] = 1 / span.distance(spots.get(s), spots.get(t));
                nearness[t][s] = nearness[s][t];
            }
            nearness[s][s] = 1 / LEAST_DISTANCE;
        }
    }

    /** One holder more than another arrangement has, over the same spots, of which none is taken by others. */
    private Arrangement(Arrangement fewer, List<Party> before, Party one, List<Spot> spots) {
        holders = fewer.holders + 1;
        weights = new double[holders][];
        mismatch = Arrays.copyOf(fewer.mismatch, holders);
        nearness = fewer.nearness;
        for (int i = 0; i < fewer.holders; i++) {
            weights[i] = Arrays.copyOf(fewer.weights[i], holders);
            weights[i][fewer.holders] = rivalry(before.get(i), one);
        }
        weights[fewer.holders] = new double[holders];
        for (int i = 0; i < fewer.holders; i++) {
            weights[fewer.holders][i] = weights[i][fewer.holders];
        }
        mismatch[fewer.holders] =
                spots.stream().mapToDouble(s -> mismatch(one, s)).toArray();
    }

    Arrangement joinedBy(List<Party> before, Party one, List<Spot> spots) {
        return new Arrangement(this, before, one, spots);
    }

    /** Whether a spot is all that a holder asks for, where no spot is taken by others. */
    boolean fits(int holder, int spot) {
        return mismatch[holder][spot] == 0;
    }

    /** What distances are counted in: the length and the height above the sand, cm. */
    private record Span(double length, double above) {
        double distance(Spot a, Spot b) {
            double dx = (a.xCm() - b.xCm()) / length;
            double dy = HEIGHT_COUNTS * (a.yCm() - b.yCm()) / above;
            return Math.max(LEAST_DISTANCE, Math.sqrt(dx * dx + dy * dy));
        }
    }

    /** Larger grounds and nearer kin keep farther apart. Pelluna's judgement. */
    private static double rivalry(Party a, Party b) {
        double kin = a.species().scientificName().equals(b.species().scientificName())
                ? 3
                : a.species().genus().equals(b.species().genus())
                        ? 2
                        : 1
                                + a.species()
                                        .look()
                                        .form()
                                        .likeness(b.species().look().form());
        return kin * (a.species().place().groundCm() + b.species().place().groundCm() + LEAST_GROUND) / 20;
    }

    /**
     * @param spots  how many of the spots there are
     * @param before where they were with fewer spots, by holder, as indices into the spots; −1 for nowhere
     * @return the spot of each holder, −1 for none
     */
    int[] settle(int spots, int[] before) {
        int[] best = before;
        double least = price(before);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            int[] next = HungarianMethod.assign(costs(spots, best));
            for (int i = 0; i < holders; i++) {
                next[i] = next[i] < spots && mismatch[i][next[i]] < NO_PLACE ? next[i] : -1;
            }
            double price = price(next);
            if (price >= least * (1 - 1e-9)) {
                break;
            }
            best = next;
            least = price;
        }
        return best;
    }

    /**
     * The best spot for one holder, the last of them, all the others staying where they are; −1 for none. O(spots ·
     * holders).
     */
    int join(int spots, int[] others) {
        int me = holders - 1;
        int best = -1;
        double least = NO_PLACE;
        for (int s = 0; s < spots; s++) {
            double cost = mismatch[me][s];
            for (int j = 0; j < me && cost < least; j++) {
                cost = others[j] == s
                        ? NO_PLACE
                        : others[j] < 0 ? cost : cost + weights[me][j] * nearness[s][others[j]];
            }
            if (cost < least) {
                least = cost;
                best = s;
            }
        }
        return best;
    }

    private static double mismatch(Party p, Spot spot) {
        if (p.species().place().zones().stream().noneMatch(spot.zones()::contains)) {
            return NO_PLACE;
        }
        boolean wantsHide = p.species().needs().hides() > 0;
        boolean openWater = spot.zones().contains(Zone.OPEN_WATER);
        boolean swimmer = !p.species().place().holdsGround()
                && p.species().place().zones().contains(Zone.OPEN_WATER);
        return (wantsHide == spot.hide() || swimmer && openWater ? 0 : MISMATCH)
                + (openWater == swimmer ? 0 : MISMATCH);
    }

    private double[][] costs(int spots, int[] at) {
        double[][] costs = new double[holders][spots + holders];
        for (int i = 0; i < holders; i++) {
            for (int s = 0; s < spots; s++) {
                double cost = mismatch[i][s];
                for (int j = 0; j < holders && mismatch[i][s] < NO_PLACE; j++) {
                    if (j != i && at[j] >= 0 && at[j] != s) {
                        cost += weights[i][j] * nearness[s][at[j]];
                    }
                }
                costs[i][s] = cost;
            }
            Arrays.fill(costs[i], spots, spots + holders, NO_PLACE);
        }
        return costs;
    }

    private double price(int[] at) {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += at[i] < 0 ? NO_PLACE : mismatch[i][at[i]];
            for (int j = 0; j < i; j++) {
                if (at[i] >= 0 && at[j] >= 0) {
                    sum += weights[i][j] * nearness[at[i]][at[j]];
                }
            }
        }
        return sum;
    }
}
