package pelluna.core.tank;

/** A tank whose figures cannot be true together. Says which field, what was found and what was expected. */
public final class ImpossibleTankException extends IllegalArgumentException {
    private final String field;
    private final String found;
    private final String expected;

    public ImpossibleTankException(String field, String found, String expected) {
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
