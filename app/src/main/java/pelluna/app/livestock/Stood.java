package pelluna.app.livestock;

import java.time.LocalDate;
import pelluna.core.livestock.LifeEvent;

/**
 * One event of a life as it stands written.
 *
 * @param on   null if nobody knows
 * @param note in words of before, or empty
 */
public record Stood(LifeEvent event, LocalDate on, String note) {}
