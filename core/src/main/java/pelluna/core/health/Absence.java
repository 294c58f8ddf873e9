package pelluna.core.health;

import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;

/**
 * For how long a fish may stay out of sight before somebody should ask. Pelluna's judgement: a fish that burrows or
 * hides is seen less.
 */
public final class Absence {
    private static final int OPEN = 1;
    private static final int PERCHES = 2;
    private static final int HIDES = 5;
    private static final int NEWCOMER = 1;
    /** A newcomer is asked about sooner, for so many days after it came. */
    public static final int NEW_DAYS = 14;

    private Absence() {}

    /** Days unseen after which it is asked about. @param daysHere since it came into the tank */
    public static int usualDays(Species s, long daysHere) {
        Swims swims = s.place().swims();
        boolean buries = swims == Swims.BURROWS || s.needs().sandCm() > 0;
        int usual = swims == Swims.HIDES || buries ? HIDES : swims == Swims.PERCHES ? PERCHES : OPEN;
        return daysHere <= NEW_DAYS ? Math.min(usual, buries ? PERCHES : NEWCOMER) : usual;
    }
}
