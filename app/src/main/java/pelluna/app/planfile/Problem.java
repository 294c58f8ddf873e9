package pelluna.app.planfile;

/** What is wrong with a plan: which field (as a path such as tank.lengthCm), what was found, what was expected. */
public record Problem(String field, String found, String expected) {
    @Override
    public String toString() {
        return (field.isEmpty() ? "the file" : field) + ": found " + found + "; expected " + expected;
    }
}
