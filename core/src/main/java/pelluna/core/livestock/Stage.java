package pelluna.core.livestock;

import pelluna.core.units.Named;

/** Where a fish, pair or group stands on its way from a wish to its end. */
public enum Stage implements Named {
    /** Seen in a shop and slept on: in no list of the plan yet. */
    SLEPT_ON("slept-on"),
    WISHED("wished"),
    /** At home, in a place of quarantine, and still to come into the tank. */
    QUARANTINE("quarantine"),
    /** In the see-through box, and still to come into the tank. */
    BOX("box"),
    DISPLAY("display"),
    /** Lived in the tank already, and is in the see-through box again. */
    BACK_IN_BOX("back-in-box"),
    TIME_OUT("time-out"),
    MISSING("missing"),
    /** Kept apart from the tank, and in no list of its plan. */
    APART("apart"),
    /** Taken off the plan, as if it were not; may be put back. */
    DROPPED("dropped"),
    /** Lost, or gone elsewhere. */
    GONE("gone");

    private final String word;

    Stage(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** Whether the plan has it among its wishes. */
    public boolean wish() {
        return this == WISHED || this == QUARANTINE || this == BOX;
    }

    /** Whether the plan has it among its residents. */
    public boolean resident() {
        return this == DISPLAY || this == BACK_IN_BOX || this == TIME_OUT || this == MISSING;
    }

    public boolean boxed() {
        return this == BOX || this == BACK_IN_BOX;
    }

    /** Whether it is in the tank or its box, or missing from it. */
    public boolean there() {
        return boxed() || this == DISPLAY || this == MISSING;
    }

    /** Whether it is away from the tank for a while. */
    public boolean away() {
        return this == TIME_OUT || this == APART;
    }

    /** Whether its keeper has it: it is in the box, in the tank, or away from it for a while. */
    public boolean kept() {
        return there() || away();
    }

    public boolean over() {
        return this == DROPPED || this == GONE;
    }
}
