package pelluna.app.fish;

import pelluna.app.planning.OpenTank;
import pelluna.core.plan.Party;

/**
 * Keeps what the plan says on the day of an arrival. Who holds it against what happens fulfils this, so that this
 * package need not know it.
 */
public interface Predictions {
    /** @param before the tank in which the party is a wish still; @param fish its number in the log */
    void arrives(OpenTank before, Party party, long fish);
}
