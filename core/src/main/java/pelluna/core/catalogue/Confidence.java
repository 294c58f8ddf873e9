package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How much weight a fact bears, whatever its source. Pelluna's judgement, fact by fact. */
public enum Confidence implements Named {
    /** Nobody who keeps the fish would say otherwise. */
    FIRM("!", "firm"),
    /** Most would agree; a figure may be off by a little. */
    FAIR("", "fair"),
    /** Little known or seldom kept: check it before you rely on it. */
    SHAKY("?", "shaky");

    private final String mark;
    private final String word;

    Confidence(String mark, String word) {
        this.mark = mark;
        this.word = word;
    }

    /** The mark behind a source code in a catalogue file: '!', nothing, or '?'. */
    public String mark() {
        return mark;
    }

    @Override
    public String word() {
        return word;
    }
}
