package pelluna.core.capacity;

import pelluna.core.units.Step;

/** One way to look at how full a tank is: what is used against a limit, both in the same unit. */
public record Lens(String name, double used, double limit, String unit, Step step, String says) {
    public double share() {
        return used / limit;
    }

    /** Up to the limit Calm, a tenth over Ripple, a third over Chop, beyond Surge. Pelluna's judgement. */
    static Step stepOf(double share) {
        return share <= 1 ? Step.CALM : share <= 1.1 ? Step.RIPPLE : share <= 1.33 ? Step.CHOP : Step.SURGE;
    }
}
