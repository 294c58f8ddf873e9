package pelluna.core.plan;

/** A plan that cannot be read: which field, what was found, what was expected. */
public class PlanException extends IllegalArgumentException {
    private final String field;
    private final String found;
    private final String expected;

    public PlanException(String field, String found, String expected) {
        super(field + ": found " + found + "; expected " + expected);
        this.field = field;
        this.found = found;
        this.expected = expected;
    }

    public String field() {
        return field;
    }

    public String found() {
        return found;
    }

    public String expected() {
        return expected;
    }
}
