package pelluna.core.odds;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntFunction;

/** After how many months odds are said: one, six, twenty-four. */
public final class Months {
    public static final int ONE = 1;
    public static final int SIX = 6;
    public static final int ALL = 24;

    private Months() {}

    /** Days of the plan until then. */
    public static int days(int months) {
        return Cast.DAYS * months / ALL;
    }

    /** Something for each, in their order. @param of by days */
    static <T> Map<Integer, T> each(IntFunction<T> of) {
        Map<Integer, T> each = new TreeMap<>();
        for (int months : new int[] {ONE, SIX, ALL}) {
            each.put(months, of.apply(days(months)));
        }
        return each;
    }
}
