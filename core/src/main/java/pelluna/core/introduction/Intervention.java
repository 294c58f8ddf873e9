package pelluna.core.introduction;

import pelluna.core.units.Named;

/**
 * What a keeper can do when fish press each other, in the order in which keepers try it; common practice. Each has a
 * start and an end.
 */
public enum Intervention implements Named {
    FEED_MORE("feed-more", 4, false),
    SECOND_FEEDING_PLACE("second-feeding-place", 4, false),
    MIRROR("mirror", 3, false),
    MOVED_ROCK("moved-rock", 5, false),
    TIME_OUT("time-out", 10, true),
    TRAP("trap", 3, false),
    BACK_THROUGH_BOX("back-through-box", 7, true),
    REHOME("rehome", 0, true);

    private final String word;
    private final int tryDays;
    private final boolean afterwards;

    Intervention(String word, int tryDays, boolean afterwards) {
        this.word = word;
        this.tryDays = tryDays;
        this.afterwards = afterwards;
    }

    @Override
    public String word() {
        return word;
    }

    /** Days to give it before the next step. Pelluna's judgement. */
    public int tryDays() {
        return tryDays;
    }

    /** Whether what it did shows only once it has ended: one of the two was away meanwhile. */
    public boolean afterwards() {
        return afterwards;
    }
}
