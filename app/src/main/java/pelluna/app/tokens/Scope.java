package pelluna.app.tokens;

import java.util.Arrays;
import java.util.List;
import pelluna.core.units.Named;
import pelluna.core.units.Statement;

/** What a program may do for its keeper; each may do what stands before it too. */
public enum Scope implements Named, Statement {
    READ("read"),
    /** What somebody writes down who minds the tank for a while. */
    LOG("log"),
    WRITE("write");

    private static final String AUTHORITY = "SCOPE_";

    private final String word;

    Scope(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** As Spring Security knows it. */
    public String authority() {
        return AUTHORITY + word;
    }

    /** All that who has this one may do. */
    List<String> authorities() {
        return Arrays.stream(values())
                .filter(s -> s.compareTo(this) <= 0)
                .map(Scope::authority)
                .toList();
    }
}
