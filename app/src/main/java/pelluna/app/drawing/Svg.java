package pelluna.app.drawing;

import java.util.Arrays;

/** Writes SVG markup: numbers short, text escaped, colours by class so that day and night can differ. */
public final class Svg {
    private static final long PARTS = 10_000;
    /** Larger numbers than this stand in no drawing. */
    private static final double PLAIN = 1e12;

    private final StringBuilder out = new StringBuilder();

    /** Raw markup from another drawing. */
    public Svg add(String markup) {
        out.append(markup);
        return this;
    }

    /** An element with attributes in pairs; numbers are rounded to what a screen shows. */
    public Svg el(String name, Object... attributes) {
        open(name, attributes);
        out.append("</").append(name).append('>');
        return this;
    }

    public Svg open(String name, Object... attributes) {
        out.append('<').append(name);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(value instanceof Number n ? num(n.doubleValue()) : escape(value.toString()))
                    .append('"');
        }
        out.append('>');
        return this;
    }

    /** An element of words. */
    public Svg words(String name, String text, Object... attributes) {
        open(name, attributes);
        out.append(escape(text));
        return close(name);
    }

    public Svg close(String name) {
        out.append("</").append(name).append('>');
        return this;
    }

    /** About how wide a text is at a height of letters. */
    public static double wide(String text, double px) {
        return 0.53
                * px
                * text.codePoints()
                        .filter(Character::isDefined)
                        .filter(c -> !Character.isIdentifierIgnorable(c))
                        .count();
    }

    /** A text in a room: pressed together where it would be wider. */
    public Svg fitted(double x, double y, double room, String text, double px, Object... attributes) {
        if (wide(text, px) <= room) {
            return text(x, y, text, attributes);
        }
        Object[] all = Arrays.copyOf(attributes, attributes.length + 4);
        all[attributes.length] = "textLength";
        all[attributes.length + 1] = room;
        all[attributes.length + 2] = "lengthAdjust";
        all[attributes.length + 3] = "spacingAndGlyphs";
        return text(x, y, text, all);
    }

    public Svg text(double x, double y, String text, Object... attributes) {
        Object[] all = new Object[attributes.length + 4];
        all[0] = "x";
        all[1] = x;
        all[2] = "y";
        all[3] = y;
        System.arraycopy(attributes, 0, all, 4, attributes.length);
        return words("text", text, all);
    }

    /**
     * Four decimals at the most, without needless zeros; drawings ask for thousands of them a page, so nothing is
     * formatted by pattern.
     */
    public static String num(double value) {
        if (!(Math.abs(value) < PLAIN)) {
            return Double.toString(value);
        }
        long parts = Math.round(Math.abs(value) * PARTS);
        StringBuilder text =
                new StringBuilder().append(value < 0 && parts > 0 ? "-" : "").append(parts / PARTS);
        long rest = parts % PARTS;
        if (rest > 0) {
            String decimals = Long.toString(PARTS + rest).substring(1);
            int end = decimals.length();
            while (decimals.charAt(end - 1) == '0') {
                end--;
            }
            text.append('.').append(decimals, 0, end);
        }
        return text.toString();
    }

    public static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
