package pelluna.core.behaviour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Standing in a group: David's score DS = w + w2 − l − l2 (David 1987) on the dyadic dominance index corrected for
 * chance,
 * Dij = Pij − (Pij − 0.5) ÷ (nij + 1) (de Vries, Stevens &amp; Vervaecke 2006), where Pij is the share of the contests
 * between i
 * and j that i won; w sums i's Dij and w2 weighs each with the w of the loser; l and l2 likewise for what it lost.
 * Pairs that
 * never met count nothing. Normalised to 0 … N − 1 as (DS + N(N − 1) ÷ 2) ÷ N. O(N²).
 */
public final class DavidsScore {
    private final Contests contests;
    private final double[] score;

    private DavidsScore(Contests contests, double[] score) {
        this.contests = contests;
        this.score = score;
    }

    public static DavidsScore of(Contests contests) {
        int n = contests.size();
        double[][] d = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double met = contests.between(i, j);
                if (i != j && met > 0) {
                    double share = contests.won(i, j) / met;
                    d[i][j] = share - (share - 0.5) / (met + 1);
                }
            }
        }
        double[] w = new double[n];
        double[] l = new double[n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                w[i] += d[i][j];
                l[i] += d[j][i];
            }
        }
        double[] score = new double[n];
        for (int i = 0; i < n; i++) {
            score[i] = w[i] - l[i];
            for (int j = 0; j < n; j++) {
                score[i] += d[i][j] * w[j] - d[j][i] * l[j];
            }
        }
        return new DavidsScore(contests, score);
    }

    /** David's score of the i-th fish of the contests. */
    public double score(int i) {
        return score[i];
    }

    /** Normalised, 0 to N − 1. */
    public double normalised(int i) {
        int n = score.length;
        return (score[i] + n * (n - 1) / 2.0) / n;
    }

    /** One rung of the ladder. @param contests how many it was in */
    public record Rung(String fish, double normalised, double contests) {}

    /** From the top; equal scores by the order of the fish. */
    public List<Rung> ladder() {
        List<Rung> ladder = new ArrayList<>(IntStream.range(0, score.length)
                .mapToObj(i -> new Rung(contests.fish().get(i), normalised(i), contests.of(i)))
                .toList());
        ladder.sort(Comparator.comparingDouble(Rung::normalised).reversed());
        return ladder;
    }

    /**
     * How steep the order is: the slope, taken positive, of the normalised scores against ranks 1 … N by least squares
     * (de Vries, Stevens
     * &amp; Vervaecke 2006). 0: nobody stands over another; 1: each always wins over all below. 0 with fewer than two
     * fish.
     */
    public double steepness() {
        int n = score.length;
        if (n < 2) {
            return 0;
        }
        List<Rung> ladder = ladder();
        double middle = (n + 1) / 2.0;
        double xy = 0;
        double xx = 0;
        for (int rank = 1; rank <= n; rank++) {
            xy += (rank - middle) * ladder.get(rank - 1).normalised();
            xx += (rank - middle) * (rank - middle);
        }
        return Math.abs(xy / xx);
    }
}
