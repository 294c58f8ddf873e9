package pelluna.app.limits;

/** Numbers as somebody types them: digits with a point or comma. No infinities, no 'not a number', no powers or hexadecimals. */
public final class Numbers {
    private Numbers() { }

    /** @throws NumberFormatException for anything else */
    public static double finite(String typed) {
        String text = typed.strip().replace(',', '.');
        if (!text.matches("[+-]?(\\d{1,15}(\\.\\d{0,20})?|\\.\\d{1,20})(?:[eE]-\\d{1,3})?")) {
            throw new NumberFormatException("no number");
        }
        return Double.parseDouble(text);
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
