package pelluna.core.tank;

import pelluna.core.units.Named;

/** How many small crustaceans live in the rock and the refuge. */
public enum Pods implements Named {
    NONE,
    SOME,
    PLENTY;

    @Override
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
