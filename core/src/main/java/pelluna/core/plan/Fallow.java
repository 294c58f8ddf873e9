package pelluna.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** A time without fish, after disease or disaster: from the day the last fish left until restocking begins. */
public record Fallow(LocalDate from, LocalDate until) {
    /** @throws IllegalArgumentException if it does not end after it begins */
    public Fallow {
        if (!until.isAfter(from)) {
            throw new IllegalArgumentException("a fallow time from " + from + " until " + until);
        }
    }

    public long days() {
        return ChronoUnit.DAYS.between(from, until);
    }
}
