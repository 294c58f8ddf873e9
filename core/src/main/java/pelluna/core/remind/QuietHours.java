package pelluna.core.remind;

import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * Hours of every day in which nobody is reminded; over midnight where they end before they begin.
 *
 * @param from the first minute of them
 * @param to   the first minute after them
 */
public record QuietHours(LocalTime from, LocalTime to) {
    /** @throws IllegalArgumentException, if they begin as they end */
    public QuietHours {
        if (from.equals(to)) {
            throw new IllegalArgumentException(from + " to " + to);
        }
    }

    public boolean at(LocalTime time) {
        boolean begun = !time.isBefore(from);
        boolean going = time.isBefore(to);
        return from.isBefore(to) ? begun && going : begun || going;
    }

    /** When something may be said that is to be said at a moment: then, or as soon as they are over. */
    public LocalDateTime over(LocalDateTime moment) {
        if (!at(moment.toLocalTime())) {
            return moment;
        }
        LocalDateTime end = moment.toLocalDate().atTime(to);
        return end.isAfter(moment) ? end : end.plusDays(1);
    }

    /** The hour of every day at which something may be said: this, or the one at which they are over. */
    public LocalTime over(LocalTime time) {
        return at(time) ? to : time;
    }

    /** For what must be said ahead: this hour, or the one at which they begin. */
    public LocalTime ahead(LocalTime time) {
        return at(time) ? from : time;
    }
}
