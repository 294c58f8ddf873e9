package pelluna.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import pelluna.core.behaviour.Elsewhere;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.catalogue.Species;
import pelluna.core.growth.Growth;

/**
 * A fish, a pair or a group that lives or goes in together.
 *
 * @param id       unique within the plan, and the same as long as its row: 'r17' for a resident, 'w17' for a wish; by
 *                 its place in the list, 'w0', where a file has no rows
 * @param lengthCm length of each, cm: today for a resident, when bought for a wish
 * @param from     the day from which it grows: plan start for residents and, until arrivals are dated, for wishes; the
 *                 day of the last measurement where there is one
 * @param since    the day it came into the tank; the plan's start for a wish
 * @param want     1 to 5 for a wish, 0 for a resident
 * @param growth   of its species, or as its own measured lengths have it
 * @param hand     what its keeper has decided by hand about its arrival
 * @param own      what it has been seen to do to others, which stands over what its kind does
 * @param elsewhere what other keepers saw of species of its plan
 * @param dated    whether its keeper said on which day it came; if not, nobody knows who was there before whom
 */
public record Party(
        String id,
        Species species,
        int count,
        double lengthCm,
        LocalDate from,
        LocalDate since,
        int want,
        boolean captiveBred,
        Growth growth,
        Hand hand,
        OwnRecord own,
        Elsewhere elsewhere,
        boolean dated) {

    /** By their place in the plan: residents first, then wishes, each in the order in which they were put in. */
    public static final Comparator<Party> AS_PUT_IN = Comparator.comparing((Party p) -> p.id.charAt(0))
            .thenComparing(p -> p.id.length())
            .thenComparing(Party::id);

    /** As far as its keeper has decided nothing by hand and measured nothing. */
    public Party(
            String id,
            Species species,
            int count,
            double lengthCm,
            LocalDate from,
            LocalDate since,
            int want,
            boolean captiveBred) {
        this(
                id,
                species,
                count,
                lengthCm,
                from,
                since,
                want,
                captiveBred,
                species.size().growth(),
                Hand.FREE,
                OwnRecord.NONE,
                Elsewhere.NOTHING,
                true);
    }

    public boolean resident() {
        return want == 0;
    }

    /** Length of each on a day, cm, grown after von Bertalanffy. */
    public double lengthOn(LocalDate day) {
        return lengthAfter(ChronoUnit.DAYS.between(from, day));
    }

    /** Length of each so many days after the one from which it grows, cm; before that day as on it. */
    public double lengthAfter(long days) {
        return growth.lengthAfter(lengthCm, Math.max(0, days));
    }

    /**
     * Length that it comes to here, cm: adult, never less than it has; or what it has reached when it is to leave the
     * tank.
     */
    public double adultCm() {
        double adult = Math.max(lengthCm, species.size().usualCm());
        return hand.leaves().map(l -> Math.min(adult, lengthOn(l.on()))).orElse(adult);
    }

    /** Mass of all when adult, g. */
    public double adultGrams() {
        return count * species.size().mass().gramsAt(adultCm());
    }

    public double gramsOn(LocalDate day) {
        return count * species.size().mass().gramsAt(lengthOn(day));
    }

    public Party bought(LocalDate day) {
        return new Party(
                id, species, count, lengthCm, day, day, want, captiveBred, growth, hand, own, elsewhere, dated);
    }

    /** The same arrival with another number of fish. */
    public Party counting(int other) {
        return new Party(
                id, species, other, lengthCm, from, since, want, captiveBred, growth, hand, own, elsewhere, dated);
    }

    /** The same arrival, bought at another length, cm. */
    public Party sized(double otherCm) {
        return new Party(
                id, species, count, otherCm, from, since, want, captiveBred, growth, hand, own, elsewhere, dated);
    }

    /** The same arrival with something decided by hand. */
    public Party by(Hand other) {
        return new Party(
                id, species, count, lengthCm, from, since, want, captiveBred, growth, other, own, elsewhere, dated);
    }

    /** The same fish with what it has been seen to do. */
    public Party seen(OwnRecord record) {
        return new Party(
                id, species, count, lengthCm, from, since, want, captiveBred, growth, hand, record, elsewhere, dated);
    }

    /** The same fish, with what other keepers saw. */
    public Party knowing(Elsewhere others) {
        return new Party(
                id, species, count, lengthCm, from, since, want, captiveBred, growth, hand, own, others, dated);
    }

    /** The same fish, of which nobody said when it came. */
    public Party undated() {
        return new Party(
                id, species, count, lengthCm, from, since, want, captiveBred, growth, hand, own, elsewhere, false);
    }

    /** The same fish as it was measured, growing on from that day. */
    public Party measuredOn(LocalDate day, double cm, Growth refitted) {
        return new Party(id, species, count, cm, day, since, want, captiveBred, refitted, hand, own, elsewhere, dated);
    }

    /** Another species in its place, at the size that shops usually have; one fish, or the least group. */
    public Party instead(Species other) {
        return new Party(
                id,
                other,
                Math.max(1, other.social().least()),
                other.usualShopCm(),
                from,
                since,
                want,
                false,
                other.size().growth(),
                hand,
                OwnRecord.NONE,
                elsewhere,
                dated);
    }

    /** The least litres that so many of them ask for, at the customary school. */
    public double needsLitres() {
        return species.litresFor(count).customary();
    }
}
