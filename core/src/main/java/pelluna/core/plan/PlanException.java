package pelluna.core.plan;

import pelluna.core.units.Statement;

/** A plan that cannot be read: which field, what was found, what was expected. */
public class PlanException extends IllegalArgumentException {
    private final String field;
    private final transient Statement found;
    private final transient Statement expected;

    public PlanException(String field, Statement found, Statement expected) {
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
