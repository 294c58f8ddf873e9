package pelluna.app.fish;

import java.time.LocalDate;
import pelluna.core.tank.QuarantineSchool;

/**
 * From where a fish came into its tank. @param acquiredOn the day on which its keeper had it; @param school how it was
 * quarantined
 */
public record Origin(LocalDate acquiredOn, QuarantineSchool school) {}
