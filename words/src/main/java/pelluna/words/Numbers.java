package pelluna.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormatSymbols;
import java.text.NumberFormat;
import java.util.Locale;
import pelluna.core.units.Rounding;

/** How a language writes numbers, and reads them: with its own sign before the decimals. */
final class Numbers {
    private final char decimal;
    private final Locale like;

    Numbers(Locale like) {
        this.like = like;
        decimal = DecimalFormatSymbols.getInstance(like).getDecimalSeparator();
    }

    /** Without needless zeros, at most three decimals: '12', '4.5'; in German '4,5'. */
    String text(double value) {
        return Rounding.text(value).replace('.', decimal);
    }

    /** With a sign between thousands. */
    String grouped(long value) {
        return NumberFormat.getIntegerInstance(like).format(value);
    }

    /** With exactly so many decimals: '4.50'. */
    String fixed(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString()
                .replace('.', decimal);
    }
}
