package pelluna.core.tension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.plan.Party;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;

/**
 * How hard one fish is expected to press another, directed, 0 to 100. Drivers combine as noisy-or, 1 − Π(1 − w·D), so
 * that a driver more never lowers it; factors multiply; the result is clipped at 100. These are odds, not promises.
 *
 * @param reasons every driver and factor at work, drivers first, strongest first
 */
public record Tension(Party aggressor, Party target, double index, List<Reason> reasons) {
    /** From these indices on a pair is a Ripple, a Chop, a Surge. Pelluna's judgement. */
    public static final double RIPPLE_FROM = 20;

    public static final double CHOP_FROM = 45;
    public static final double SURGE_FROM = 70;
    private static final double WORTH_SAYING = 0.005;

    /** @param effect of a driver its share of the pull, 0 to 1; of a factor what it multiplies by */
    public record Reason(Force force, double effect, TensionReason why) {
        public boolean driver() {
            return force.drives();
        }
    }

    public Tension {
        reasons = List.copyOf(reasons);
    }

    /** What the model says by itself, without what other keepers saw; 0 to 100. */
    public double byModel() {
        double others = reasons.stream()
                .filter(r -> r.force() == Force.OTHER_KEEPERS)
                .mapToDouble(Reason::effect)
                .findFirst()
                .orElse(1);
        return Math.min(100, index / others);
    }

    public Step step() {
        return stepOf(index);
    }

    /**
     * The least and the most that eight in ten individuals would come to, where this one is not well known yet; empty
     * once it is, and
     * where nothing drives it.
     */
    public Optional<Range> range() {
        if (index == 0 || !aggressor.own().thin()) {
            return Optional.empty();
        }
        OwnRecord.Spread spread = aggressor.own().spread();
        return Optional.of(new Range(index * spread.low(), Math.min(100, index * spread.high())));
    }

    /** What eight in ten individuals would come to. @param low 0 to 100 @param high 0 to 100 */
    public record Range(double low, double high) implements Statement {}

    public static Step stepOf(double index) {
        return index >= SURGE_FROM
                ? Step.SURGE
                : index >= CHOP_FROM ? Step.CHOP : index >= RIPPLE_FROM ? Step.RIPPLE : Step.CALM;
    }

    /** The index alone, without its reasons: what the solver calls thousands of times. O(drivers + factors). */
    public static double index(Encounter e) {
        double spared = 1;
        for (Driver driver : Drivers.ALL) {
            spared *= 1 - driver.pull(e);
        }
        double index = 100 * (1 - spared);
        if (index > 0) {
            for (Factor factor : Factors.ALL) {
                index *= factor.multiplier().applyAsDouble(e);
            }
        }
        return Math.min(100, index);
    }

    /** What drives it most; empty if nothing to speak of does. */
    public static Optional<TensionReason> mainly(Encounter e) {
        return Drivers.ALL.stream()
                .max(Comparator.comparingDouble(d -> d.pull(e)))
                .filter(d -> d.pull(e) >= WORTH_SAYING)
                .map(d -> d.why().apply(e));
    }

    /** The index with every reason. */
    public static Tension of(Encounter e) {
        List<Reason> reasons = new ArrayList<>();
        for (Driver driver : Drivers.ALL) {
            double pull = driver.pull(e);
            if (pull >= WORTH_SAYING) {
                reasons.add(new Reason(driver.force(), pull, driver.why().apply(e)));
            }
        }
        reasons.sort(Comparator.comparingDouble(Reason::effect).reversed());
        if (!reasons.isEmpty()) {
            for (Factor factor : Factors.ALL) {
                double by = factor.multiplier().applyAsDouble(e);
                if (Math.abs(by - 1) >= WORTH_SAYING) {
                    reasons.add(new Reason(factor.force(), by, factor.why().apply(e)));
                }
            }
        }
        return new Tension(e.aggressor(), e.target(), index(e), reasons);
    }
}
