package pelluna.core.grounds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;

/**
 * Where those who hold ground settle in a tank, and how far the grounds of two overlap. The company is arranged once
 * with no
 * hide and once more after each hide that was put in; two who can keep apart in any of these arrangements do, so that
 * a hide more never brings two closer. Who finds no place that is all it needs, a hide or
 * its part of the reef, has no ground of its own and is in everybody's way.
 * A company is arranged as it will be once all are in, whatever the order of their arrival. Pelluna's judgement.
 */
public final class Grounds {
    /** Hides beyond this number change nothing. */
    static final int MOST_HIDES = 24;
    /** Beyond this number the others find no place; largest grounds first. */
    static final int MOST_HOLDERS = 80;

    private static final double FLAT_ON_SAND = 0.35;
    private static final double FLAT_ON_REEF = 0.62;
    /** A young fish holds at least this share of the ground it will hold. */
    private static final double LEAST_SHARE = 0.3;

    private final Tank tank;
    private final Map<String, Integer> index = new HashMap<>();
    private final List<Party> holders;
    private final List<Spot> spots;
    private final Arrangement arrangement;
    private final int[] drawn;
    /** Where everybody is after each hide that changed it: with how many spots, and the spot of each. */
    private final List<Settled> chain;
    /** By pair, the distances along both axes that some arrangement gives them; {@code null} if none does. */
    private final double[][][][] apart;
    /** By pair, the overlap that was asked for last. */
    private final Asked[][] asked;

    private record Settled(int spots, int[] at) {}

    private record Asked(double aCm, double bCm, double overlap) {}

    private Grounds(Tank tank, List<Party> holders) {
        this.tank = tank;
        this.holders = holders;
        List<Spot> open = Spots.withoutHides(tank);
        this.spots = new ArrayList<>(open);
        tank.scape().hides().stream().limit(MOST_HIDES).forEach(h -> spots.add(Spots.of(h, tank)));
        arrangement =
                new Arrangement(holders, spots, tank.lengthCm(), tank.frontHeightCm() - tank.sandDepthCm(), List.of());
        indexed();
        int[] at = new int[holders.size()];
        Arrays.fill(at, -1);
        chain = new ArrayList<>();
        for (int n = open.size(); n <= spots.size(); n++) {
            at = arrangement.settle(n, at);
            chain.add(new Settled(n, at));
        }
        drawn = at;
        apart = apart(0, null);
        asked = new Asked[holders.size()][holders.size()];
    }

    /** A newcomer to those who have settled: it takes, after each hide, the best spot that they leave. */
    private Grounds(Grounds settled, Party newcomer) {
        tank = settled.tank;
        holders = new ArrayList<>(settled.holders);
        holders.add(newcomer);
        spots = settled.spots;
        arrangement = settled.arrangement.joinedBy(settled.holders, newcomer, spots);
        indexed();
        chain = settled.chain.stream()
                .map(s -> {
                    int[] at = Arrays.copyOf(s.at, holders.size());
                    at[holders.size() - 1] = arrangement.join(s.spots, s.at);
                    return new Settled(s.spots, at);
                })
                .toList();
        drawn = chain.get(chain.size() - 1).at;
        apart = apart(settled.holders.size(), settled.apart);
        asked = new Asked[holders.size()][holders.size()];
    }

    private void indexed() {
        for (int i = 0; i < holders.size(); i++) {
            index.put(holders.get(i).id(), i);
        }
    }

    /** @param known how many of the first holders stand as another has them, and how they do */
    private double[][][][] apart(int known, double[][][][] as) {
        double[][][][] by = new double[holders.size()][holders.size()][][];
        for (int i = 0; i < holders.size(); i++) {
            for (int j = 0; j < i; j++) {
                by[i][j] = i < known ? as[i][j] : apart(i, j);
                by[j][i] = by[i][j];
            }
        }
        return by;
    }

    /** The same grounds with one more, for whom the others do not move; this, if it holds no ground. */
    public Grounds joinedBy(Party newcomer) {
        if (!newcomer.species().place().holdsGround() || index.containsKey(newcomer.id())) {
            return this;
        }
        return new Grounds(this, newcomer);
    }

