package pelluna.core.introduction;

import java.time.LocalDate;

/** A daily look at a fish in quarantine. */
public record Look(LocalDate on, boolean eats, boolean spots, boolean fastBreath, boolean tornFins) {
    /** Signs of a disease that may spread: spots, or gills that work too fast. */
    public boolean ill() {
        return spots || fastBreath;
    }
}
