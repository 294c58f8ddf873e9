package pelluna.core.introduction;

import java.time.Duration;
import java.time.Instant;

/** A watch while a fish is in the box. @param strikes at the box of this fish */
public record BoxWatch(Instant began, Instant ended, int strikes) {
    public Duration length() {
        return Duration.between(began, ended);
    }
}