    /** Only distances that no other arrangement beats along both axes: the overlap never rises with either. */
    private double[][] apart(int i, int j) {
        List<double[]> best = new ArrayList<>();
        for (Settled step : chain) {
            int one = step.at[i];
            int other = step.at[j];
            if (settled(i, one) && settled(j, other)) {
                double dx = Math.abs(spots.get(one).xCm() - spots.get(other).xCm());
                double dy = Math.abs(spots.get(one).yCm() - spots.get(other).yCm());
                if (!beaten(best, dx, dy)) {
                    best.removeIf(b -> b[0] <= dx && b[1] <= dy);
                    best.add(new double[] {dx, dy});
                }
            }
        }
        return best.toArray(double[][]::new);
    }

    private static boolean beaten(List<double[]> best, double dx, double dy) {
        for (double[] b : best) {
            if (b[0] >= dx && b[1] >= dy) {
                return true;
            }
        }
        return false;
    }

    private boolean settled(int holder, int spot) {
        return spot >= 0 && arrangement.fits(holder, spot);
    }

    /** The grounds of a company; neither its order nor that of arrival matters. */
    public static Grounds of(Tank tank, Collection<Party> company) {
        return new Grounds(
                tank,
                company.stream()
                        .filter(p -> p.species().place().holdsGround())
                        .sorted(Comparator.comparingDouble(
                                        (Party p) -> -p.species().place().groundCm())
                                .thenComparing(p -> p.species().scientificName())
                                .thenComparing(Party::count)
                                .thenComparing(Party::lengthCm)
                                .thenComparing(Party.AS_PUT_IN))
                        .limit(MOST_HOLDERS)
                        .toList());
    }

    /**
     * How far two grounds overlap at these lengths, 0 to 1 of the smaller; 1 if one of them has no place.
     *
     * @param aCm length of the one, cm
     * @param bCm length of the other, cm
     */
    public double overlap(Party a, double aCm, Party b, double bCm) {
        Integer i = index.get(a.id());
        Integer j = index.get(b.id());
        if (i == null || j == null || i.equals(j)) {
            return 1;
        }
        Asked last = asked[i][j];
        if (last == null || last.aCm != aCm || last.bCm != bCm) {
            last = new Asked(aCm, bCm, least(i, a, aCm, j, b, bCm));
            asked[i][j] = last;
        }
        return last.overlap;
    }

    private double least(int i, Party a, double aCm, int j, Party b, double bCm) {
        double least = 1;
        if (apart[i][j].length > 0) {
            double[] one = radii(a, aCm, flat(i));
            double[] other = radii(b, bCm, flat(j));
            for (double[] by : apart[i][j]) {
                least = Math.min(
                        least,
                        Ellipse.overlap(
                                new Ellipse(0, 0, one[0], one[1]), new Ellipse(by[0], by[1], other[0], other[1])));
            }
        }
        return least;
    }

    /** The ground of one at a length, as it is drawn; empty if it holds none or finds no place. */
    public Optional<Ellipse> of(Party p, double lengthCm) {
        Integer i = index.get(p.id());
        if (i == null || drawn[i] < 0) {
            return Optional.empty();
        }
        Spot spot = spots.get(drawn[i]);
        double[] radii = radii(p, lengthCm, flat(i));
        return Optional.of(new Ellipse(spot.xCm(), spot.yCm(), radii[0], radii[1]));
    }

    /** Those who hold ground and find no place for it that is all they need. */
    public List<Party> placeless() {
        return holders.stream()
                .filter(p -> !settled(index.get(p.id()), drawn[index.get(p.id())]))
                .toList();
    }

    private boolean flat(int holder) {
        return holders.get(holder).species().place().zones().stream().allMatch(z -> z == Zone.SAND || z == Zone.RUBBLE);
    }

    /** Half length and half height: it grows with the fish, up to the ground of an adult. */
    private static double[] radii(Party p, double lengthCm, boolean flat) {
        double share =
                Math.max(LEAST_SHARE, Math.min(1, lengthCm / p.species().size().usualCm()));
        double r = p.species().place().groundCm() * share;
        return new double[] {r, r * (flat ? FLAT_ON_SAND : FLAT_ON_REEF)};
    }
}
