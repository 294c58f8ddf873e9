package pelluna.core.risk;

import java.util.List;
import pelluna.core.plan.Risk;
import pelluna.core.units.Sentences;
import pelluna.core.units.Step;

/**
 * One way with a wish that is refused, leaving it included, and how bad it is.
 *
 * @param how      {@link Risk#NONE} for leaving it
 * @param step     how bad all in all: of the hardest press, or of the most serious reason against it
 * @param hardest  the hardest press among it and its rivals on the day it goes in, 0 to 100
 * @param grown    the same when all are grown
 * @param acts     contests an hour that the model expects among them on that day
 * @param possible whether the places are there that it needs
 * @param says     how bad, when, and what it takes
 */
public record Way(
        Risk how, Step step, double hardest, double grown, double acts, boolean possible, List<Sentences> says) {
    public Way {
        says = List.copyOf(says);
    }
}
