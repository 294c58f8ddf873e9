package pelluna.core.sighting;

import java.util.Optional;
import pelluna.core.behaviour.EventType;

/**
 * Who did what to whom, where, how grave, how often.
 *
 * @param who     id of the fish; empty for what is the tank's, such as feeding
 * @param whom    id of the other fish, where it was done to another
 * @param where   empty if nobody says
 * @param gravity 1 to 3
 * @param times   1 or more
 */
public record Sighting(
        Optional<String> who,
        EventType doing,
        Optional<String> whom,
        Optional<Spot> where,
        int gravity,
        int times,
        String note) {
    /** A place on the front glass in shares of it: from the left, and above the floor, 0 to 1. */
    public record Spot(double x, double y) {}
}
