package pelluna.core.losses;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import pelluna.core.behaviour.EventType;

/**
 * What is known of the days before a fish was lost, as far as anybody wrote it down.
 *
 * @param daysAgo      days from the last note of each sign to the loss, 0 on the day itself
 * @param kept         days kept
 * @param years        kept, and the lifespan of its kind, both in years
 * @param jumps        0 seldom, 1 sometimes, 2 often
 * @param openCover    whether the tank can be jumped out of
 * @param acts         contests against it in the last seven days
 * @param aggressor    who did most of them; empty if nobody
 * @param eater        who there could swallow it; empty if nobody
 * @param missing      whether it was missing before, with nothing found
 * @param ammonia      total, mg/L, highest test of the last week
 * @param nitrite      mg/L, likewise
 * @param swingC       between the lowest and highest temperature of the last three days, °C
 * @param othersLost   of other fish in the three days before and after
 * @param inQuarantine whether it was lost there
 */
public record Evidence(
        Map<EventType, Long> daysAgo,
        int kept,
        double years,
        double lifespan,
        int jumps,
        boolean openCover,
        int acts,
        String aggressor,
        Optional<String> eater,
        boolean missing,
        OptionalDouble ammonia,
        OptionalDouble nitrite,
        OptionalDouble swingC,
        int othersLost,
        boolean inQuarantine) {
    public Evidence {
        daysAgo = Map.copyOf(daysAgo);
    }

    /** Whether a sign was noted in so many days before the loss. */
    boolean noted(EventType sign, int days) {
        return daysAgo.getOrDefault(sign, Long.MAX_VALUE) <= days;
    }
}
