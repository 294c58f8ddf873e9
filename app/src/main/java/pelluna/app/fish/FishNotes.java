package pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import pelluna.app.account.OwnedTank;
import pelluna.core.behaviour.EventType;

/** What the log writes and knows about one fish; the log fulfils it, so that this package need not know it. */
public interface FishNotes {
    /**
     * Writes a line about a fish.
     *
     * @param times how many were counted, or 1
     * @param own   what Pelluna itself notes; null for nothing
     * @param text  what the keeper notes; empty for nothing
     */
    void note(OwnedTank tank, EventType doing, long fish, int times, OwnNote own, String text);

    /** It is back in the tank: what had taken it out has ended. */
    void back(OwnedTank tank, long fish);

    /** One line of a history. */
    record Line(LocalDate on, String says) {}

    /** The newest lines about a fish. */
    List<Line> about(OwnedTank tank, Fish fish, List<Fish> all, int most);

    /** What was done for or about it, and how it came in. */
    List<Line> deeds(OwnedTank tank, Fish fish, List<Fish> all);
}
