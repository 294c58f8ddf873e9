package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Surroundings;
import pelluna.core.tension.Tension;

/**
 * How many places of their own some fish need, in quarantine or while the ground is dealt anew: those who would press
 * or eat each other
 * can't share one.
 */
public final class Places {
    /** A place of a keeper's: 75 L, 60 cm long, two pieces of pipe, fed twice. Pelluna's judgement. */
    private static final Surroundings PLACE = new Surroundings(75, 60, 2, 2, false);

    private Places() {}

    /** 0 for no fish. A group that lives together shares a place. O(n²). */
    public static int needed(List<Party> fish, LocalDate on) {
        List<List<Party>> places = new ArrayList<>();
        fish.stream()
                .sorted(Comparator.comparingLong((Party p) -> -fish.stream()
                                .filter(o -> o != p && apart(p, o, on))
                                .count())
                        .thenComparing(Party.AS_PUT_IN))
                .forEach(p -> places.stream()
                        .filter(here -> here.stream().noneMatch(o -> apart(p, o, on)))
                        .findFirst()
                        .ifPresentOrElse(here -> here.add(p), () -> places.add(new ArrayList<>(List.of(p)))));
        return places.size();
    }

    /**
     * Whether two can't share a place: a Chop or more from the first day, either way, or one swallows the other at the
     * size of that
     * day.
     */
    public static boolean apart(Party a, Party b, LocalDate on) {
        double aCm = a.lengthOn(on);
        double bCm = b.lengthOn(on);
        return press(a, aCm, b, bCm) >= Tension.CHOP_FROM
                || press(b, bCm, a, aCm) >= Tension.CHOP_FROM
                || swallows(a, b, on)
                || swallows(b, a, on);
    }

    private static double press(Party one, double oneCm, Party other, double otherCm) {
        return Tension.index(new Encounter(one, oneCm, other, otherCm, Encounter.Order.TOGETHER, PLACE, false, 1));
    }

    private static boolean swallows(Party eater, Party prey, LocalDate on) {
        return Eaten.of(eater, prey, on).filter(e -> !e.from().isAfter(on)).isPresent();
    }
}
