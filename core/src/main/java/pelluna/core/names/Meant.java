package pelluna.core.names;

import pelluna.core.catalogue.Species;

/**
 * One species that a typed name may mean.
 *
 * @param as the name of it that was recognised, as it is written
 */
public record Meant(Species species, Grade grade, String as) {
    /** How it was recognised, surest first. */
    public enum Grade {
        /** By its accepted scientific name or a former one. */
        SCIENTIFIC,
        /** By the name that Pelluna calls it. */
        OWN_NAME,
        /** By another whole common or local name. */
        OTHER_NAME,
        /** Every word begins a word of one of its names. */
        WORDS_OF_A_NAME,
        /** By a word for its group, alone or beside words of its names. */
        GROUP,
        /** After a slip of the keyboard was put right. */
        MISSPELT,
        /** Nearest of all, though not near. */
        NEAREST
    }
}
