package pelluna.core.catalogue;

import pelluna.core.units.Named;

/**
 * What keepers make of copper in quarantine for a fish. Common practice; the label and a vet decide, and Pelluna names
 * no dose.
 */
public enum Copper implements Named {
    /** Everybody who uses copper uses it here. */
    TOLERATES("tolerates"),
    /** Two schools: treated like all others, the level raised slowly and tested; or watched without it. */
    DISPUTED("disputed"),
    /** Few treat it at all. */
    SENSITIVE("sensitive");

    private final String word;

    Copper(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
