package pelluna.app.losses;

import java.time.LocalDate;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Left;
import pelluna.core.losses.Sure;

/**
 * What a keeper says of a departure.
 *
 * @param fish  number; null for one of the crew
 * @param crew  number; null for a fish
 * @param by    the fish that did it; null if nobody knows
 * @param cost  in the keeper's own money; null if nothing is said
 */
public record LossReport(
        Long fish,
        Long crew,
        int count,
        LocalDate on,
        Left how,
        Cause cause,
        Sure sure,
        Long by,
        String seen,
        Double cost) {
    /** The same of a fish. */
    LossReport of(long number) {
        return new LossReport(number, null, count, on, how, cause, sure, by, seen, cost);
    }

    public static LossReport lost(
            long fish, int count, LocalDate on, Cause cause, Sure sure, Long by, String seen, Double cost) {
        return new LossReport(fish, null, count, on, Left.LOST, cause, sure, by, seen, cost);
    }
}
