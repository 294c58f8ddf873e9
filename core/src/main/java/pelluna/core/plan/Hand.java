package pelluna.core.plan;

/**
 * What a keeper has decided by hand about an arrival.
 *
 * @param place its place in the order, from 1; 0 leaves it to Pelluna
 * @param box   whether it goes through the see-through box in any case
 */
public record Hand(int place, boolean box) {
    /** Nothing decided. */
    public static final Hand FREE = new Hand(0, false);

    public Hand at(int otherPlace) {
        return new Hand(otherPlace, box);
    }

    public Hand boxed(boolean through) {
        return new Hand(place, through);
    }
}
