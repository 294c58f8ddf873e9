package pelluna.app.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/** The clock of the application under test: it stands still, and moves when a test moves it. */
public final class StillClock extends Clock {
    private volatile Instant now;
    private final ZoneId zone;

    StillClock(Instant now, ZoneId zone) {
        this.now = now;
        this.zone = zone;
    }

    /** Noon of today in the zone of the tests. */
    static StillClock atNoon() {
        ZoneId zone = ZoneId.systemDefault();
        return new StillClock(LocalDate.now(zone).atTime(12, 0).atZone(zone).toInstant(), zone);
    }

    public void passes(Duration time) {
        now = now.plus(time);
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    @Override
    public Clock withZone(ZoneId other) {
        return new StillClock(now, other);
    }

    @Override
    public Instant instant() {
        return now;
    }
}
