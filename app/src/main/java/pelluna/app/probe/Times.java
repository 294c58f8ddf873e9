package pelluna.app.probe;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import pelluna.words.Words;

/** Moments in the keeper's own time. */
final class Times {

    private Times() {}

    static String at(Instant when, Clock clock, Words say) {
        return say.days().shortMoment(LocalDateTime.ofInstant(when, clock.getZone()));
    }
}
