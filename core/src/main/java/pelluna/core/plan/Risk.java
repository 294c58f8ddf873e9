package pelluna.core.plan;

import pelluna.core.units.Named;

/** How a keeper takes a wish that Pelluna refuses all the same, at one's own risk. */
public enum Risk implements Named {
    /** Not taken unless it fits. */
    NONE("none"),
    /** In the see-through box until nobody goes for it; the gate says when. */
    BOX("box-and-gate"),
    /** Its rivals out for a while, rock moved, all back on one day together. */
    ANEW("ground-anew");

    private final String word;

    Risk(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    public boolean taken() {
        return this != NONE;
    }
}
