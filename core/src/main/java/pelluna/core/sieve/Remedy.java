package pelluna.core.sieve;

/**
 * What would have to change. Remedies with one key fold into one, the one that asks for most.
 *
 * @param amount how much it asks for, to fold remedies of one key; 0 where there is no more or less
 * @param text   a condition that completes 'fits if …', or a sentence for a tank that this one is not
 */
public record Remedy(Kind kind, String key, double amount, String text) {
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

    public static Remedy change(String key, String text) {
        return new Remedy(Kind.CHANGE, key, 0, text);
    }

    public static Remedy wait(String key, String text) {
        return new Remedy(Kind.WAIT, key, 0, text);
    }

    public static Remedy otherTank(String key, double amount, String text) {
        return new Remedy(Kind.OTHER_TANK, key, amount, text);
    }

    public static Remedy none(String key, String text) {
        return new Remedy(Kind.NONE, key, 0, text);
    }

    public boolean inReach() {
        return kind == Kind.CHANGE || kind == Kind.WAIT;
    }
}
