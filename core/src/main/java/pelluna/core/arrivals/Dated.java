package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import pelluna.core.introduction.Method;

/**
 * One arrival with its place and days.
 *
 * @param quarantineFrom empty without quarantine
 * @param boxFrom        the day it enters the box; the day of release when it does not stay overnight
 * @param place          number of the quarantine place, from 1; 0 without
 * @param why            why here, strongest first
 * @param needs          quarantine places that it needs, 0 without quarantine
 * @param has            quarantine places that there are
 * @param anew           where the ground is dealt anew for it
 */
public record Dated(
        int position,
        Arrival arrival,
        Optional<LocalDate> quarantineFrom,
        LocalDate boxFrom,
        LocalDate releaseOn,
        Method method,
        int place,
        List<Why> why,
        int needs,
        int has,
        Optional<GroundAnew> anew) {
    public boolean boxed() {
        return releaseOn.isAfter(boxFrom);
    }

    /** Whether it has more fish that can't share a place than there are places. */
    public boolean shortOfPlaces() {
        return needs > has;
    }

    /** The same, straight into the tank on another day. */
    public Dated releasedOn(LocalDate day) {
        return new Dated(position, arrival, quarantineFrom, day, day, method, place, why, needs, has, anew);
    }

    Dated with(Arrival other) {
        return new Dated(position, other, quarantineFrom, boxFrom, releaseOn, method, place, why, needs, has, anew);
    }
}
