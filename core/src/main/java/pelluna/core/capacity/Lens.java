package pelluna.core.capacity;

import pelluna.core.units.Rounding;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/** One way to look at how full a tank is: what is used against a limit, both in the same unit. */
public record Lens(LensKind kind, double used, double limit, Unit unit, Step step, LensReason why)
        implements Statement {
    /** The same with a step no higher than one given. */
    Lens atMost(Step most) {
        return step.compareTo(most) <= 0 ? this : new Lens(kind, used, limit, unit, most, why);
    }

    public double share() {
        return used / limit;
    }

    /** Whether it is phosphate, and not nitrate, that is nearer its ceiling. */
    public boolean byPhosphate() {
        return unit == Unit.PHOSPHATE;
    }

    /** What is used, rounded as it is read. */
    public double figure() {
        return Rounding.to(byPhosphate() ? 2 : 1, used);
    }

    /** Up to the limit Calm, a tenth over Ripple, a third over Chop, beyond Surge. Pelluna's judgement. */
    static Step stepOf(double share) {
        return share <= 1 ? Step.CALM : share <= 1.1 ? Step.RIPPLE : share <= 1.33 ? Step.CHOP : Step.SURGE;
    }
}
