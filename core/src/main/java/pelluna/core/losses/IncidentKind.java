package pelluna.core.losses;

import pelluna.core.units.Named;

/** What kind of incident somebody looks back on. */
public enum IncidentKind implements Named {
    CRASH("crash", "a crash"),
    FIGHT("fight", "a fight"),
    OUTBREAK("outbreak", "an outbreak"),
    LOSS("loss", "a loss");

    private final String word;
    private final String plain;

    IncidentKind(String word, String plain) {
        this.word = word;
        this.plain = plain;
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

    public String plain() {
        return plain;
    }
}
