package pelluna.core.advice;

import java.util.Optional;
import pelluna.core.outlook.Press;

/**
 * An attempt with what the model says of it.
 *
 * @param says   what to do
 * @param before index of the pair as planned
 * @param after  index of the pair after the change
 * @param worse  the hardest pair that the change makes harder by {@value Advice#HARDER} points or more, or brings in
 * @param but    the same, and who comes in by the change; empty if nothing gets harder
 */
public record Option(
        Attempt attempt, ToDo says, double before, double after, Optional<Press> worse, Optional<ToDo> but) {}
