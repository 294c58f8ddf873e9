package pelluna.core.scenery;

/** Where lots begin. */
public final class Seeds {
    private static final long STEP = 0x9E3779B97F4A7C15L;

    private Seeds() {}

    /** Of a heap, by its place in the list from 0; −1 is the sand. */
    public static long of(int heap) {
        return (heap + 2) * STEP;
    }

    /** Of one thing on a heap: its own, so that another one beside it changes nothing about it. */
    public static long of(int heap, LifeForm form, int nth) {
        return (of(heap) ^ (form.ordinal() + 1) * 0xD1B54A32D192ED03L) + nth * STEP;
    }
}
