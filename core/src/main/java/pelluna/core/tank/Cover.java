package pelluna.core.tank;

import pelluna.core.units.Named;

/** What is on top of the tank, from nothing to a closed lid. */
public enum Cover implements Named {
    NONE,
    PARTIAL,
    MESH,
    SOLID;

    @Override
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
