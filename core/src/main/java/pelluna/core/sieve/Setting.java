package pelluna.core.sieve;

import java.util.Optional;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;
import pelluna.core.units.Length;
import pelluna.core.units.Step;

/** One wish held against one tank: what every rule looks at. */
public record Setting(Plan plan, Party wish, Living living) {
    public Setting(Plan plan, Party wish) {
        this(plan, wish, new Living(plan));
    }

    Tank tank() {
        return plan.tank();
    }

    Stance stance() {
        return plan.stance();
    }

    Species species() {
        return wish.species();
    }

    /**
     * Share of its adult length that it comes to here: below 1 only if it is to leave before it is grown. Its needs
     * are taken in proportion.
     */
    double grownShare() {
        return wish.hand().leaves().isEmpty()
                ? 1
                : Math.min(1, wish.adultCm() / species().size().usualCm());
    }

    /** A reason, told of the length on the day it leaves for a fish that is to be traded in. */
    Reason until(Reason reason) {
        return grownShare() < 1 ? new Reason.ByTheDayItLeaves(new Length(wish.adultCm()), reason) : reason;
    }

    Source source(String fact) {
        return species().source(fact);
    }

    /**
     * How far a need is missed: nothing from the whole need on, then Ripple, Chop below the first share, Surge below
     * the second.
     */
    static Optional<Step> shortfall(double has, double needs, double chopBelow, double surgeBelow) {
        if (has >= needs) {
            return Optional.empty();
        }
        double share = has / needs;
        return Optional.of(share < surgeBelow ? Step.SURGE : share < chopBelow ? Step.CHOP : Step.RIPPLE);
    }

    static Step atMostSurge(int excess) {
        return Step.values()[Math.max(0, Math.min(Step.SURGE.ordinal(), excess))];
    }
}
