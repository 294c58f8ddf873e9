package pelluna.core.losses;

/** When acts of one fish against another on a day count as a serious fight. Pelluna's judgement. */
public final class SeriousFight {
    private static final int HARD_ACTS = 3;
    private static final int GRAVE = 3;

    private SeriousFight() {}

    /**
     * @param hardActs of gravity 2 or more
     * @param gravity  of the gravest act, 1 to 3
     * @param hurt     whether a wound or a torn fin was noted on its target within two days after it
     */
    public static boolean is(int hardActs, int gravity, boolean hurt) {
        return hardActs >= HARD_ACTS || gravity >= GRAVE || hurt && hardActs > 0;
    }
}
