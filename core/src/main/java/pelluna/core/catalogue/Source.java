package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** Where a fact comes from; the code that stands behind every fact in the catalogue. */
public enum Source implements Named {
    PUBLISHED("p", "published"),
    COMMON_PRACTICE("cp", "common practice"),
    MEMORY("m", "from memory"),
    JUDGEMENT("pj", "Pelluna's judgement"),
    /** Not in the files that ship: one keeper's own word, for that keeper alone. */
    KEEPER("own", "your own word");

    private final String code;
    private final String words;

    Source(String code, String words) {
        this.code = code;
        this.words = words;
    }

    @Override
    public String word() {
        return code;
    }

    public String words() {
        return words;
    }
}
