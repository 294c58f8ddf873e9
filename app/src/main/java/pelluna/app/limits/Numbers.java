package pelluna.app.limits;

/** Numbers as somebody types them: digits with a point or comma. No infinities, no 'not a number', no hexadecimals. */
public final class Numbers {
    /** Nothing in or around a tank is counted or measured beyond this. */
    private static final double MOST = 1e12;

    private Numbers() {}

    /** @throws NumberFormatException for anything else */
    public static double finite(String typed) {
        String text = typed.strip().replace(',', '.');
        double value = text.matches("[+-]?(\\d{1,30}(\\.\\d{0,30})?|\\.\\d{1,30})(?:[eE][+-]?\\d{1,3})?")
                ? Double.parseDouble(text)
                : Double.NaN;
        if (!(Math.abs(value) <= MOST)) {
            throw new NumberFormatException("no number");
        }
        return value;
    }

    /** @throws NumberFormatException for anything but a whole number of at most nine digits */
    public static int whole(String typed) {
        if (!typed.strip().matches("[+-]?\\d{1,9}")) {
            throw new NumberFormatException("no whole number");
        }
        return Integer.parseInt(typed.strip());
    }

    /** @return null for nothing; @throws NumberFormatException for anything but the number of a row */
    public static Long row(String typed) {
        if (!typed.isBlank() && !typed.strip().matches("\\d{1,18}")) {
            throw new NumberFormatException("no row");
        }
        return typed.isBlank() ? null : Long.valueOf(typed.strip());
    }
}
