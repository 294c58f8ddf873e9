package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * The share that is still alive after so many days, where some are alive yet or went elsewhere: the product over the
 * moments of loss of
 * 1 − d ÷ n, for d lost of n at risk (Kaplan &amp; Meier 1958). Its variance after Greenwood 1926: S² · Σ d ÷ (n·(n −
 * d)). The 95 % band is
 * taken on the log(−log) scale, so that it stays between 0 and 1 (Kalbfleisch &amp; Prentice 1980). Those who leave on
 * the day of a loss
 * count as at risk on it. Immutable.
 *
 * @param steps    one a moment of loss, in the order of time
 * @param subjects all that were followed
 * @param lost     those of them that were lost
 * @param followed the longest time that anybody was followed, in the unit of the observations; 0 with nobody
 */
public record KaplanMeier(List<Step> steps, int subjects, int lost, double followed) {
    /** Of the normal distribution, for a band of 95 %. */
    private static final double Z = 1.959963984540054;

    /**
     * One subject. @param time 0 or more; @param lost whether it was lost then; otherwise it was alive when last known
     */
    public record Observed(double time, boolean lost) {
        public Observed {
            if (!(time >= 0) || Double.isInfinite(time)) {
                throw new IllegalArgumentException("time is 0 or more, not " + time);
            }
        }
    }

    /**
     * From this moment on until the next.
     *
     * @param survival      0 to 1
     * @param standardError by Greenwood; NaN once nobody is left
     * @param low           lower end of the band; 0 once nobody is left
     * @param high          upper end
     */
    public record Step(
            double time, int atRisk, int lost, double survival, double standardError, double low, double high) {}

    public KaplanMeier {
        steps = List.copyOf(steps);
    }

    public static KaplanMeier of(List<Observed> all) {
        TreeMap<Double, Integer> losses = new TreeMap<>();
        all.stream().filter(Observed::lost).forEach(o -> losses.merge(o.time(), 1, Integer::sum));
        List<Step> steps = new ArrayList<>();
        double survival = 1;
        double sum = 0;
        double lastHigh = 1;
        for (var at : losses.entrySet()) {
            int n = (int) all.stream().filter(o -> o.time() >= at.getKey()).count();
            int d = at.getValue();
            survival *= 1 - (double) d / n;
            sum += d == n ? Double.NaN : (double) d / ((double) n * (n - d));
            double error = survival * Math.sqrt(sum);
            boolean over = survival <= 0;
            double spread = over ? 0 : Z * error / (survival * -Math.log(survival));
            double low = over ? 0 : Math.pow(survival, Math.exp(spread));
            double high = over ? lastHigh : Math.pow(survival, Math.exp(-spread));
            lastHigh = high;
            steps.add(new Step(at.getKey(), n, d, survival, error, low, high));
        }
        return new KaplanMeier(
                steps,
                all.size(),
                (int) all.stream().filter(Observed::lost).count(),
                all.stream().mapToDouble(Observed::time).max().orElse(0));
    }

    /** The share alive at a time; 1 before the first loss. NaN later than anybody was followed, for nobody knows. */
    public double at(double time) {
        if (time > followed) {
            return Double.NaN;
        }
        double survival = 1;
        for (Step s : steps) {
            survival = s.time() <= time ? s.survival() : survival;
        }
        return survival;
    }

    /** The time by which half were lost; empty while more than half live. */
    public OptionalDouble median() {
        return steps.stream()
                .filter(s -> s.survival() <= 0.5)
                .mapToDouble(Step::time)
                .findFirst();
    }

    /**
     * The least true share that would still show nobody lost among so many once in forty times: 0.025^(1/n) (Clopper
     * &amp; Pearson 1934).
     */
    public static double leastIfNoneLost(int subjects) {
        return subjects <= 0 ? 0 : Math.pow(0.025, 1.0 / subjects);
    }
}
