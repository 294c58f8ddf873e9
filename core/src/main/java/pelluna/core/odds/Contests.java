package pelluna.core.odds;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.units.Rounding;

/**
 * How many contests a day a fish of each party has to stand from each other, as fish of their kind: the tension of the
 * day
 * by {@link OwnRecord#rate}, in the hours of light. Looked at every few weeks, for sizes change slowly.
 */
final class Contests {
    /** Hours of light, in which fish press each other. Common practice (ten to twelve). */
    static final double HOURS = 11;
    /** Parties that are looked at every two weeks; more of them less often. */
    private static final int OFTEN = 40;

    private static final int EVERY = 14;
    /** So exactly is an index kept: the last digits differ between machines. */
    private static final int DIGITS = 9;

    private final int size;
    private final int every;
    private final double[][] index;

    Contests(Outlook outlook) {
        List<Presence> all = outlook.everybody();
        size = all.size();
        every = EVERY * Math.max(1, (size + OFTEN - 1) / OFTEN);
        index = new double[Cast.DAYS / every + 1][size * size];
        List<Quarters> alone = all.stream()
                .map(p -> Quarters.of(outlook.plan().tank(), List.of(p.party())))
                .toList();
        for (int look = 0; look < index.length; look++) {
            LocalDate day = outlook.plan().startOn().plusDays((long) look * every);
            for (int a = 0; a < size; a++) {
                for (int b = 0; b < size; b++) {
                    double tension = a == b
                            ? among(all.get(a).party(), alone.get(a), day)
                            : pair(outlook, all.get(a), all.get(b), day);
                    index[look][a * size + b] = Rounding.to(DIGITS, tension);
                }
            }
        }
    }

    private static double pair(Outlook outlook, Presence one, Presence other, LocalDate day) {
        LocalDate later = one.from().isAfter(other.from()) ? one.from() : other.from();
        return outlook.press(one, other, later.isAfter(day) ? later : day).index();
    }

    /** What strangers of this kind and size would do to each other here. */
    private static double among(Party p, Quarters alone, LocalDate day) {
        double cm = p.lengthOn(day);
        return p.count() < 2 ? 0 : Tension.index(alone.meet(p, cm, p, cm, Encounter.Order.TOGETHER, false));
    }

    /** Tension of a pair of parties on a day, 0 to 100; of a party with itself that of strangers of its kind. */
    double index(int aggressor, int target, int day) {
        return index[Math.min(index.length - 1, day / every)][aggressor * size + target];
    }

    /** Contests a day at a tension. */
    static double perDay(double index) {
        return HOURS * OwnRecord.rate(index);
    }

    /** The share of contests at a tension that leave a wound, beside those at 100. */
    static double hurts(double index) {
        return index * index / 1e4;
    }
}
