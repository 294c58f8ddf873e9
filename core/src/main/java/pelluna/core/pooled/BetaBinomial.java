package pelluna.core.pooled;

import java.util.List;
import org.hipparchus.special.Gamma;
import org.hipparchus.util.FastMath;

/**
 * Shares that differ between members of a level around a mean of their own: Beta–binomial, as Kleinman (1973) has it.
 * How far they differ is one figure for a level, its concentration: how many keepers the mean is worth. It is the most
 * likely one, found over a grid, with a prior that holds it where there is little to tell it from.
 */
final class BetaBinomial {
    /** Without data a mean is worth so many keepers, give or take a factor of e. Pelluna's judgement. */
    static final double USUAL = 8;

    private static final double SPREAD = 1;
    private static final double LEAST = 0.5;
    private static final double MOST = 500;
    private static final int STEPS = 80;

    private BetaBinomial() {}

    /** One member. @param mean that it would have if it were like all of its level */
    record Member(Counts seen, double mean) {}

    /** How many keepers the means of these are worth. */
    static double concentration(List<Member> members) {
        double best = USUAL;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double k = LEAST * FastMath.pow(MOST / LEAST, (double) i / STEPS);
            double z = FastMath.log(k / USUAL) / SPREAD;
            double likely = -z * z / 2;
            for (Member m : members) {
                likely += logLikelihood(m, k);
            }
            if (likely > most) {
                most = likely;
                best = k;
            }
        }
        return best;
    }

    /** Without what does not hang on the concentration. */
    private static double logLikelihood(Member m, double k) {
        double a = m.mean * k;
        double b = (1 - m.mean) * k;
        return logBeta(a + m.seen.seen(), b + m.seen.keepers() - m.seen.seen()) - logBeta(a, b);
    }

    private static double logBeta(double a, double b) {
        return Gamma.logGamma(a) + Gamma.logGamma(b) - Gamma.logGamma(a + b);
    }
}
