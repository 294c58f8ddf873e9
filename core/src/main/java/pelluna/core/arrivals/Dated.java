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
 * @param why            why here, in sentences, strongest first
 */
public record Dated(int position, Arrival arrival, Optional<LocalDate> quarantineFrom, LocalDate boxFrom, LocalDate releaseOn,
                    Method method, int place, List<String> why) {
    public boolean boxed() {
        return releaseOn.isAfter(boxFrom);
    }

    Dated with(Arrival other) {
        return new Dated(position, other, quarantineFrom, boxFrom, releaseOn, method, place, why);
    }
}
