package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** How quickly a fish takes food that drifts by; the slow ones starve beside the quick ones. */
public enum Pace implements Named {
    SLOW("slow"),
    NORMAL("normal"),
    QUICK("quick");

    private final String word;

    Pace(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
