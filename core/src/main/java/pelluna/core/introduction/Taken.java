package pelluna.core.introduction;

import java.time.Instant;
import java.util.Optional;
import pelluna.core.behaviour.RateChange;

/** A measure that was tried. @param ended empty while it goes on; @param did from before to since, as watched */
public record Taken(Intervention measure, Instant began, Optional<Instant> ended, RateChange did) {}
