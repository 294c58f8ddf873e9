package pelluna.core.odds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.stat.correlation.SpearmansCorrelation;

/**
 * How far the odds hang on each rate: every plan of odds-ranks.yaml with one rate at the lower and at the upper end of
 * what it may be, by the same chance. Prints the table of docs/model.md, Spearman's correlation with the keepers' order
 * first.
 */
public final class Sensitivity {
    private static final int RUNS = 250;
    private static final long SEED = 20;

    private Sensitivity() {}

    private record Line(Rate rate, double low, double high) {
        double wide() {
            return Math.abs(low) + Math.abs(high);
        }
    }

    public static void main(String[] args) {
        List<RankedPlan> plans = RankedPlan.all();
        Rates sure = Rates.USUAL.certain();
        double[] usual = well(plans, sure);
        System.out.printf(
                "Spearman %.2f%n",
                new SpearmansCorrelation()
                        .correlation(plans.stream().mapToDouble(p -> -p.rank()).toArray(), well(plans, Rates.USUAL)));
        List<Line> lines = new ArrayList<>();
        for (Rate rate : Rate.values()) {
            lines.add(new Line(
                    rate,
                    change(usual, well(plans, sure.with(rate, rate.range().low()))),
                    change(usual, well(plans, sure.with(rate, rate.range().high())))));
        }
        lines.sort(Comparator.comparingDouble(Line::wide).reversed());
        lines.forEach(l -> System.out.printf(
                "| %s | %.4g | %s | %+.1f | %+.1f |%n",
                l.rate.word(), l.rate.value(), l.rate.source().word(), 100 * l.low, 100 * l.high));
    }

    /** Share of runs in which all are well after two years, by plan. */
    private static double[] well(List<RankedPlan> plans, Rates rates) {
        return plans.stream()
                .mapToDouble(p -> Player.ofWishes(p.plan(), rates, SEED)
                        .play(RUNS)
                        .allWell()
                        .get(Months.ALL))
                .toArray();
    }

    private static double change(double[] from, double[] to) {
        double sum = 0;
        for (int i = 0; i < from.length; i++) {
            sum += to[i] - from[i];
        }
        return sum / from.length;
    }
}
