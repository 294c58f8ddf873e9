package pelluna.app.arrivals;

import java.time.LocalTime;
import java.util.Optional;

/** Whether days in the calendar ring, for whoever asks. */
public interface DayAlarm {
    /** The hour of the evening before at which they do; empty if they do not. */
    Optional<LocalTime> eveningBefore();
}
