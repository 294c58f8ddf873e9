package pelluna.core.losses;

import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * Whether two groups are lost at different rates: losses seen in the first against those expected if both were alike,
 * moment by moment
 * (Mantel 1966), with the hypergeometric variance; χ² with one degree of freedom. With few losses p is rough.
 *
 * @param expected losses expected in the first group
 * @param p        two-sided, 0 to 1; 1 if nothing was lost
 */
public record LogRank(int seen, double expected, double chiSquared, double p) {
    public static LogRank of(List<KaplanMeier.Observed> first, List<KaplanMeier.Observed> second) {
        double expected = 0;
        double variance = 0;
        List<Double> moments = Stream.concat(first.stream(), second.stream())
                .filter(KaplanMeier.Observed::lost)
                .map(KaplanMeier.Observed::time)
                .distinct()
                .sorted()
                .toList();
        for (double t : moments) {
            double n1 = first.stream().filter(o -> o.time() >= t).count();
            double n2 = second.stream().filter(o -> o.time() >= t).count();
            double d = Stream.concat(first.stream(), second.stream())
                    .filter(o -> o.lost() && o.time() == t)
                    .count();
            double n = n1 + n2;
            expected += d * n1 / n;
            variance += n > 1 ? n1 * n2 * d * (n - d) / (n * n * (n - 1)) : 0;
        }
        int seen = (int) first.stream().filter(KaplanMeier.Observed::lost).count();
        double chi = variance > 0 ? (seen - expected) * (seen - expected) / variance : 0;
        return new LogRank(
                seen, expected, chi, chi > 0 ? 1 - new ChiSquaredDistribution(1).cumulativeProbability(chi) : 1);
    }
}
