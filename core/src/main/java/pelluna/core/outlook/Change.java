package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.units.Step;

/**
 * Something that changes on the way, by itself or by an arrival.
 *
 * @param about ids of those whom it is about
 * @param step  how serious it is
 * @param event what happens
 */
public record Change(LocalDate on, Kind kind, List<String> about, Step step, Event event) {
    public enum Kind {
        ARRIVES,
        LEAVES,
        LONGER_RUN,
        MORE_WATER,
        TURNING_ROOM,
        COLOURS,
        PRESSES,
        EATS,
        GROWN
    }

    public Change {
        about = List.copyOf(about);
    }
}
