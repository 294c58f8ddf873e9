package pelluna.core.tank;

import pelluna.core.units.Statement;

/** A tank whose figures cannot be true together. Says which field, what was found and what was expected. */
public final class ImpossibleTankException extends IllegalArgumentException {
    private final String field;
    private final transient Statement found;
    private final transient Statement expected;

    public ImpossibleTankException(String field, Statement found, Statement expected) {
        super(field + ": " + found + ", " + expected);
        this.field = field;
        this.found = found;
        this.expected = expected;
    }

    public String field() {
        return field;
    }

    public Statement found() {
        return found;
    }

    public Statement expected() {
        return expected;
    }
}
