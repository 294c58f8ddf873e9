package pelluna.core.losses;

import java.time.LocalDate;
import pelluna.core.catalogue.Stance;

/**
 * How long to wait after a loss to illness. Common practice: nobody new until every fish has been watched for thirty
 * days without a sign; a tank
 * emptied of fish stands two to three months. Which illness it was is for a vet who knows fish: Pelluna counts days.
 *
 * @param lastSign the last day with a sign of illness, or of a loss to it
 */
public record Clearance(LocalDate lastSign, Stance stance) {
    /** Days of watching without a sign. Common practice. */
    public static final int WATCH_DAYS = 30;

    /** From this day on newcomers may come, if no sign shows until then. */
    public LocalDate watchedUntil() {
        return lastSign.plusDays(WATCH_DAYS);
    }

    /** Days that a tank stands without fish: two to three months, by school. Common practice; 76 days from memory. */
    public int fallowDays() {
        return switch (stance) {
            case BOLD -> 60;
            case CUSTOMARY -> 76;
            case CAUTIOUS -> 90;
        };
    }

    /** If the last fish left the tank on a day. */
    public LocalDate fallowUntil(LocalDate empty) {
        return empty.plusDays(fallowDays());
    }

    public boolean over(LocalDate today) {
        return !today.isBefore(watchedUntil());
    }
}
