package pelluna.app.shell;

import java.util.function.Function;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;

/** A price or another small figure as somebody types it: up to six digits, at most two behind a point or comma. */
public final class TypedFigure {
    private TypedFigure() {}

    /** @return null if nothing is typed; @throws Refused beside its field, for what is no price */
    public static Double price(String field, String typed) {
        return read(field, typed, ShellRefusal.NoPrice::new);
    }

    /** @return null if nothing is typed; @throws Refused beside its field, for what is no size */
    public static Double size(String field, String typed) {
        return read(field, typed, ShellRefusal.NoSize::new);
    }

    private static Double read(String field, String typed, Function<String, Refusal> otherwise) {
        String t = typed.strip().replace(',', '.');
        if (!t.isEmpty() && !t.matches("\\d{1,6}(\\.\\d{1,2})?")) {
            throw new Refused(field, otherwise.apply(typed.strip()));
        }
        return t.isEmpty() ? null : Double.valueOf(t);
    }
}
