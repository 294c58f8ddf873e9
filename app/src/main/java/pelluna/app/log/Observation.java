package pelluna.app.log;

import java.time.Instant;
import pelluna.app.limits.Refused;
import pelluna.core.behaviour.EventType;

/**
 * A line of the log as it is sent.
 *
 * @param fish  whom it is about; null for what is the tank's
 * @param other to whom it was done; null for none
 * @param x     share of the front glass from the left, 0 to 1; null if nobody says
 * @param y     share of its height above the floor; a place has both or neither
 * @param key   made by the window that sends, so that a line that is sent twice is written once; null without
 */
public record Observation(
        Instant at,
        EventType doing,
        Long fish,
        Long other,
        Double x,
        Double y,
        int gravity,
        int times,
        String note,
        String key) {
    private static final int MOST_NOTE = 400;

    public Observation {
        note = note == null ? "" : note.strip();
        if (note.length() > MOST_NOTE) {
            throw new Refused("note", new LogRefusal.LongNote(MOST_NOTE));
        }
        boolean placed = x != null && y != null && Double.isFinite(x) && Double.isFinite(y);
        x = placed ? x : null;
        y = placed ? y : null;
    }

    /** Something about one fish, now. */
    public static Observation of(Instant at, EventType doing, Long fish) {
        return new Observation(at, doing, fish, null, null, null, doing.gravity(), 1, "", null);
    }

    public static Observation act(Instant at, EventType doing, Long fish, Long other) {
        return new Observation(at, doing, fish, other, null, null, doing.gravity(), 1, "", null);
    }
}
