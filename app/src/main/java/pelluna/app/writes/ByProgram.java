package pelluna.app.writes;

import jakarta.servlet.ServletRequest;

/** Requests of a program: it reads no page, and speaks English and metric whatever its keeper reads. */
public final class ByProgram {
    /** The header by which a form says that it is the same write. */
    public static final String KEY = WriteKeys.HEADER;

    private static final String MARK = ByProgram.class.getName();

    private ByProgram() {}

    /** From here on. */
    public static void mark(ServletRequest request) {
        request.setAttribute(MARK, true);
    }

    public static boolean is(ServletRequest request) {
        return request.getAttribute(MARK) != null;
    }
}
