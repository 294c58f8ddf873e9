package pelluna.core.outlook;

import pelluna.core.tension.Tension;
import pelluna.core.units.Step;

/** One pressing another on a day, without the reasons. */
public record Press(Presence aggressor, Presence target, double index) {
    public Step step() {
        return Tension.stepOf(index);
    }

    /** Whether it is the same two the same way round. */
    public boolean same(String aggressorId, String targetId) {
        return aggressor.party().id().equals(aggressorId) && target.party().id().equals(targetId);
    }
}
