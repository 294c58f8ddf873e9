package pelluna.core.sieve;

import pelluna.core.units.Named;

/** What a rule asks for or finds where that is no number, by its word in the open formats. */
public enum Wanted implements Named {
    MESH_OR_SOLID("mesh or solid"),
    DAILY("daily"),
    NONE("none"),
    NONE_KEPT("none kept"),
    CARE("care"),
    QUARANTINE("quarantine"),
    YOUR_CHOICE("your choice"),
    WITHOUT_COPPER("without copper"),
    SAID("said"),
    NOT_EATEN("not eaten"),
    NOT_TOGETHER("not together"),
    CALM_FEEDERS("calm feeders"),
    ROOM_LEFT("room left");

    private final String word;

    Wanted(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
