package pelluna.core.sieve;

/**
 * What would have to change. Remedies with one key fold into one, the one that asks for most.
 *
 * @param amount how much it asks for, to fold remedies of one key; 0 where there is no more or less
 * @param condition what would have to be so
 */
public record Remedy(Kind kind, String key, double amount, Condition condition) {
    /** Whether the keeper can do it in this tank. */
    public enum Kind {
        /** A change of equipment, feeding, order or company. */
        CHANGE,
        /** Waiting. */
        WAIT,
        /** Only another tank. */
        OTHER_TANK,
        /** Nothing in reach. */
        NONE
    }

    public static Remedy change(String key, Condition condition) {
        return new Remedy(Kind.CHANGE, key, 0, condition);
    }

    public static Remedy wait(String key, Condition condition) {
        return new Remedy(Kind.WAIT, key, 0, condition);
    }

    public static Remedy otherTank(String key, double amount, Condition condition) {
        return new Remedy(Kind.OTHER_TANK, key, amount, condition);
    }

    public static Remedy none(String key, Condition condition) {
        return new Remedy(Kind.NONE, key, 0, condition);
    }

    public boolean inReach() {
        return kind == Kind.CHANGE || kind == Kind.WAIT;
    }
}
