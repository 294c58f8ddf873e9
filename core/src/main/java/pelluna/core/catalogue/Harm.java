package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What a fish does to one kind of other life, in four steps. */
public enum Harm implements Named {
    LEAVES_ALONE("leaves alone"),
    KNOWN("known"),
    OFTEN("often"),
    EXPECT("expect");

    private final String word;

    Harm(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
