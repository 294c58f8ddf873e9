package pelluna.core.losses;

import pelluna.core.units.Named;

/** What kind of incident somebody looks back on. */
public enum IncidentKind implements Named {
    CRASH("crash"),
    FIGHT("fight"),
    OUTBREAK("outbreak"),
    LOSS("loss");

    private final String word;

    IncidentKind(String word) {
        this.word = word;
    }

    /** As the cause of a loss has it. */
    public static IncidentKind of(Cause cause) {
        return switch (cause) {
            case WATER, EQUIPMENT -> CRASH;
            case KILLED, EATEN -> FIGHT;
            case DISEASE -> OUTBREAK;
            default -> LOSS;
        };
    }

    @Override
    public String word() {
        return word;
    }
}
