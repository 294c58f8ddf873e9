package pelluna.app.probe;

import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Moments in the keeper's own time. */
final class Times {
    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private Times() {}

    static String at(Instant when, Clock clock) {
        return when.atZone(clock.getZone()).format(AT);
    }
}
