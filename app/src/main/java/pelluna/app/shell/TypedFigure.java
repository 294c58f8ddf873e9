package pelluna.app.shell;

import pelluna.app.limits.Refused;

/** A price or another small figure as somebody types it: up to six digits, at most two behind a point or comma. */
public final class TypedFigure {
    private TypedFigure() {}

    /**
     * @param what it should be, such as 'price'
     * @return null if nothing is typed
     * @throws Refused beside its field, for what is no figure
     */
    public static Double read(String typed, String what) {
        return read(typed, what, what);
    }

    /** @param field the name of the field that it was typed in */
    public static Double read(String typed, String what, String field) {
        String t = typed.strip().replace(',', '.');
        if (!t.isEmpty() && !t.matches("\\d{1,6}(\\.\\d{1,2})?")) {
            throw new Refused(field, "'" + typed.strip() + "' is no " + what + "; give a figure such as 45.50.");
        }
        return t.isEmpty() ? null : Double.valueOf(t);
    }
}
