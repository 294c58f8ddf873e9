package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** Where a fact comes from; the code that stands behind every fact in the catalogue. */
public enum Source implements Named {
    PUBLISHED("p"),
    COMMON_PRACTICE("cp"),
    MEMORY("m"),
    JUDGEMENT("pj"),
    /** Not in the files that ship: one keeper's own word, for that keeper alone. */
    KEEPER("own");

    private final String code;

    Source(String code) {
        this.code = code;
    }

    @Override
    public String word() {
        return code;
    }
}
