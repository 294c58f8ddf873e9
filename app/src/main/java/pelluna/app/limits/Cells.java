package pelluna.app.limits;

/**
 * Cells of a table that goes out: what a spreadsheet would take for a formula is marked as text, and read back without
 * the mark.
 */
public final class Cells {
    private static final String FORMULA = "=+-@\t\r\uff1d\uff0b\uff0d\uff20";
    private static final char MARK = '\'';

    private Cells() {}

    /** A cell as it is written; figures stay figures. */
    public static Object written(Object value) {
        return value == null ? "" : value instanceof String text && formula(text) ? MARK + text : value;
    }

    /** A cell as it was before it was written. */
    public static String read(String cell) {
        return cell.length() > 1 && cell.charAt(0) == MARK && formula(cell.substring(1)) ? cell.substring(1) : cell;
    }

    private static boolean formula(String text) {
        String begins = text.stripLeading();
        boolean sign = !text.isEmpty()
                && (FORMULA.indexOf(text.charAt(0)) >= 0
                        || !begins.isEmpty() && FORMULA.indexOf(begins.charAt(0)) >= 0);
        return sign && !text.matches("-?\\d+(\\.\\d+)?");
    }
}
