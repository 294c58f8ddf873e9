package pelluna.core.introduction;

import pelluna.core.catalogue.Stance;
import pelluna.core.units.Named;
import pelluna.core.units.Step;

/**
 * How a newcomer goes in, by the tension it meets. Common practice; which step asks for which is Pelluna's judgement.
 */
public enum Method implements Named {
    STRAIGHT_IN("straight-in"),
    BOX_HOURS("box-hours"),
    BOX_DAYS("box-days"),
    ALL_AT_ONCE("all-at-once"),
    TIME_OUT("time-out"),
    GROUND_ANEW("ground-anew");

    private final String word;

    Method(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /**
     * @param together whether several parties go in as one arrival
     * @param box      whether the keeper wants the box in any case
     */
    public static Method against(Step tension, boolean together, boolean box) {
        if (together && !box) {
            return ALL_AT_ONCE;
        }
        if (box && tension != Step.SURGE) {
            return BOX_DAYS;
        }
        return switch (tension) {
            case CALM -> STRAIGHT_IN;
            case RIPPLE -> BOX_HOURS;
            case CHOP -> BOX_DAYS;
            case SURGE -> TIME_OUT;
        };
    }

    /**
     * Days to plan for the box, or for rivals to be out: one to two weeks. Common practice; the box gate decides on
     * the day.
     */
    public int boxDays(Stance stance) {
        return switch (this) {
            case STRAIGHT_IN, BOX_HOURS, ALL_AT_ONCE -> 0;
            case BOX_DAYS -> stance == Stance.CAUTIOUS ? 14 : 7;
            case TIME_OUT -> 14;
            case GROUND_ANEW -> stance == Stance.CAUTIOUS ? 14 : stance == Stance.CUSTOMARY ? 10 : 7;
        };
    }
}
