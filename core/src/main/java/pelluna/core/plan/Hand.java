package pelluna.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a keeper has decided by hand about an arrival, and knows about its stay.
 *
 * @param place    its place in the order, from 1; 0 leaves it to Pelluna
 * @param box      whether it goes through the see-through box in any case
 * @param on       the day on which it has to come, as when a shop has it then
 * @param together arrivals of one number above 0 go in together, {@link #ALONE} goes in by itself, 0 leaves it to
 * Pelluna
 * @param leaves   when and why it is to leave the tank again
 * @param price    what it costs, in the keeper's own money
 * @param risk     whether and how it is taken though Pelluna refuses it; by box and gate means through the box
 */
public record Hand(
        int place,
        boolean box,
        Optional<LocalDate> on,
        int together,
        Optional<Leaving> leaves,
        OptionalDouble price,
        Risk risk) {
    public Hand {
        box = box || risk == Risk.BOX;
    }

    /** Goes in by itself, though Pelluna would put it together with others of its genus. */
    public static final int ALONE = -1;
    /** Nothing decided. */
    public static final Hand FREE = new Hand(0, false);

    /** A fish that is to be rehomed or traded in. */
    public record Leaving(LocalDate on, String why) {}

    public Hand(int place, boolean box) {
        this(place, box, Optional.empty(), 0, Optional.empty(), OptionalDouble.empty(), Risk.NONE);
    }

    public Hand at(int otherPlace) {
        return new Hand(otherPlace, box, on, together, leaves, price, risk);
    }

    public Hand boxed(boolean through) {
        return new Hand(place, through, on, together, leaves, price, risk);
    }

    public Hand on(LocalDate day) {
        return new Hand(place, box, Optional.of(day), together, leaves, price, risk);
    }

    public Hand grouped(int number) {
        return new Hand(place, box, on, number, leaves, price, risk);
    }

    public Hand leaving(LocalDate day, String why) {
        return new Hand(place, box, on, together, Optional.of(new Leaving(day, why)), price, risk);
    }

    /** Taken all the same, or not. */
    public Hand risking(Risk how) {
        return new Hand(place, box && risk != Risk.BOX, on, together, leaves, price, how);
    }

    /** The same with nobody leaving. */
    public Hand staying() {
        return new Hand(place, box, on, together, Optional.empty(), price, risk);
    }
}
