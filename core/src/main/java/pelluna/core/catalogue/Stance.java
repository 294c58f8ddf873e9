package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** Where practitioners disagree, which school the numbers come from. */
public enum Stance implements Named {
    CAUTIOUS,
    CUSTOMARY,
    BOLD;

    @Override
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
