package pelluna.core.plan;

import pelluna.core.units.Named;

/** How a keeper takes a wish that Pelluna refuses all the same, at one's own risk. */
public enum Risk implements Named {
    /** Not taken unless it fits. */
    NONE("none", "not taken"),
    /** In the see-through box until nobody goes for it; the gate says when. */
    BOX("box-and-gate", "by box and gate"),
    /** Its rivals out for a while, rock moved, all back on one day together. */
    ANEW("ground-anew", "by dealing the ground anew");

    private final String word;
    private final String plain;

    Risk(String word, String plain) {
        this.word = word;
        this.plain = plain;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    public boolean taken() {
        return this != NONE;
    }
}
