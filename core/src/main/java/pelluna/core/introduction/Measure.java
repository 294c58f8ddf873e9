package pelluna.core.introduction;

import pelluna.core.units.Named;

/**
 * What a keeper can do when fish press each other, in the order in which keepers try it; common practice. Each has a
 * start and an end.
 */
public enum Measure implements Named {
    FEED_MORE("feed-more", "more food, spread out", "One or two small meals a day more, at both ends.", 4, false),
    SECOND_FEEDING_PLACE(
            "second-feeding-place",
            "a second feeding place",
            "Feed at two ends at once, right in front of the newcomer at one of them.",
            4,
            false),
    MIRROR(
            "mirror",
            "a mirror on the glass",
            "On the outside, at the boss's ground, some hours a day; take it off for the night. It occupies the boss "
                    + "with itself.",
            3,
            false),
    MOVED_ROCK(
            "moved-rock",
            "rock moved",
            "Move the heap that the boss holds, so that there is ground that nobody owns.",
            5,
            false),
    TIME_OUT(
            "time-out",
            "time-out for the boss",
            "Take the aggressor out for one to two weeks and put it back last.",
            10,
            true),
    TRAP(
            "trap",
            "a trap set",
            "Bait it for some days without closing it. It catches whom it wants: be ready to let the wrong one go.",
            3,
            false),
    BACK_THROUGH_BOX(
            "back-through-box",
            "the newcomer back through the box",
            "Take the newcomer out to heal, then back into the box until nobody goes for it.",
            7,
            true),
    REHOME(
            "rehome",
            "one of them to another home",
            "To a keeper or a shop that has room for it. Never into the sea.",
            0,
            true);

    private final String word;
    private final String plain;
    private final String how;
    private final int tryDays;
    private final boolean afterwards;

    Measure(String word, String plain, String how, int tryDays, boolean afterwards) {
        this.word = word;
        this.plain = plain;
        this.how = how;
        this.tryDays = tryDays;
        this.afterwards = afterwards;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    public String how() {
        return how;
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
