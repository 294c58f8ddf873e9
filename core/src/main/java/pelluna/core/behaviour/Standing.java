package pelluna.core.behaviour;

import java.util.List;
import java.util.Random;

/**
 * Who stands over whom, and how far to trust it. The chance that contests without any order would look as steep is
 * found by drawing every
 * contest's winner anew, {@value #DRAWS} times, as de Vries, Stevens &amp; Vervaecke (2006) do; the draws are the same
 * for the same contests.
 *
 * @param chance share of drawn outcomes that are at least as steep, 0 to 1
 */
public record Standing(
        List<DavidsScore.Rung> ladder,
        double steepness,
        double linearity,
        double contests,
        double unknownPairs,
        double chance) {
    /** Fewer contests than this say nothing. Pelluna's judgement. */
    public static final int LEAST_CONTESTS = 10;

    private static final int DRAWS = 499;
    private static final double STEEP = 0.6;
    private static final double FLAT = 0.3;

    public Standing {
        ladder = List.copyOf(ladder);
    }

    public static Standing of(Contests c) {
        DavidsScore score = DavidsScore.of(c);
        return new Standing(
                score.ladder(),
                score.steepness(),
                Linearity.landau(c),
                c.total(),
                c.unknownPairs(),
                chance(c, score.steepness()));
    }

    private static double chance(Contests c, double steepness) {
        if (c.size() < 2 || c.total() == 0) {
            return 1;
        }
        Random random = new Random(c.fish().size() * 31L + Math.round(c.total()));
        int asSteep = 1;
        for (int draw = 0; draw < DRAWS; draw++) {
            double[][] wins = new double[c.size()][c.size()];
            for (int i = 0; i < c.size(); i++) {
                for (int j = i + 1; j < c.size(); j++) {
                    int n = (int) Math.round(c.between(i, j));
                    int won = binomial(random, n);
                    wins[i][j] = won;
                    wins[j][i] = n - won;
                }
            }
            asSteep += DavidsScore.of(new Contests(c.fish(), wins)).steepness() >= steepness - 1e-9 ? 1 : 0;
        }
        return (double) asSteep / (DRAWS + 1);
    }

    /** Heads of n fair tosses, sixty-four at a time. */
    private static int binomial(Random random, int n) {
        int won = 0;
        for (int left = n; left > 0; left -= Long.SIZE) {
            long tosses = random.nextLong();
            won += Long.bitCount(left >= Long.SIZE ? tosses : tosses >>> (Long.SIZE - left));
        }
        return won;
    }

    public boolean tells() {
        return contests >= LEAST_CONTESTS && chance < RateChange.LIKELY;
    }

    /** What it comes to, with what stands under it. */
    public Order order() {
        Order.Counted counted = new Order.Counted((int) Math.round(contests), ladder.size());
        if (contests < LEAST_CONTESTS) {
            return new Order.TooFew(counted);
        }
        if (chance >= RateChange.LIKELY) {
            return new Order.CouldBeChance(counted);
        }
        return new Order.Stands(
                steepness >= STEEP
                        ? Order.Steepness.STEEP
                        : steepness >= FLAT ? Order.Steepness.GIVE_AND_TAKE : Order.Steepness.FLAT,
                counted,
                unknownPairs > 0.5,
                Math.round(100 * unknownPairs));
    }
}
